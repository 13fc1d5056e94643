import { clockOf } from '../../clock/model'
import { Select } from '../../shared/ui/Select'
import type { SolvedLine } from '../../draft/queries'
import { DayList } from '../../strikes/DayList'
import type { useStrikeReports } from './useStrikeReports'
import type { TripOfDay } from '../useTrip'

/** The day's strikes beside the spread, and which day out it is. */
export function Strikes({
  reports,
  trip,
  lines,
  folded = false,
}: {
  reports: ReturnType<typeof useStrikeReports>
  trip: TripOfDay
  lines: readonly SolvedLine[]
  folded?: boolean
}) {
  const clock = (time: string) => clockOf(Date.parse(time), trip.place.timeZone)
  const inOrder = [...lines].sort((a, b) => a.label.localeCompare(b.label))
  return (
    <DayList
      folded={folded}
      title={trip.trip?.name ?? 'No day out yet'}
      lines={inOrder}
      strikes={reports.strikes}
      refused={reports.refused}
      onAgain={(item, body) => void reports.again(item, body)}
      onDiscard={(id) => void reports.discard(id)}
      when={trip.live ? 'now' : `at ${clockOf(trip.at, trip.place.timeZone)}`}
      clock={clock}
      onStrike={(line, label) => void reports.strike(line, label)}
      onLanded={(...said) => void reports.landed(...said)}
      onLost={(...said) => void reports.lost(...said)}
      edits={reports.edits}
      takenBack={reports.takenBack}
      onRestore={() => void reports.restore()}
      days={<Days trip={trip} />}
    />
  )
}

function Days({ trip }: { trip: TripOfDay }) {
  if (!trip.trip) return <p className="text-slate">The first strike starts a day out.</p>
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
