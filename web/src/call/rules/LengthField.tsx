import { Button } from '../../shared/ui/Button'
import { QuantityField } from '../../shared/ui/QuantityField'

/** Of a fish that may be kept (m). */
const LENGTHS = { least: 0.05, most: 4 }
const TO_BEGIN_WITH_M = 0.5

/** A length that need not be there. */
export function LengthField({
  name,
  si,
  onSet,
}: {
  name: string
  si: number | undefined
  onSet(si: number | undefined): void
}) {
  if (si === undefined)
    return (
      <Button small onClick={() => onSet(TO_BEGIN_WITH_M)}>
        none
      </Button>
    )
  return (
    <span className="flex items-center">
      <QuantityField label={name} what="a length" figure="small" si={si} range={LENGTHS} onSet={onSet} />
      <Button small tone="quiet" aria-label={`${name}: none`} onClick={() => onSet(undefined)}>
        none
      </Button>
    </span>
  )
}
