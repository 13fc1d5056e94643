import { clockOf } from '../clock/model'
import { Button } from '../shared/ui/Button'
import { Select } from '../shared/ui/Select'
import type { SolvedLine } from '../spread/queries'
import { DayList } from '../strikes/DayList'
import type { useStrikeReports } from './useStrikeReports'
import type { TripOfDay } from './useTrip'

/** The day's strikes beside the spread, and which day out it is. */
export function Strikes({
  reports,
  trip,
  lines,
}: {
  reports: ReturnType<typeof useStrikeReports>
  trip: TripOfDay
  lines: readonly SolvedLine[]
}) {
  const clock = (time: string) => clockOf(Date.parse(time), trip.place.timeZone)
  const inOrder = [...lines].sort((a, b) => a.label.localeCompare(b.label))
  if (!trip.trip)
    return (
      <section aria-label="Strikes" className="shrink-0 border-t border-ink/20 px-4 py-3">
        <p className="mb-2">No day out yet. Start one to log strikes.</p>
        <Button onClick={() => void trip.startToday()}>Start today</Button>
      </section>
    )
  return (
    <DayList
      title={trip.trip.name}
      lines={inOrder}
      strikes={reports.strikes}
      pending={reports.pending}
      onDiscard={reports.discard}
      when={trip.live ? 'now' : `at ${clockOf(trip.at, trip.place.timeZone)}`}
      clock={clock}
      onStrike={reports.strike}
      onLanded={reports.landed}
      onLost={reports.lost}
      onTakeBack={reports.takeBack}
      days={<Days trip={trip} />}
    />
  )
}

function Days({ trip }: { trip: TripOfDay }) {
  return (
    <Select
      aria-label="Day out"
      className="w-full text-sm"
      value={trip.trip?.tripId ?? ''}
      onChange={(event) =>
        event.target.value === 'new' ? void trip.startToday() : trip.choose(event.target.value)
      }
    >
      {trip.trips.map((other) => (
        <option key={other.tripId} value={other.tripId}>
          {other.day}, {other.name}
        </option>
      ))}
      <option value="new">Start a day out today</option>
    </Select>
  )
}
