import { scaleLinear } from '../../shared/scale'
import type { SideTurn } from '../../draft/queries'
import type { StageScales } from '../stage/scales'
import { MOST_TURNED, reachOf, type Turned } from './model'

/** Room for the ring around the bow, and for what is written above. */
const MARGIN = { left: 110, right: 120, top: 122, bottom: 68 }

/** Up to here one scale; beyond, that of the whole half turn: it holds still while the handle moves. */
const NEAR_DEG = 75

/** One scale both ways, with her and all lines in sight as she turns. */
export function turnedScales(
  lengthM: number,
  side: SideTurn,
  turned: Turned,
  width: number,
  height: number,
): StageScales {
  const reach = reachOf(side, Math.abs(turned) <= NEAR_DEG ? NEAR_DEG : MOST_TURNED)
  const ahead = Math.max(lengthM, reach.aheadM)
  const along = (width - MARGIN.left - MARGIN.right) / (ahead + reach.asternM)
  const across = (height - MARGIN.top - MARGIN.bottom) / (reach.starboardM + reach.portM)
  const pxPerM = Math.max(0.3, Math.min(along, across, 16))
  const originX = MARGIN.left + ahead * pxPerM
  const spare = height - MARGIN.top - MARGIN.bottom - (reach.starboardM + reach.portM) * pxPerM
  const originY = MARGIN.top + spare / 2 + reach.starboardM * pxPerM
  return {
    x: scaleLinear([0, 100], [originX, originX + 100 * pxPerM]),
    plan: scaleLinear([0, 1], [originY, originY - pxPerM]),
    side: scaleLinear([0, 1], [0, 1]),
    stretch: 1,
    pxPerM,
    planHeight: height,
    sideTop: height,
    sideHeight: 0,
    width,
    narrow: width < 440,
  }
}
