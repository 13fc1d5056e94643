import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Suspense, useCallback, useEffect, useMemo, useState } from 'react'
import { clockOf, dateAt, dayInWords } from '../../clock/model'
import type { Boat, BoatTitle } from '../../draft/queries'
import { ArmChart, hours } from '../../log/ArmChart'
import { Beside } from '../../log/Beside'
import { Conditions } from '../../log/Conditions'
import { Findings } from '../../log/Findings'
import { packed, readWhere, unpacked, withWhere } from '../../log/model'
import { logOf, strikesFile, type Log, type Question } from '../../log/queries'
import { StrikeList } from '../../log/StrikeList'
import { StrikeMap } from '../../log/StrikeMap'
import { YearGrid } from '../../log/YearGrid'
import { later } from '../../shared/later'
import { Button } from '../../shared/ui/Button'
import { Select } from '../../shared/ui/Select'
import { outbox } from '../../shared/outbox/outbox'
import { useAddress } from '../../shared/useAddress'
import { Frame } from '../Frame'
import { useTrip, type TripOfDay } from '../useTrip'
import { Waiting } from '../Waiting'
import { DayStory } from './DayStory'

const NotebookSheet = later(() => import('../../log/NotebookSheet').then((module) => module.NotebookSheet))

const GRID_PX = 240
/** Weeks that are taken around the one that was tapped. */
const AROUND = 1

/** What happened on all days, and what it proves. */
export function LogStation({ boat, boats }: { boat: Boat; boats: readonly BoatTitle[] }) {
  const [params, put] = useAddress()
  const trip = useTrip(boat)
  const day = trip.date
  const packedWhere = params.get('where')
  const where = useMemo(() => unpacked(packedWhere), [packedWhere])
  const packedBeside = params.get('beside')
  const beside = useMemo(() => (packedBeside === null ? null : unpacked(packedBeside)), [packedBeside])
  const asked = useQuery(logOf(boat.boatId, where, day, beside))
  const client = useQueryClient()
  // What is sent while one looks belongs to it.
  useEffect(
    () => outbox.onSent(() => void client.invalidateQueries({ queryKey: ['years', boat.boatId] })),
    [client, boat.boatId],
  )
  const setWhere = useCallback((next: readonly string[]) => put({ where: packed(next) }), [put])
  const [notebook, setNotebook] = useState(false)
  const log = asked.data
  if (!log) return <Waiting error={asked.error} />
  return (
    <Frame boat={boat} boats={boats} words={spanWords(log)}>
      <main
        className="flex min-h-0 flex-1 flex-col border-t-[3px] border-ink md:flex-row"
        aria-busy={asked.isPlaceholderData}
        data-testid="log"
      >
        {log.entries > 0 ? (
          <Standing
            {...{ boat, log, trip, where, setWhere }}
            beside={beside}
            onBeside={(other) => put({ beside: other === null ? null : (packed(other) ?? '') })}
            by={params.get('by')}
            onBy={(by) => put({ by })}
            onNotebook={() => setNotebook(true)}
          />
        ) : (
          <Nothing onNotebook={() => setNotebook(true)} />
        )}
      </main>
      <Suspense fallback={null}>
        {notebook && (
          <NotebookSheet
            boat={boat.boatId}
            when={(at) =>
              `${dayInWords(dateAt(Date.parse(at), boat.timeZone))}, ${clockOf(Date.parse(at), boat.timeZone)}`
            }
            onClose={() => setNotebook(false)}
          />
        )}
      </Suspense>
    </Frame>
  )
}

function spanWords({ firstDay, lastDay }: Log): string {
  if (!firstDay || !lastDay) return 'No day yet'
  const [first, last] = [firstDay.slice(0, 4), lastDay.slice(0, 4)]
  return first === last ? `Log of ${first}` : `Log of ${first} to ${last}`
}

function Nothing({ onNotebook }: { onNotebook(): void }) {
  return (
    <div className="max-w-prose p-6">
      <h1 className="mb-2 text-2xl font-bold">Nothing in the log yet</h1>
      <p>
        Set lines and report strikes on Underway, and they are here: what was taken in how much time, by every
        line, depth, hour and stream. The demo boat Slow Almanac has twenty invented years to look at.
      </p>
      <p className="mt-3">
        <Button onClick={onNotebook}>Take in a notebook…</Button>
      </p>
    </div>
  )
}

