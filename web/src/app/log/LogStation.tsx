import { useQueryClient } from '@tanstack/react-query'
import { Suspense, useState } from 'react'
import { Link, useLocation } from 'react-router'
import { clockOf, dateAt, dayInWords } from '../../clock/model'
import type { Boat, BoatTitle } from '../../draft/queries'
import { Findings } from '../../log/Findings'
import { readWhere, withWhere } from '../../log/model'
import type { Log } from '../../log/queries'
import { StrikeMap } from '../../log/StrikeMap'
import { later } from '../../shared/later'
import { Button } from '../../shared/ui/Button'
import { Frame } from '../Frame'
import { Waiting } from '../Waiting'
import { DayStory } from './DayStory'
import { heldOf } from './heldOf'
import { InWords, SliceBar, TakesMore, Years } from './SliceParts'
import { useSlice, type SliceState } from './useSlice'

const WeightsSheet = later(() => import('../../weights/WeightsSheet').then((module) => module.WeightsSheet))
const Pictures = later(() => import('../../log/pictures/Pictures').then((module) => module.Pictures))
const PaperSheet = later(() => import('../../log/PaperSheet').then((module) => module.PaperSheet))
const NotebookSheet = later(() => import('../../log/NotebookSheet').then((module) => module.NotebookSheet))

/** What happened on all days, and what it proves. */
export function LogStation({ boat, boats }: { boat: Boat; boats: readonly BoatTitle[] }) {
  const s = useSlice(boat)
  const [notebook, setNotebook] = useState(false)
  const { log } = s
  if (!log) return <Waiting error={s.error} />
  const when = (at: string) =>
    `${dayInWords(dateAt(Date.parse(at), boat.timeZone))}, ${clockOf(Date.parse(at), boat.timeZone)}`
  return (
    <Frame boat={boat} boats={boats} words={spanWords(log)}>
      <main
        className="flex min-h-0 flex-1 flex-col border-t-[3px] border-ink md:flex-row"
        aria-busy={s.old}
        data-testid="log"
      >
        {log.entries > 0 ? (
          <Standing {...{ boat, s, log }} onNotebook={() => setNotebook(true)} />
        ) : (
          <Nothing onNotebook={() => setNotebook(true)} onPaper={() => s.setSheet('paper')} />
        )}
      </main>
      <Suspense fallback={null}>
        {s.sheet === 'weights' && (
          <WeightsSheet boat={boat.boatId} when={when} onClose={() => s.setSheet(null)} />
        )}
        {s.sheet === 'paper' && <FromPaper boat={boat} s={s} />}
        {notebook && <NotebookSheet boat={boat.boatId} when={when} onClose={() => setNotebook(false)} />}
      </Suspense>
    </Frame>
  )
}

function FromPaper({ boat, s }: { boat: Boat; s: SliceState }) {
  const client = useQueryClient()
  return (
    <PaperSheet
      boat={boat.boatId}
      today={s.trip.date}
      clock={(at) => clockOf(Date.parse(at), boat.timeZone)}
      onKept={(tripId) => {
        void client.invalidateQueries({ predicate: ({ queryKey }) => queryKey[1] === boat.boatId })
        s.setSheet(null)
        s.trip.choose(tripId)
      }}
      onClose={() => s.setSheet(null)}
    />
  )
}

function spanWords({ firstDay, lastDay, entries }: Log): string {
  if (!firstDay || !lastDay) return entries > 0 ? 'Log without a year' : 'No day yet'
  const [first, last] = [firstDay.slice(0, 4), lastDay.slice(0, 4)]
  return first === last ? `Log of ${first}` : `Log of ${first} to ${last}`
}

function Nothing({ onNotebook, onPaper }: { onNotebook(): void; onPaper(): void }) {
  return (
    <div className="max-w-prose p-6">
      <h1 className="mb-2 text-2xl font-bold">Nothing in the log yet</h1>
      <p>
        Set lines and report strikes on Underway, and they are here: what was taken in how much time, by every
        line, depth, hour and stream. The demo boat Slow Almanac has twenty invented years to look at.
      </p>
      <p className="mt-3 flex flex-wrap gap-2">
        <Button onClick={onNotebook}>Take in a notebook…</Button>
        <Button onClick={onPaper}>Type in a day…</Button>
      </p>
    </div>
  )
}

function Standing({ boat, s, log, onNotebook }: { boat: Boat; s: SliceState; log: Log; onNotebook(): void }) {
  return (
    <>
      <div className="flex min-w-0 flex-1 flex-col md:overflow-y-auto">
        <Years {...{ s, log }} />
        <SliceBar {...{ s, log }} />
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
            <TakesMore {...{ s, log }} />
          </section>
        </div>
        <InPictures {...{ boat, s }} />
        <DayStory boat={boat} trip={s.trip} />
        <InWords boat={boat} where={s.where} log={log} />
      </div>
      <Says {...{ s, log, onNotebook }} />
    </>
  )
}

function InPictures({ boat, s: { where, pictures, setPictures } }: { boat: Boat; s: SliceState }) {
  const { search } = useLocation()
  return (
    <details
      className="border-t-[3px] border-ink px-4 py-2"
      open={pictures}
      onToggle={(event) => event.currentTarget.open !== pictures && setPictures(event.currentTarget.open)}
    >
      <summary className="min-h-11 cursor-pointer py-2 font-semibold">
        By hour, stream, depth and position in pictures
      </summary>
      {pictures && (
        <Suspense fallback={<p role="status">Drawing…</p>}>
          <p className="mb-3">
            <Link
              className="inline-flex min-h-11 items-center underline underline-offset-4"
              to={`/boats/${boat.boatId}/season${search}`}
            >
              All of this slice on one sheet, to print
            </Link>
          </p>
          <Pictures
            boat={boat.boatId}
            held={heldOf(boat)}
            lengthM={boat.lengthM}
            beamM={boat.beamM}
            where={where}
          />
        </Suspense>
      )}
    </details>
  )
}

function Says({
  s: { where, setWhere, setSheet },
  log,
  onNotebook,
}: {
  s: SliceState
  log: Log
  onNotebook(): void
}) {
  const narrowed = (all: string[], text: string) => withWhere(all, readWhere(text).facet, readWhere(text))
  return (
    <aside
      aria-label="What it says"
      className="w-[300px] shrink-0 overflow-y-auto border-ink p-4 max-md:w-auto max-md:border-t-[3px] md:border-l-[3px]"
    >
      <Findings findings={log.findings} onShow={(shown) => setWhere(shown.reduce(narrowed, [...where]))} />
      <p className="mt-4 text-sm text-slate">
        Odds allow for good days and bad ones: of what is said at 80 %, about eight in ten are true. What went
        along with it, such as the lure with its depth, is not taken out: narrow the slice to see.
      </p>
      <p className="mt-4 flex flex-wrap gap-2">
        <Button small onClick={() => setSheet('weights')}>
          What your days say of the call…
        </Button>
        <Button small onClick={onNotebook}>
          Take in a notebook…
        </Button>
        <Button small onClick={() => setSheet('paper')}>
          Type in a day…
        </Button>
      </p>
    </aside>
  )
}
