import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { DayLine } from '../../clock/DayLine'
import { clockOf } from '../../clock/model'
import { dayOf } from '../../clock/queries'
import { EveningBand } from '../../rig/EveningBand'
import type { Rig } from '../../rig/queries'
import type { TripOfDay } from '../useTrip'

/** The day as a thin rule, the evening before it included; a tap opens it. */
export function FoldedDay({
  trip,
  rig,
  ticked,
}: {
  trip: TripOfDay
  rig: Rig | null
  ticked: ReadonlySet<string>
}) {
  const day = useQuery(dayOf(trip.date, trip.place)).data
  const [open, setOpen] = useState(false)
  const zone = trip.place.timeZone
  const tasks = rig?.tonight.tasks ?? []
  const next = tasks.find((task) => !ticked.has(task.key))
  const words = [
    next && `the evening before, next at ${clockOf(Date.parse(next.from), zone)}`,
    tasks.length > 0 && !next && 'the evening is done',
    day?.firstLight && `first light ${clockOf(Date.parse(day.firstLight), zone)}`,
    day?.rise && `sun up ${clockOf(Date.parse(day.rise), zone)}`,
    `shown ${clockOf(trip.at, zone)}`,
  ].filter(Boolean)
  return (
    <>
      <button
        type="button"
        className="flex min-h-11 shrink-0 items-center gap-3 border-y border-ink/15 bg-under px-4 text-left text-[13px] text-slate hover:bg-water"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        {words.join(' · ')}
        <span className="grow" />
        {open ? 'Fold the day' : 'Open the day'}
      </button>
      {open && day && (
        <div className="grid shrink-0 grid-cols-[3fr_7fr]">
          <EveningBand tasks={tasks} ticked={ticked} timeZone={zone} />
          <DayLine day={day} timeZone={zone} at={trip.at} marks={[]} onMove={trip.setAt} />
        </div>
      )}
    </>
  )
}