function Standing({
  boat,
  log,
  trip,
  where,
  setWhere,
  beside,
  onBeside,
  by,
  onBy,
  onNotebook,
}: {
  boat: Boat
  log: Log
  trip: TripOfDay
  where: readonly string[]
  setWhere(where: readonly string[]): void
  beside: readonly string[] | null
  onBeside(beside: readonly string[] | null): void
  /** Facet that the slice is told apart by. */
  by: string | null
  onBy(facet: string): void
  onNotebook(): void
}) {
  const weeks = where.map(readWhere).find(({ facet }) => facet === 'WEEK')
  const onWeeks = useCallback(
    (week: number | null) =>
      setWhere(
        withWhere(
          where,
          'WEEK',
          week === null
            ? null
            : { facet: 'WEEK', from: Math.max(1, week - AROUND), to: Math.min(54, week + AROUND + 1) },
        ),
      ),
    [setWhere, where],
  )
  const question = log.questions.find(({ facet }) => facet === by) ?? log.questions[0]
  return (
    <>
      <div className="flex min-w-0 flex-1 flex-col md:overflow-y-auto">
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
        <div className="flex flex-wrap items-center justify-between gap-2 border-y-[3px] border-ink px-4 py-2">
          <div className="flex flex-wrap items-center gap-1.5">
            <Conditions {...{ where, facets: log.facets }} onWhere={setWhere} />
            {beside === null && (
              <Button small onClick={() => onBeside(where)}>
                Set it beside another
              </Button>
            )}
          </div>
          <SumWords log={log} />
          <Beside {...{ log, beside, onBeside }} />
        </div>
        <div className="flex flex-1 max-md:flex-col">
          <section
            aria-label="Where the lure was"
            className="flex min-w-0 flex-1 flex-col bg-water md:border-r-[3px] md:border-ink"
          >
            <h2 className="flex justify-between px-4 pt-2 font-bold">
              Where the lure was{' '}
              <span className="font-normal text-slate">darker: more for the time · north up</span>
            </h2>
            <StrikeMap strikes={log.strikes} pieces={log.pieces} pieceM={log.pieceM} />
          </section>
          <section aria-label="What takes more" className="min-w-0 flex-1 px-4 py-2">
            {question ? (
              <TakesMore {...{ question, where, onBy }} questions={log.questions} onWhere={setWhere} />
            ) : (
              <p>Nothing in this slice was fished in two ways.</p>
            )}
          </section>
        </div>
        <DayStory boat={boat} trip={trip} />
        <details className="border-t-[3px] border-ink px-4 py-2">
          <summary className="min-h-11 cursor-pointer py-2 font-semibold">
            The {log.strikes.length === 1 ? 'strike' : `latest ${log.strikes.length} strikes`} in words
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
            <StrikeList strikes={log.strikes} clock={(at) => clockOf(Date.parse(at), boat.timeZone)} />
          </div>
        </details>
      </div>
      <aside
        aria-label="What it says"
        className="w-[300px] shrink-0 overflow-y-auto p-4 max-md:w-auto max-md:border-t-[3px] md:border-l-[3px] border-ink"
      >
        <Findings
          findings={log.findings}
          onShow={(shown) =>
            setWhere(
              shown.reduce((all, text) => withWhere(all, readWhere(text).facet, readWhere(text)), [...where]),
            )
          }
        />
        <p className="mt-4 text-sm text-slate">
          Odds allow for good days and bad ones: of what is said at 80 %, about eight in ten are true. What
          went along with it, such as the lure with its depth, is not taken out: narrow the slice to see.
        </p>
        <p className="mt-4">
          <Button small onClick={onNotebook}>
            Take in a notebook…
          </Button>
        </p>
      </aside>
    </>
  )
}

function SumWords({ log: { sum } }: { log: Log }) {
  return (
    <p className="text-lg font-semibold" role="status" data-testid="sum">
      {sum.strikes.toLocaleString('en')} {sum.strikes === 1 ? 'strike' : 'strikes'} in {hours(sum.minutes)}
      {sum.per100 !== undefined && (
        <span className="font-normal text-slate">
          {' '}
          {sum.per100.toPrecision(2)} in 100 minutes, {sum.low?.toPrecision(2)} to {sum.high?.toPrecision(2)}
        </span>
      )}
      {sum.strikes > 0 && (
        <span className="font-normal text-slate">
          ; {Math.round((100 * sum.landed) / sum.strikes)} % came in
        </span>
      )}
      {sum.untimed > 0 && (
        <span className="font-normal text-slate">; {sum.untimed} without a time fished</span>
      )}
    </p>
  )
}

function TakesMore({
  question,
  questions,
  where,
  onBy,
  onWhere,
}: {
  question: Question
  questions: readonly Question[]
  where: readonly string[]
  onBy(facet: string): void
  onWhere(where: readonly string[]): void
}) {
  return (
    <>
      <h2 className="mb-1 flex flex-wrap items-center gap-2 font-bold">
        <label htmlFor="told-apart">What takes more, by</label>
        <Select id="told-apart" value={question.facet} onChange={(event) => onBy(event.target.value)}>
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
          onWhere(where.includes(arm.where) ? next : [...next, arm.where])
        }}
      />
    </>
  )
}
