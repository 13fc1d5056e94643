/** A course as it is asked for, and what a drag makes of it. */
import { seaAbout } from '../water/model'
import type { Course, CourseBody, Spot } from './queries'

/** What is chosen on the page; the spread and the hour come from elsewhere. */
export type Asked = Omit<CourseBody, 'draft' | 'at' | 'radiusM' | 'speedMps'>
export type Kind = Asked['kind']
export type Band = NonNullable<Asked['band']>

/** Places of a line that is told flat: latitude, longitude, latitude, longitude. */
export const spotsOf = (flat: readonly number[]): Spot[] =>
  Array.from({ length: flat.length / 2 }, (_, i) => ({
    latitudeDeg: flat[2 * i]!,
    longitudeDeg: flat[2 * i + 1]!,
  }))

/** Where nobody knows how deep it is (m). */
export const USUAL_DEPTH_M = 50
export const USUAL_LENGTH_M = 5 * 1852
const WITHIN_M = 400

/** Depths about one, round: as far to either side as makes a band to weave over. */
export function bandAbout(depthM: number): Band {
  const step = depthM > 60 ? 10 : depthM > 20 ? 5 : 1
  const round = (metres: number) => Math.max(1, Math.round(metres / step) * step)
  const [fromM, toM] = [round(depthM * 0.8), round(depthM * 1.25)]
  return { depth: { fromM, toM: Math.max(toM, fromM + step) } }
}

export const edgeBand = (line: readonly Spot[], withinM = WITHIN_M): Band => ({
  edge: { withinM, line: thinned(line, MOST_POINTS) },
})

const MOST_POINTS = 400

function thinned(line: readonly Spot[], most: number): Spot[] {
  const each = Math.ceil(line.length / most)
  return line.filter((_, i) => i % each === 0 || i === line.length - 1)
}

/** Metres apart. */
const apart = (a: Spot, b: Spot): number => Math.hypot(...seaAbout(a).toXy(b))

export function nearestOf(way: readonly Spot[], spot: Spot): number {
  let best = 0
  way.forEach((one, i) => {
    if (apart(one, spot) < apart(way[best]!, spot)) best = i
  })
  return best
}

/** The line that comes nearest to a place. */
export const lineNear = (lines: readonly (readonly Spot[])[], spot: Spot): readonly Spot[] | undefined =>
  [...lines].sort((a, b) => apart(a[nearestOf(a, spot)]!, spot) - apart(b[nearestOf(b, spot)]!, spot))[0]

/** What can be taken hold of: the start, the end, a place it is held to, or the way itself at a place. */
export type Handle = { of: 'START' } | { of: 'END' } | { of: 'THROUGH'; i: number } | { of: 'WAY'; at: Spot }

/** As asked, with what was taken hold of put somewhere else. */
export function dragged(asked: Asked, course: Course | null, handle: Handle, to: Spot): Asked {
  if (handle.of === 'START') return { ...asked, start: to }
  if (handle.of === 'END') return { ...asked, ends: to }
  const through = asked.through ?? []
  if (handle.of === 'THROUGH')
    return { ...asked, through: through.map((spot, i) => (i === handle.i ? to : spot)) }
  const way = spotsOf(course?.way ?? [])
  const at = nearestOf(way, handle.at)
  const before = through.filter((spot) => nearestOf(way, spot) < at).length
  return { ...asked, through: [...through.slice(0, before), to, ...through.slice(before)] }
}

/** The same, let go: a place it is held to no longer holds it. */
export const letGo = (asked: Asked, i: number): Asked => ({
  ...asked,
  through: (asked.through ?? []).filter((_, k) => k !== i),
})

/** Against the way it goes by and large (°). */
export function otherWay(way: readonly Spot[]): Pick<Asked, 'towardsDeg'> {
  const [from, to] = [way[0]!, way[Math.floor(way.length / 3)]!]
  const [east, north] = seaAbout(from).toXy(to)
  return { towardsDeg: ((Math.atan2(east, north) * 180) / Math.PI + 180 + 360) % 360 }
}
