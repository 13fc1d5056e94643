import type { Ride } from '../../draft/queries'

const WATER = { WASH: 'in the wash', EDGE: 'at the edge of the wash', CLEAN: 'in clean water' }

/** `Crest 4, in clean water`; the wave is named only where the crests reach. */
export const rideWords = (ride: Ride): string =>
  ride.insideWedge ? `Crest ${ride.crest}, ${WATER[ride.water]}` : `Outside the wake, ${WATER[ride.water]}`

export const percent = (share: number): string => `${Math.round(share * 100)} %`
