import type { Live } from '../live/queries'
import type { Practice, PracticeHelm } from './queries'

type Back = NonNullable<Live['back']>

/** With less to turn she comes to her course the right way round by herself (°). */
const SHORT_WAY_DEG = 150
/** A helmsman does not mind less (°). */
const FINE_DEG = 1.5

/**
 * What to steer for the way back as it is now; null where she is steered so.
 *
 * @param headingDeg of hers
 */
export function followed(
  { leadM, side, turnDeg, steerDeg, radiusM }: Back,
  practice: Practice,
  headingDeg: number,
): PracticeHelm | null {
  const { rate, holdMps } = practice
  if (leadM > 0)
    return practice.steering === 'COURSE'
      ? null
      : { rate, holdMps, radiusM, steering: 'COURSE', steerDeg: headingDeg }
  if (turnDeg > SHORT_WAY_DEG) {
    const steering = side === 'PORT' ? 'CIRCLE_PORT' : 'CIRCLE_STARBOARD'
    return practice.steering === steering && practice.radiusM === radiusM
      ? null
      : { rate, holdMps, radiusM, steering, steerDeg: practice.steerDeg }
  }
  const off = Math.abs(((steerDeg - practice.steerDeg + 540) % 360) - 180)
  return practice.steering === 'COURSE' && off < FINE_DEG
    ? null
    : { rate, holdMps, radiusM, steering: 'COURSE', steerDeg: ((steerDeg % 360) + 360) % 360 }
}
