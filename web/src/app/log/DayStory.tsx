import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { Link } from 'react-router'
import { clockOf, dayInWords } from '../../clock/model'
import { dayOf } from '../../clock/queries'
import type { Boat } from '../../draft/queries'
import { storyOf } from '../../log/queries'
import { StoryRows } from '../../log/StoryRows'
import type { Fact } from '../../strikes/fold/model'
import { useDay, type Strike } from '../../strikes/useDay'
import { Select } from '../../shared/ui/Select'
import { useUnits, type Units } from '../../units/UnitsContext'
import { AfterDay } from './AfterDay'
import { waterOf } from './waterOf'
import { AsItRan } from './AsItRan'
import { sightingsOf, storyRows } from './storyRows'
import { Told } from './Told'
import { DayFiles } from './DayFiles'
import { DayPlace } from './DayPlace'
import type { TripOfDay } from '../useTrip'

const MARGIN_MS = 10 * 60_000
const MINUTE = 60_000
/** Said of a day, often long after it: no part of its hours. */
const SAID_LATER = new Set(['CORRECTED', 'RETRACTED', 'ANNOTATED', 'OPENED'])

/** One day out as it ran: every line over the hours, strikes and sightings, and how all stood at a moment. */
export function DayStory({ boat, trip }: { boat: Boat; trip: TripOfDay }) {
  const units = useUnits()
  const told = useDay(boat.boatId, trip.trip?.tripId)
  const { day, strikes, report } = told
  const named = useQuery({
    ...storyOf(boat.boatId, trip.trip?.tripId ?? '', day.standing.length),
    enabled: trip.trip !== undefined,
  }).data
  const sky = useQuery({ ...dayOf(trip.date, trip.place), enabled: trip.trip !== undefined }).data
  const seen = useMemo(() => placedOf(day.standing), [day.standing])
  if (trip.trips.length === 0) return null
  const zone = trip.place.timeZone
  const clock = (at: number) => clockOf(at, zone)
  const times = day.standing
    .filter(({ kind }) => !SAID_LATER.has(kind))
    .map(({ happenedAt }) => Date.parse(happenedAt))
  const span = { start: Math.min(...times) - MARGIN_MS, end: Math.max(...times) + MARGIN_MS }
  const at = Math.min(span.end, Math.max(span.start, trip.at))
  const nameOf = (lineId: string) => {
    const known = named?.find((one) => one.lineId === lineId)
    return known?.position ?? strikes.find((one) => one.lineId === lineId)?.label ?? 'a line'
  }
  const stationAt = (station: string) =>
    `/boats/${boat.boatId}/${station}${fishedAbout(strikes, at)}?trip=${trip.trip?.tripId ?? ''}&at=${minuteOf(at)}`
  return (
    <section aria-label="Day by day" className="border-t-[3px] border-ink px-4 py-2">
      <DayChooser trip={trip} />
      {times.length === 0 ? (
        <p className="py-2">{nothingWords(trip, day.takenBack.length)}</p>
      ) : (
        <>
          <StoryRows
            rows={storyRows(told, nameOf, span.end - MARGIN_MS)}
            {...{ span, at, clock }}
            water={sky ? waterOf(sky, span) : []}
            sightings={sightingsOf(day.standing)}
          />
          <input
            type="range"
            aria-label="Moment of the day"
            aria-valuetext={clock(at)}
            className="my-1 block h-11 w-full accent-moss"
            min={span.start}
            max={span.end}
            step={MINUTE}
            value={at}
            onChange={(event) => trip.setAt(Number(event.target.value))}
          />
          <p role="status" className="pb-2" data-testid="moment">
            <b className="font-mono">{clock(at)}</b> {momentWords(day.at(at), nameOf, units)}{' '}
            <ToldThen to={stationAt('spread')}>Add or mend a strike here</ToldThen>{' '}
            <ToldThen to={stationAt('deck')}>Tell something else that happened here</ToldThen>
          </p>
          <AsItRan
            boat={boat.boatId}
            trip={trip.trip?.tripId ?? ''}
            at={new Date(Math.floor(at / MINUTE) * MINUTE).toISOString()}
            facts={day.standing.length}
            isOut={(lineId) => day.at(at).lines.get(lineId)?.state === 'OUT'}
          />
          <DayPlace boat={boat.boatId} {...{ span, at, strikes }} seen={seen} />
        </>
      )}
      {trip.trip && <Told {...{ told, nameOf, clock }} />}
      {trip.trip && (
        <AfterDay
          {...{ boat, report }}
          trip={trip.trip.tripId}
          facts={day.standing.length}
          end={Math.max(...times)}
        />
      )}
      {trip.trip && <DayFiles boat={boat.boatId} trip={trip.trip.tripId} />}
    </section>
  )
}

