import { Field } from '../shared/ui/Field'
import { TypedField } from '../shared/ui/TypedField'
import { nearest } from './clock'

/** When something happened, to be typed anew: the nearest moment that a clock shows so. */
export function TimeField({
  label,
  at,
  shown,
  onMoved,
}: {
  label: string
  /** In ms. */
  at: number
  /** What a clock shows then. */
  shown: string
  onMoved(at: number): void
}) {
  return (
    <Field label="Time">
      <TypedField
        label={label}
        value={shown}
        className="h-11"
        onCommit={(typed) => {
          const moved = nearest(at, shown, typed)
          if (moved === null) return 'Type the hour and the minute, such as 09:42.'
          onMoved(moved)
          return null
        }}
      />
    </Field>
  )
}
