import type { Sailed } from '../../strikes/fold/model'
import type { Instruments } from '../queries'
import { onEarth } from './place'
import type { LiveNow } from './queries'

/**
 * How a line goes now, to be kept with a strike on it: it cannot be asked again. None where the line is not seen, or hangs.
 */
export function sailedOf(
  lineId: string,
  now: LiveNow | undefined,
  instruments: Instruments | undefined,
): Sailed | undefined {
  const line = now?.lines.find((one) => one.lineId === lineId)
  if (!now || !line || line.slack) return undefined
  const [northM, eastM] = line.nodes
  const told = (gauge: string) => instruments?.now?.gauges.find((one) => one.gauge === gauge)?.value
  const [bottomM, waterC] = [told('DEPTH'), told('WATER_TEMPERATURE')]
  return {
    at: now.at,
    bend: line.bend,
    turnDegMin: now.turnDegMin,
    headingDeg: now.headingDeg,
    throughMps: now.throughMps,
    groundMps: now.groundMps,
    courseDeg: now.courseDeg,
    streamMps: now.streamMps,
    streamTowardsDeg: now.streamTowardsDeg,
    streamDoubtMps: now.streamDoubtMps,
    // A lure on the face of a wave is reckoned a hand over the surface.
    lureDepthM: Math.max(0, line.lureDepthM),
    lureMps: line.lureMps,
    ...onEarth(now, northM!, eastM!),
    ...(bottomM !== undefined && { bottomM }),
    ...(waterC !== undefined && { waterC }),
  }
}
