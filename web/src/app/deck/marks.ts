import { clockOf } from '../../clock/model'
import type { Mark } from '../../deck/live/BackTo'
import type { Strike } from '../../strikes/useDay'
import type { Sighting } from './useSightings'

/** Where the strikes until then were (ms), as far as it is known: what may be come back to. */
export const strikeMarks = (strikes: readonly Strike[], timeZone: string, until: number): Mark[] =>
  strikes.flatMap((one): Mark[] => {
    const place = one.placed ?? one.sailed ?? one.lureAt
    if (!place || Date.parse(one.happenedAt) > until) return []
    const { latitudeDeg, longitudeDeg } = place
    const words = `${one.label}, ${clockOf(Date.parse(one.happenedAt), timeZone)}`
    return [{ factId: one.factId, lineId: one.lineId, words, latitudeDeg, longitudeDeg }]
  })

/** The last floating thing that was seen. */
export const floatingMarks = (sightings: readonly Sighting[], timeZone: string): Mark[] =>
  sightings
    .filter(({ what }) => what === 'FLOATING_THING')
    .slice(-1)
    .map(({ factId, at, latitudeDeg, longitudeDeg }): Mark => {
      const words = `Floating thing, ${clockOf(at, timeZone)}`
      return { factId, words, latitudeDeg, longitudeDeg }
    })
