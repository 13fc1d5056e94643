import type { Units } from '../../units/UnitsContext'
import type { Likely, LikelyPull, Ride } from '../../draft/queries'
import { rangeOf } from '../../units/range'

const WATER = { WASH: 'in the wash', EDGE: 'at the edge of the wash', CLEAN: 'in clean water' }

/** `Crest 4, in clean water`; the wave is named only where the crests reach. */
export const rideWords = (ride: Ride): string =>
  ride.insideWedge ? `Crest ${ride.crest}, ${WATER[ride.water]}` : `Outside the wake, ${WATER[ride.water]}`

export const percent = (share: number): string => `${Math.round(share * 100)} %`

/** Less is not worth a word: one in twenty. */
const WORTH_SAYING = 0.05

/** `13–17 m`; empty where both ends print alike, or the lure is more often up than under. */
export function likelyRange(likely: Likely | undefined, units: Units): string {
  if (!likely || likely.atSurface > 0.5) return ''
  return rangeOf(units, 'distance', likely.lowM, likely.highM)
}

/** `likely 28–60 N`; empty where it has no range. */
export function likelyPullWords(likely: LikelyPull | undefined, units: Units): string {
  const range = likely && rangeOf(units, 'pull', likely.lowN, likely.highN)
  return range ? `likely ${range}` : ''
}

/** How sure a depth is: four times in five between these, and the chance that the lure comes up. */
export function likelyWords(likely: Likely | undefined, units: Units): string {
  const range = likelyRange(likely, units)
  const up = likely && likely.atSurface >= WORTH_SAYING ? `${percent(likely.atSurface)} that it comes up` : ''
  return [range && `likely ${range}`, up].filter(Boolean).join('; ')
}
