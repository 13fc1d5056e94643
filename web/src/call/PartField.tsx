import { Button } from '../shared/ui/Button'
import { TypedField } from '../shared/ui/TypedField'
import { FIGURE_OF, useUnits, type Units } from '../units/UnitsContext'
import { readDirection } from '../units/direction'
import { sayFigure } from '../units/sentence'
import { partValue, withoutPart, withPart } from './answer'
import type { Answer, Part } from './queries'

/** One number of an answer, read in the reader's unit; what cannot be read stays typed, and emptied it is not known. */
export function PartField({
  part,
  answer,
  onAnswer,
}: {
  part: Part
  answer: Answer
  onAnswer(answer: Answer | null): void
}) {
  const units = useUnits()
  const print = (value: number) => sayFigure({ kind: part.figure, si: value }, units, 'UTC')
  const si = partValue(answer, part.key)
  const onSet = (value: number) => onAnswer(withPart(answer, part.key, value))
  const commit = (typed: string): string | null => {
    if (typed.trim() === '' && !part.needed) {
      const left = withoutPart(answer, part.key)
      onAnswer(Object.keys(left).length > 1 ? left : null)
      return null
    }
    const read = readPart(part, typed, units)
    const refused = refusal(part, answer, read, print)
    if (refused === null) onSet(read!)
    return refused
  }
  const nudge = (by: number) => onSet(Math.min(part.most, Math.max(part.least, (si ?? part.least) + by)))
  return (
    <label className="flex items-center justify-between gap-2">
      <span className="first-letter:uppercase">{part.words}</span>
      <span className="flex items-center gap-1">
        {part.figure === 'COUNT' && (
          <Button small aria-label="One fewer" onClick={() => nudge(-1)}>
            −
          </Button>
        )}
        <TypedField
          label={part.words}
          value={si === undefined ? '' : print(si)}
          onCommit={commit}
          size={8}
          className="h-11"
        />
        {part.figure === 'COUNT' && (
          <Button small aria-label="One more" onClick={() => nudge(1)}>
            +
          </Button>
        )}
      </span>
    </label>
  )
}

/** Why a number cannot be taken; null where it can. A range has its far end beyond its near one. */
function refusal(
  part: Part,
  answer: Answer,
  si: number | null,
  print: (si: number) => string,
): string | null {
  if (part.figure === 'COUNT' && si !== null && !Number.isInteger(si)) return 'Type a whole number.'
  if (si === null || si < part.least - 1e-9 || si > part.most + 1e-9)
    return `Type a value from ${print(part.least)} to ${print(part.most)}.`
  const { value, other } = answer
  if (part.key === 'OTHER' && value === undefined) return 'Type the one above first.'
  if (part.key === 'OTHER' && si <= value!) return `Type more than ${print(value!)}.`
  if (part.key === 'VALUE' && other !== undefined && si >= other)
    return `Type less than ${print(other)}, or the one below first.`
  return null
}

function readPart(part: Part, typed: string, units: Units): number | null {
  const figure = FIGURE_OF[part.figure]
  if (figure) return units.read(figure, typed)
  if (part.figure === 'ANGLE') return readDirection(typed)
  const value = plain(typed)
  return value === null || part.figure !== 'TEMPERATURE_STEP'
    ? value
    : value * units.unit('temperature').factor
}

const plain = (typed: string): number | null => {
  const text = typed
    .trim()
    .replace(',', '.')
    .replace(/\s*(°?[cfk]|°)$/i, '')
  return text === '' || !isFinite(+text) ? null : +text
}
