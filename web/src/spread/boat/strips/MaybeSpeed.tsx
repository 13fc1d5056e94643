import { Button } from '../../../shared/ui/Button'
import { Field } from '../../../shared/ui/Field'
import { QuantityField } from '../../../shared/ui/QuantityField'

/** A speed that nobody may have told: a button until it is. */
export function MaybeSpeed({
  label,
  name,
  unset,
  si,
  begins,
  range,
  onSet,
}: {
  label: string
  name: string
  /** What holds until it is told. */
  unset: string
  si: number | undefined
  begins: number
  range: { least: number; most: number }
  onSet(mps: number): void
}) {
  return (
    <Field label={label}>
      {si === undefined ? (
        <Button small className="h-11" onClick={() => onSet(begins)}>
          {unset}
        </Button>
      ) : (
        <QuantityField label={name} what="a speed" figure="speed" {...{ si, range, onSet }} />
      )}
    </Field>
  )
}
