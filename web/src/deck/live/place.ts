import type { Position } from '../../units/position'
import type { LiveNow } from './queries'

/** Metres of a degree of latitude. */
const DEGREE_M = 111_195

const across = (latitudeDeg: number) => DEGREE_M * Math.cos((latitudeDeg * Math.PI) / 180)

const round180 = (degrees: number): number => ((((degrees + 180) % 360) + 360) % 360) - 180

type Here = Pick<LiveNow, 'latitudeDeg' | 'longitudeDeg'>

/** On the globe, of a place north and east of the boat (m). */
export const onEarth = (now: Here, northM: number, eastM: number): Position => ({
  latitudeDeg: now.latitudeDeg + northM / DEGREE_M,
  longitudeDeg: round180(now.longitudeDeg + eastM / across(now.latitudeDeg)),
})

/** North and east of the boat (m). */
export const fromBoat = (now: Here, { latitudeDeg, longitudeDeg }: Position) => ({
  northM: (latitudeDeg - now.latitudeDeg) * DEGREE_M,
  eastM: round180(longitudeDeg - now.longitudeDeg) * across(now.latitudeDeg),
})
