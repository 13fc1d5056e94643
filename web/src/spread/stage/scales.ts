import { scaleLinear, type ScaleLinear } from '../../shared/scale'
import type { Boat, Here, Solved, SolvedLine } from '../../draft/queries'

/** Frames of reference, so that metres behind the boat and pixels on the stage are not mixed up. */
export interface BoatPoint {
  /** Astern of the transom, forward negative (m). */
  asternM: number
  starboardM: number
  /** Up from the water (m). */
  heightM: number
}

export interface StageScales {
  /** px from m astern, shared by both views. */
  x: ScaleLinear
  /** px in the plan from m to starboard (starboard is up). */
  plan: ScaleLinear
  /** px in the side view from m of height. */
  side: ScaleLinear
  /** How many times depth is stretched against distance. */
  stretch: number
  pxPerM: number
  planHeight: number
  sideTop: number
  sideHeight: number
  width: number
  /** Names only: there is no room for figures. */
  narrow: boolean
}

export const AXIS_HEIGHT = 26
/** The plan takes what the spread needs across, within these shares of the stage. */
const PLAN_SHARE = { least: 0.4, most: 0.52 }
/** Room for the turn handle before the bow, and for the labels behind the lures. */
const ROOM = { left: 100, right: 128 }
/** No wider, labels are short names; their figures stand in a list. */
const NARROW_PX = 440
const NARROW_ROOM = { left: 72, right: 56 }

/** Both views, or one that takes the whole stage. */
export type Whole = 'both' | 'plan' | 'side'
const STEPS = [1, 1.5, 2, 2.5, 3, 3.5, 4, 5, 6, 8, 10, 12, 15, 20, 25, 30]

/** A path point of a solved line, in the boat frame. */
export const inBoatFrame = (
  line: SolvedLine,
  point: { asternM: number; lateralM: number; heightM: number },
): BoatPoint => ({
  asternM: line.tip.asternM + point.asternM,
  starboardM: line.tip.starboardM + point.lateralM,
  heightM: point.heightM,
})

export const lureOf = (line: SolvedLine): BoatPoint | null => {
  const lure = line.tow.path[0]
  return lure ? inBoatFrame(line, lure) : null
}

export interface Extent {
  asternM: number
  besideM: number
  deepM: number
  highM: number
}

/** A branch's lure and a downrigger's ball, in the boat frame. */
export const hangersOf = (line: SolvedLine): BoatPoint[] => {
  const branch = line.branch?.path[0]
  const ball = line.deep?.cable[0]
  return [branch, ball].flatMap((point) => (point ? [inBoatFrame(line, point)] : []))
}

/** Layers and bottom are shown as long as they do not squeeze the lines above them flat. */
const DEEPER_THAN_LINES = 2.6

/** Lowest of the water's own things worth the room they take, in metres. */
function layersReach(here: Here | undefined, linesM: number): number {
  const within = (depthM: number | undefined) =>
    depthM !== undefined && depthM <= Math.max(6, linesM) * DEEPER_THAN_LINES ? depthM : 0
  return Math.max(within(here?.bottomM), within(here?.baitBottomM), within(here?.layerM))
}

/** What must be seen: every lure with some water behind it, every tip, a few metres of depth and what swims there. */
export function extentOf(boat: Boat, solved: Solved | null, here?: Here): Extent {
  const lures = (solved?.lines ?? []).map(lureOf).filter((lure) => lure !== null)
  const hangers = (solved?.lines ?? []).flatMap(hangersOf)
  const linesM = Math.max(3, ...[...lures, ...hangers].map((point) => -point.heightM))
  const most = (values: number[], least: number) => Math.max(least, ...values)
  return {
    asternM: most(
      [...lures, ...hangers].map((point) => point.asternM),
      40,
    ),
    besideM: most(
      [
        ...lures.map((lure) => Math.abs(lure.starboardM)),
        ...boat.holders.map((h) => Math.abs(h.tip.starboardM)),
      ],
      boat.beamM,
    ),
    deepM: Math.max(linesM, layersReach(here, linesM)),
    highM: most(
      boat.holders.map((holder) => holder.tip.heightM),
      1,
    ),
  }
}

export function scalesFor(
  boat: Boat,
  extent: Extent,
  width: number,
  height: number,
  whole: Whole = 'both',
): StageScales {
  const room = height - AXIS_HEIGHT
  const narrow = width > 0 && width < NARROW_PX
  const { left, right } = narrow ? NARROW_ROOM : ROOM
  const along = (width - left - right) / (extent.asternM + boat.lengthM)
  const wanted = 2 * (extent.besideM * Math.min(along, 16) + 40)
  const shared = Math.round(Math.min(room * PLAN_SHARE.most, Math.max(room * PLAN_SHARE.least, wanted)))
  const planHeight = whole === 'both' ? shared : whole === 'plan' ? room : 0
  const sideTop = planHeight + AXIS_HEIGHT
  const sideHeight = Math.max(60, height - sideTop)
  // The side view alone keeps the distances it had.
  const across = ((planHeight || shared) / 2 - 26) / extent.besideM
  const pxPerM = Math.max(0.5, Math.min(along, across, 16))
  const originX = left + boat.lengthM * pxPerM
  const x = scaleLinear([0, 100], [originX, originX + 100 * pxPerM])
  const plan = scaleLinear([0, 1], [planHeight / 2, planHeight / 2 - pxPerM])
  const tall = (sideHeight - 34) / (extent.highM + extent.deepM * 1.25)
  const stretch = STEPS.filter((step) => step * pxPerM <= tall).at(-1) ?? tall / pxPerM
  const pxDeep = stretch * pxPerM
  const waterline = sideTop + 8 + extent.highM * pxDeep
  const side = scaleLinear([0, 1], [waterline, waterline - pxDeep])
  return { x, plan, side, stretch, pxPerM, planHeight, sideTop, sideHeight, width, narrow }
}
