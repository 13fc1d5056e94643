import { printPosition, readPosition, type Position } from '../../units/position'
import { Field } from './Field'
import { TypedField } from './TypedField'

/** A place typed in degrees, as people write them; what cannot be read stays typed and is kept as nothing. */
export function PositionField({
  label,
  at,
  onSet,
}: {
  label: string
  at: Position | null
  onSet(at: Position): void
}) {
  return (
    <Field label={label}>
      <TypedField
        label={label}
        value={at ? printPosition(at) : ''}
        size={26}
        className="h-11"
        onCommit={(typed) => {
          const read = readPosition(typed)
          if (!read) return 'Type latitude and longitude, such as 27 36.5 N, 47 18.2 W or 27.6083, -47.3033.'
          onSet(read)
          return null
        }}
      />
    </Field>
  )
}
