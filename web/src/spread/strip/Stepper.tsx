import { Button } from '../../shared/ui/Button'
import { TypedField } from '../../shared/ui/TypedField'
import { fromSi, toSi } from '../../units/model'
import { useUnits, type Figure } from '../../units/UnitsContext'

/** Value with its unit, minus and plus, typed or stepped. */
export function Stepper({
  label,
  figure,
  si,
  step,
  onSet,
  range,
}: {
  label: string
  figure: Figure
  si: number
  /** In the reader's unit. */
  step: number
  onSet(si: number): void
  range: { least: number; most: number }
}) {
  const units = useUnits()
  const unit = units.unit(figure)
  const nudge = (by: number) => {
    const next = toSi(Math.round((fromSi(si, unit) + by) * 1000) / 1000, unit)
    onSet(Math.min(range.most, Math.max(range.least, next)))
  }
  const typed = (text: string): string | null => {
    const read = units.read(figure, text)
    if (read === null)
      return `That is not a ${label.toLowerCase()} we can read. Type a number and a unit, such as ${units.say(figure, si)}.`
    if (read < range.least || read > range.most)
      return `${label} is ${units.say(figure, read)}. Use ${units.say(figure, range.least)} to ${units.say(figure, range.most)}.`
    onSet(read)
    return null
  }
  return (
    <div className="flex items-center gap-1.5">
      <TypedField
        label={label}
        value={units.figure(figure, si)}
        onCommit={typed}
        size={4}
        className="h-11 text-2xl"
      />
      <span className="font-mono">{unit.symbol}</span>
      <Button
        aria-label={`${label}, less`}
        className="w-11 text-xl leading-none"
        onClick={() => nudge(-step)}
      >
        −
      </Button>
      <Button aria-label={`${label}, more`} className="w-11 text-xl leading-none" onClick={() => nudge(step)}>
        +
      </Button>
    </div>
  )
}
