import type { Units } from '../units/UnitsContext'
import type { Sailed } from './fold/model'

/** A turn no faster is a straight course with a hand on the wheel (degrees a minute). */
const STRAIGHT_DEG_MIN = 20

/** `Inside, turning to port; 2.3 m deep, own speed 6.9 kn`. */
export function sailedWords({ bend, turnDegMin, lureDepthM, lureMps }: Sailed, units: Units): string {
  const side = turnDegMin > 0 ? 'starboard' : 'port'
  const way =
    bend !== 'NEITHER'
      ? `${bend === 'INSIDE' ? 'Inside' : 'Outside'}, turning to ${side}`
      : Math.abs(turnDegMin) > STRAIGHT_DEG_MIN
        ? `Turning to ${side}`
        : 'Straight course'
  const depth = lureDepthM < 0.05 ? 'at the surface' : `${units.say('distance', lureDepthM)} deep`
  return `${way}; ${depth}, own speed ${units.say('speed', lureMps)}`
}
