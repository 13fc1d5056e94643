import { scaleLinear } from '../../shared/scale'
import type { SideTurn } from '../../draft/queries'
import type { StageScales } from '../stage/scales'
import { MOST_TURNED, reachOf, type Turned } from './model'

/** Room for the ring around the bow, and for what is written above. */
const MARGIN = { left: 110, right: 120, top: 122, bottom: 68 }

/** From the straight drawing to that of a turn, and on to that of half a circle: over these angles she glides (°). */
const INTO_TURN = [0, 25] as const
const INTO_HALF_TURN = [70, 105] as const

/**
 * One scale both ways, with her and all lines in sight as she turns. It begins as the straight drawing, so that she does
 * not leap away from the hand that pulls the ring.
 */
export function turnedScales(
  lengthM: number,
  side: SideTurn,
  turned: Turned,
  straight: StageScales,
  height: number,
): StageScales {
  const deg = Math.abs(turned)
  const { width } = straight
  const turn = placed(lengthM, reachOf(side, INTO_HALF_TURN[0]), width, height)
  const halfTurn = placed(lengthM, reachOf(side, MOST_TURNED), width, height)
  const begun = { pxPerM: straight.pxPerM, originX: straight.x(0), originY: straight.plan(0) }
  const { pxPerM, originX, originY } = blend(
    blend(begun, turn, share(deg, INTO_TURN)),
    halfTurn,
    share(deg, INTO_HALF_TURN),
  )
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

/** Where the transom lies (px), and how large a metre is. */
interface Placed {
  pxPerM: number
  originX: number
  originY: number
}

/** As large as all that is reached fits. */
function placed(lengthM: number, reach: ReturnType<typeof reachOf>, width: number, height: number): Placed {
  const ahead = Math.max(lengthM, reach.aheadM)
  const across = reach.starboardM + reach.portM
  const pxPerM = Math.max(
    0.3,
    Math.min(
      (width - MARGIN.left - MARGIN.right) / (ahead + reach.asternM),
      (height - MARGIN.top - MARGIN.bottom) / across,
      16,
    ),
  )
  const spare = height - MARGIN.top - MARGIN.bottom - across * pxPerM
  return {
    pxPerM,
    originX: MARGIN.left + ahead * pxPerM,
    originY: MARGIN.top + spare / 2 + reach.starboardM * pxPerM,
  }
}

/** How far between two angles, slow at both ends. */
function share(deg: number, [from, to]: readonly [number, number]): number {
  const t = Math.max(0, Math.min(1, (deg - from) / (to - from)))
  return t * t * (3 - 2 * t)
}

const blend = (from: Placed, to: Placed, t: number): Placed => ({
  pxPerM: from.pxPerM + (to.pxPerM - from.pxPerM) * t,
  originX: from.originX + (to.originX - from.originX) * t,
  originY: from.originY + (to.originY - from.originY) * t,
})
