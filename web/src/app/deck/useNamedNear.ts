import { useQuery } from '@tanstack/react-query'
import type { Mark } from '../../deck/live/BackTo'
import { fromBoat } from '../../deck/live/place'
import type { Position } from '../../units/position'
import { marksOf } from '../../water/queries'

/** So many of the marks that have a name are offered to come over. */
const MOST = 2
/** Farther off she runs there first (m). */
const NEAR_M = 6000

/** Marks with a name that lie near her, the nearest first: a wreck or a rip that the lures may be brought over. */
export function useNamedNear(boat: string, place: Position | null): Mark[] {
  const marks = useQuery(marksOf(boat)).data
  if (!place || !marks) return []
  return marks
    .map((mark) => ({ mark, off: offOf(place, mark) }))
    .filter(({ off }) => off < NEAR_M)
    .sort((a, b) => a.off - b.off)
    .slice(0, MOST)
    .map(({ mark: { markId, name, latitudeDeg, longitudeDeg } }) => ({
      factId: markId,
      words: name,
      latitudeDeg,
      longitudeDeg,
    }))
}

function offOf(boat: Position, mark: Position): number {
  const { northM, eastM } = fromBoat(boat, mark)
  return Math.hypot(northM, eastM)
}
