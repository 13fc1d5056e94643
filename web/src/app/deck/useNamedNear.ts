import { useQuery } from '@tanstack/react-query'
import type { Mark } from '../../deck/live/BackTo'
import { marksOf } from '../../water/queries'

/** So many of the marks that have a name are offered to come over. */
const MOST = 2
/** Farther off she runs there first (m). */
const NEAR_M = 6000

interface Place {
  latitudeDeg: number
  longitudeDeg: number
}

/** Marks with a name that lie near her, the nearest first: a wreck or a rip that the lures may be brought over. */
export function useNamedNear(boat: string, place: Place | null): Mark[] {
  const marks = useQuery(marksOf(boat)).data
  if (!place || !marks) return []
  return marks
    .map((mark) => ({ mark, off: apartM(mark, place) }))
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

const DEGREE_M = 111_195

const apartM = (a: Place, b: Place): number =>
  DEGREE_M *
  Math.hypot(
    a.latitudeDeg - b.latitudeDeg,
    (a.longitudeDeg - b.longitudeDeg) * Math.cos((a.latitudeDeg * Math.PI) / 180),
  )
