import { useCallback } from 'react'
import { clockOf } from '../../clock/model'
import type { Boat } from '../../draft/queries'
import { ArmChart, hours } from '../../log/ArmChart'
import { Beside } from '../../log/Beside'
import { Conditions } from '../../log/Conditions'
import { readWhere, withWhere } from '../../log/model'
import { strikesFile, type Log } from '../../log/queries'
import { StrikeList } from '../../log/StrikeList'
import { YearGrid } from '../../log/YearGrid'
import { Button } from '../../shared/ui/Button'
import { Select } from '../../shared/ui/Select'
import type { SliceState } from './useSlice'

const GRID_PX = 240
/** Weeks that are taken around the one that was tapped. */
const AROUND = 1

interface Part {
  s: SliceState
  log: Log
}

export function Years({ s: { where, setWhere }, log }: Part) {
  const weeks = where.map(readWhere).find(({ facet }) => facet === 'WEEK')
  const onWeeks = useCallback(
    (week: number | null) => {
      const around = week !== null && {
        facet: 'WEEK',
        from: Math.max(1, week - AROUND),
        to: Math.min(54, week + AROUND + 1),
      }
      setWhere(withWhere(where, 'WEEK', around || null))
    },
    [setWhere, where],
  )
  return (
    <section aria-label="By year and week" className="bg-shade px-2 pt-2">
      <h2 className="px-2 font-bold">
        Strikes for the time fished, by year and week
        <span className="float-right font-normal text-slate max-md:float-none max-md:block">
          dot: rate · ring: fished, nothing · empty: not out
        </span>
      </h2>
      <YearGrid
        weeks={log.weeks}
        chosen={weeks && 'from' in weeks ? weeks : null}
        height={GRID_PX}
        onWeeks={onWeeks}
      />
    </section>
  )
}

/** What it is narrowed to, what it comes to, and what it is set beside. */
export function SliceBar({ s, log }: Part) {
  return (
    <div className="flex flex-wrap items-center justify-between gap-2 border-y-[3px] border-ink px-4 py-2">
      <div className="flex flex-wrap items-center gap-1.5">
        <Conditions where={s.where} facets={log.facets} onWhere={s.setWhere} />
        {s.beside === null && (
          <Button small onClick={() => s.setBeside(s.where)}>
            Set it beside another
          </Button>
        )}
      </div>
      <SumWords log={log} />
      <Beside log={log} beside={s.beside} onBeside={s.setBeside} />
    </div>
  )
}

/** What a slice comes to. */
export function SumWords({ log: { sum } }: { log: Log }) {
  // Where no time is known at all, those without one are all there are.
  const counted = sum.minutes > 0 ? sum.strikes : sum.strikes + sum.untimed
  return (
    <p className="text-lg font-semibold" role="status" data-testid="sum">
      {counted.toLocaleString('en')} {counted === 1 ? 'strike' : 'strikes'}
      {sum.minutes > 0 && ` in ${hours(sum.minutes)}`}
      {sum.per100 !== undefined && (
        <span className="font-normal text-slate">
          {' '}
          {sum.per100.toPrecision(2)} in 100 minutes, {sum.low?.toPrecision(2)} to {sum.high?.toPrecision(2)}
        </span>
      )}
      {sum.strikes > 0 && (
        <span className="font-normal text-slate">
          ; {Math.round((100 * sum.landed) / sum.strikes)} % came in
          {sum.landedLow !== undefined &&
            `, ${Math.round(100 * sum.landedLow)} to ${Math.round(100 * sum.landedHigh!)}`}
        </span>
      )}
      {sum.untimed > 0 && (
        <span className="font-normal text-slate">; {sum.untimed} without a time fished</span>
      )}
    </p>
  )
}

/** One question of the slice, whichever is chosen. */
export function TakesMore({ s: { where, setWhere, by, setBy }, log: { questions } }: Part) {
  const question = questions.find(({ facet }) => facet === by) ?? questions[0]
  if (!question) return <p>Nothing in this slice was fished in two ways.</p>
  return (
    <>
      <h2 className="mb-1 flex flex-wrap items-center gap-2 font-bold">
        <label htmlFor="told-apart">What takes more, by</label>
        <Select id="told-apart" value={question.facet} onChange={(event) => setBy(event.target.value)}>
          {questions.map(({ facet, words }) => (
            <option key={facet} value={facet}>
              {words}
            </option>
          ))}
        </Select>
      </h2>
      <ArmChart
        question={question}
        chosen={where}
        onChoose={(arm) => {
          const next = withWhere(where, question.facet, null)
          setWhere(where.includes(arm.where) ? next : [...next, arm.where])
        }}
      />
    </>
  )
}

/** The strikes in words, and all of them as a table. */
export function InWords({
  boat,
  where,
  log: { strikes },
}: {
  boat: Boat
  where: readonly string[]
  log: Log
}) {
  return (
    <details className="border-t-[3px] border-ink px-4 py-2">
      <summary className="min-h-11 cursor-pointer py-2 font-semibold">
        The {strikes.length === 1 ? 'strike' : `latest ${strikes.length} strikes`} in words
      </summary>
      <p className="mb-2">
        <a
          className="inline-flex min-h-11 items-center underline underline-offset-4"
          href={strikesFile(boat.boatId, where)}
          download
        >
          All strikes of this slice as a table
        </a>
      </p>
      <div className="overflow-x-auto">
        <StrikeList strikes={strikes} clock={(at) => clockOf(Date.parse(at), boat.timeZone)} />
      </div>
    </details>
  )
}