function nothingWords(trip: TripOfDay, takenBack: number): string {
  if (!trip.trip) return 'No day out is chosen.'
  return takenBack > 0 ? 'Nothing that was told of that day still stands.' : 'Nothing was told of that day.'
}

function DayChooser({ trip }: { trip: TripOfDay }) {
  return (
    <h2 className="flex flex-wrap items-center gap-2 font-bold">
      <label htmlFor="day-out">Day by day</label>
      <Select
        id="day-out"
        className="max-w-full"
        value={trip.trip?.tripId ?? ''}
        onChange={(event) => trip.choose(event.target.value)}
      >
        {!trip.trip && <option value="">choose a day out</option>}
        {trip.trips.map(({ tripId, day: date, name }) => (
          <option key={tripId} value={tripId}>
            {dayInWords(date)}, {name}
          </option>
        ))}
      </Select>
    </h2>
  )
}

function ToldThen({ to, children }: { to: string; children: string }) {
  return (
    <Link className="inline-flex min-h-11 items-center underline underline-offset-4" to={to}>
      {children}
    </Link>
  )
}

/** Where things were seen, of those that say so. */
const placedOf = (standing: readonly Fact[]) =>
  standing.flatMap(({ kind, payload: { latitudeDeg, longitudeDeg } }) =>
    kind === 'SIGHTED' && typeof latitudeDeg === 'number' && typeof longitudeDeg === 'number'
      ? [{ latitudeDeg, longitudeDeg }]
      : [],
  )

/** The spread that was fished about then, by the nearest strike; nothing where none is known. */
function fishedAbout(strikes: readonly Strike[], at: number): string {
  const [nearest] = strikes
    .flatMap(({ happenedAt, figures }) =>
      figures?.spreadId ? [{ away: Math.abs(Date.parse(happenedAt) - at), id: figures.spreadId }] : [],
    )
    .sort((a, b) => a.away - b.away)
  return nearest ? `/${nearest.id}` : ''
}

const minuteOf = (at: number): string => `${new Date(at).toISOString().slice(0, 16)}Z`

type At = ReturnType<ReturnType<typeof useDay>['day']['at']>

function momentWords(at: At, nameOf: (lineId: string) => string, units: Units): string {
  const out = [...at.lines].filter(([, { state }]) => state === 'OUT')
  const on = [...at.lines].filter(([, { state }]) => state === 'FIGHTING')
  const lines = out.map(
    ([lineId, { letOutM }]) =>
      nameOf(lineId) + (letOutM === undefined ? '' : ` ${units.say('distance', letOutM)}`),
  )
  const bag = Object.entries(at.bag).map(([fish, count]) => `${count} ${fish}`)
  return [
    lines.length > 0 ? `Out: ${lines.join(', ')}.` : 'No line is out.',
    on.length > 0 ? `A fish on: ${on.map(([lineId]) => nameOf(lineId)).join(', ')}.` : '',
    bag.length > 0 ? `Kept so far: ${bag.join(', ')}.` : '',
  ]
    .filter(Boolean)
    .join(' ')
}
