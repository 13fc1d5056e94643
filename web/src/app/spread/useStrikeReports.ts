import { sources } from '../../shared/device'
import type { Boat, Gear } from '../../draft/queries'
import type { Editor } from '../../draft/useEditor'
import type { Loss } from '../../strikes/DayList'
import { useDay, type Said, type Strike } from '../../strikes/useDay'
import type { TripOfDay } from '../useTrip'

/** Reporting on the spread that is on the page, as it is fished: with the gear and the boat as this device has them. */
export function useStrikeReports(boat: Boat, gear: Gear, trip: TripOfDay, editor: Editor) {
  const { report, ...day } = useDay(boat.boatId, trip.trip?.tripId)
  const moment = () => (trip.live ? sources.now() : trip.at)
  /** A strike before a day out was started starts it. */
  const say = async (said: Said) => report(said, trip.trip?.tripId ?? (await trip.startToday()))
  const of = (strike: Strike, kind: string, words: string, at: number, more = {}) =>
    say({ kind, at, payload: { strikeId: strike.factId, ...more }, words, label: strike.label })
  return {
    ...day,
    strike: (lineId: string, label: string) => {
      const { spreadId, revision } = editor.base
      const { draft } = editor.doc
      const saved = editor.dirty ? {} : { revision }
      const fished = { spreadId, ...saved, draft, seen: seen(boat, gear, JSON.stringify(draft)) }
      return say({
        kind: 'STRUCK',
        at: moment(),
        payload: { lineId },
        words: `Strike on ${label}`,
        label,
        fished,
      })
    },
    landed: (strike: Strike, species: string, released: boolean) =>
      of(strike, 'LANDED', `${species} on ${strike.label}`, moment(), {
        species,
        ...(released && { released }),
      }),
    lost: (strike: Strike, how?: Loss) =>
      of(strike, 'LOST', `Lost on ${strike.label}`, moment(), how && { how }),
    takeBack: (strike: Strike) =>
      say({
        kind: 'RETRACTED',
        at: sources.now(),
        payload: { targetId: strike.factId },
        words: `Take back ${strike.label}`,
        label: strike.label,
      }),
  }
}

/** Versions of the boat and of what is tied, as they are here now. */
function seen(boat: Boat, gear: Gear, draft: string): Record<string, number> {
  const used = [...gear.lures, ...gear.lines, ...gear.reels].filter((item) => draft.includes(item.gearId))
  return Object.fromEntries([
    [boat.boatId, boat.version],
    ...used.map((item) => [item.gearId, item.version] as const),
  ])
}
