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
  onClear,
  size = 7,
  className = 'h-11',
}: {
  label: string
  /** What the refusal asks for, such as `a length`. */
  what: string
  figure: Figure
  /** Nothing where nothing is known. */
  si: number | undefined
  range: { least: number; most: number }
  onSet(si: number): void
  /** Where it need not be known: the field was emptied. */
  onClear?(): void
  size?: number
  className?: string
}) {
  const units = useUnits()
  const typed = (text: string): string | null => {
    if (onClear && text.trim() === '') {
      onClear()
      return null
    }
    const read = units.read(figure, text)
    if (read === null || read < range.least || read > range.most)
      return `Type ${what} from ${units.say(figure, range.least)} to ${units.say(figure, range.most)}${onClear ? ', or nothing' : ''}.`
    onSet(read)
    return null
  }
  return (
    <TypedField
      label={label}
      value={si === undefined ? '' : units.say(figure, si)}
      onCommit={typed}
      size={size}
      className={className}
    />
  )
}
