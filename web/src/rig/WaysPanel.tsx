import { useEffect, useState } from 'react'
import { Button } from '../shared/ui/Button'
import { useUnits } from '../units/UnitsContext'
import { asSentence, saySentence } from '../units/sentence'
import type { BenchLine, Side, Way } from './queries'

/** A disagreement of the trade: its question, its sides by name, and which the skipper takes. */
export interface School {
  school: string
  asks: string
  sides: readonly string[]
  taken: number
}

/** Both sides of what practitioners disagree on, with what each means for this line. */
export function WaysPanel({
  line,
  schools,
  onTake,
}: {
  line: BenchLine
  schools: readonly School[]
  onTake(school: string, side: number, by: Side): void
}) {
  return (
    <div className="grid gap-x-8 gap-y-3 md:grid-cols-2" data-testid="ways">
      {line.ways.map((way) => {
        const school = schools.find((one) => one.school === way.topic)
        return school && <WayRow key={way.topic} {...{ way, school, onTake }} />
      })}
    </div>
  )
}

function WayRow({
  way,
  school,
  onTake,
}: {
  way: Way
  school: School
  onTake(school: string, side: number, by: Side): void
}) {
  const units = useUnits()
  // Shown at once; what was kept is shown when it comes.
  const [picked, setPicked] = useState(school.taken)
  useEffect(() => setPicked(school.taken), [school.taken])
  return (
    <fieldset>
      <legend className="font-bold">{school.asks}</legend>
      {way.sides.map((side, at) => (
        <div key={school.sides[at]}>
          <label className="flex min-h-11 cursor-pointer items-start gap-2 py-1">
            <input
              type="radio"
              name={way.topic}
              className="mt-1 size-5 shrink-0 accent-ink"
              checked={picked === at}
              onChange={() => {
                setPicked(at)
                onTake(way.topic, at, side)
              }}
            />
            <span>
              <b className="font-semibold">{school.sides[at]}</b>
              <span className="block text-sm leading-snug text-slate">
                {asSentence(saySentence(side.text, units, 'UTC'))}
              </span>
            </span>
          </label>
          {picked === at && side.changes.length > 0 && (
            <Button small className="mb-1 ml-7" onClick={() => onTake(way.topic, at, side)}>
              Tie this line so
            </Button>
          )}
        </div>
      ))}
    </fieldset>
  )
}
