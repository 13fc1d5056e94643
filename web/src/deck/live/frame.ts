import type { LiveNow } from './queries'

/** Of a drawing (px). */
export interface Size {
  width: number
  height: number
}

/** Where the drawing's top lies: at the bow, as on Spread, bow to the left; or at the north. */
export type Up = 'BOW' | 'NORTH'

/** North and east of the transom, and above the surface (m). */
export interface Node {
  northM: number
  eastM: number
  heightM: number
}

/** How places on the water become places on the drawing. */
export interface PlanFrame {
  x(northM: number, eastM: number): number
  y(northM: number, eastM: number): number
  /** Pixels a metre. */
  perM: number
  /** Degrees that turn a shape with its nose to the left to lie as one that heads so (degrees from north). */
  turn(headingDeg: number): number
}

export const nodesOf = ({ nodes }: { nodes: readonly number[] }): Node[] =>
  Array.from({ length: nodes.length / 3 }, (_, i) => ({
    northM: nodes[3 * i]!,
    eastM: nodes[3 * i + 1]!,
    heightM: nodes[3 * i + 2]!,
  }))

/** Places of a way that is told flat: north, east, north, east. */
export const wayOf = ({ way }: { way: readonly number[] }): [number, number][] =>
  Array.from({ length: way.length / 2 }, (_, i) => [way[2 * i]!, way[2 * i + 1]!])

/** Of the transom along her heading, and to starboard (m). */
export function astern(now: LiveNow, northM: number, eastM: number): { asternM: number; starboardM: number } {
  const heading = (now.headingDeg * Math.PI) / 180
  return {
    asternM: -(northM * Math.cos(heading) + eastM * Math.sin(heading)),
    starboardM: -northM * Math.sin(heading) + eastM * Math.cos(heading),
  }
}

/** Room around what is drawn (px): names stand there. */
const ROOM = { left: 112, right: 130, top: 34, bottom: 34 }
/** The same on a phone. */
const TIGHT = { ...ROOM, left: 72, right: 96 }
const PHONE_PX = 500
/** With north up somebody may come from above the boat (px). */
const HEAD_PX = 84
/** Scales go by such steps, so that the drawing does not breathe each second. */
const STEP = 1.2
/** Little way is drawn at a scale that still shows the boat (m). */
const LEAST_M = 60

/** @param also places that are shown too where north is up: a way back */
export function planFrame(
  now: LiveNow,
  up: Up,
  { width, height }: Size,
  also: readonly [number, number][] = [],
): PlanFrame {
  const sides = width < PHONE_PX ? TIGHT : ROOM
  const room = up === 'NORTH' ? { ...sides, top: HEAD_PX } : sides
  const shown: [number, number][] = [
    [0, 0],
    ...(up === 'NORTH' ? also : []),
    ...now.lines.flatMap((line) =>
      nodesOf(line).map(({ northM, eastM }): [number, number] => [northM, eastM]),
    ),
  ]
  const across = (north: number, east: number) => (up === 'BOW' ? astern(now, north, east).asternM : east)
  const down = (north: number, east: number) => (up === 'BOW' ? -astern(now, north, east).starboardM : -north)
  const [left, right] = extent(shown.map(([n, e]) => across(n, e)))
  const [top, bottom] = extent(shown.map(([n, e]) => down(n, e)))
  const fit = Math.min(
    (width - room.left - room.right) / Math.max(LEAST_M, right - left),
    (height - room.top - room.bottom) / Math.max(LEAST_M / 4, bottom - top),
  )
  const perM = STEP ** Math.floor(Math.log(fit) / Math.log(STEP))
  // Bow to the left the boat keeps her place; north up everything is in the middle.
  const x0 =
    up === 'BOW'
      ? room.left - Math.min(0, left) * perM
      : room.left + (width - room.left - room.right - (right + left) * perM) / 2
  const y0 = room.top + (height - room.top - room.bottom - (bottom + top) * perM) / 2
  return {
    x: (north, east) => x0 + across(north, east) * perM,
    y: (north, east) => y0 + down(north, east) * perM,
    perM,
    turn: (heading) => (up === 'BOW' ? heading - now.headingDeg : heading + 90),
  }
}

const extent = (values: readonly number[]): [number, number] => [Math.min(...values), Math.max(...values)]
