import type { Boat } from '../spread/queries'
import type { Editor } from '../spread/useEditor'
import type { Strike } from '../strikes/queries'
import { useStrikes } from '../strikes/useStrikes'
import { sources } from '../shared/device'
import type { TripOfDay } from './useTrip'

/** Reporting on the spread that is on the page: saved as it is kept, or with what is fished although it was not saved. */
export function useStrikeReports(boat: Boat, trip: TripOfDay, editor: Editor) {
  const { strikes, pending, report, discard } = useStrikes(boat.boatId, trip.trip?.tripId)
  const moment = () => (trip.live ? sources.now() : trip.at)
  return {
    strikes,
    pending,
    discard,
    strike: (lineId: string, label: string) => {
      const { spreadId, revision } = editor.base
      const fished = editor.dirty ? { draft: editor.doc.draft } : { revision }
      report({ kind: 'STRUCK', spreadId, lineId, ...fished }, moment(), `Strike on ${label}`)
    },
    landed: (strike: Strike, speciesName: string) =>
      report(
        { kind: 'LANDED', targetId: strike.eventId, speciesName },
        moment(),
        `${speciesName} on ${strike.label}`,
      ),
    lost: (strike: Strike) =>
      report({ kind: 'LOST', targetId: strike.eventId }, moment(), `Lost on ${strike.label}`),
    takeBack: (strike: Strike) =>
      report({ kind: 'RETRACTED', targetId: strike.eventId }, sources.now(), `Take back ${strike.label}`),
  }
}
