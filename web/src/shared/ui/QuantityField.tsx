import { useUnits, type Figure } from '../../units/UnitsContext'
import { TypedField } from './TypedField'

/** A figure typed with its unit, within a range; what is outside is refused with the range. */
export function QuantityField({
  label,
  what,
  figure,
  si,
  range,
  onSet,
  size = 7,
  className = 'h-11',
}: {
  label: string
  /** What the refusal asks for, such as `a length`. */
  what: string
  figure: Figure
  si: number
  range: { least: number; most: number }
  onSet(si: number): void
  size?: number
  className?: string
}) {
  const units = useUnits()
  const typed = (text: string): string | null => {
    const read = units.read(figure, text)
    if (read === null || read < range.least || read > range.most)
      return `Type ${what} from ${units.say(figure, range.least)} to ${units.say(figure, range.most)}.`
    onSet(read)
    return null
  }
  return (
    <TypedField
      label={label}
      value={units.say(figure, si)}
      onCommit={typed}
      size={size}
      className={className}
    />
  )
}
