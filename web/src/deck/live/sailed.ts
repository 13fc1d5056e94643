import type { Sailed } from '../../strikes/fold/model'
import type { Instruments } from '../queries'
import type { LiveNow } from './queries'

/** Metres of a degree of latitude. */
const DEGREE_M = 111_195

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
    latitudeDeg: now.latitudeDeg + northM! / DEGREE_M,
    longitudeDeg: round180(
      now.longitudeDeg + eastM! / DEGREE_M / Math.cos((now.latitudeDeg * Math.PI) / 180),
    ),
    ...(bottomM !== undefined && { bottomM }),
    ...(waterC !== undefined && { waterC }),
  }
}

const round180 = (degrees: number): number => ((((degrees + 180) % 360) + 360) % 360) - 180
