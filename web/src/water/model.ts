/** Grids as they are drawn: which kinds there are, their tints, and where a place lies on the picture. */
import type { Grid, Kind, SeaSpot } from './queries'

/** Each point between its neighbours, the ends where they are: a front goes through its cells, not along their rims. */
export const averaged = (line: readonly (readonly [number, number])[]): [number, number][] =>
  line.map((point, i) => {
    const near = line.slice(Math.max(0, i - 2), i + 3)
    if (i < 2 || i > line.length - 3) return [...point]
    return [0, 1].map((axis) => near.reduce((sum, one) => sum + one[axis]!, 0) / near.length) as [
      number,
      number,
    ]
  })

/** Its corners cut twice: cells have corners, water has none. */
export function smoothed<T extends readonly number[]>(line: readonly T[]): number[][] {
  let points: number[][] = line.map((point) => [...point])
  for (let time = 0; time < 2 && points.length > 2; time++) {
    const cut = points.slice(1).flatMap((to, i) => {
      const from = points[i]!
      return [0.25, 0.75].map((share) => from.map((x, axis) => x + share * (to[axis]! - x)))
    })
    points = [points[0]!, ...cut, points.at(-1)!]
  }
  return points
}

/** A kind that can be looked at: the current is drawn from its two parts. */
export const KINDS: Readonly<Record<Kind, { words: string; figure: string | null; unit: string }>> = {
  TEMPERATURE: { words: 'Surface temperature', figure: 'TEMPERATURE', unit: '' },
  COLOUR: { words: 'Colour', figure: null, unit: ' mg/m³' },
  HEIGHT: { words: 'Sea height', figure: null, unit: ' m' },
  CURRENT_EAST: { words: 'Current to the east', figure: 'SPEED', unit: '' },
  CURRENT_NORTH: { words: 'Current to the north', figure: 'SPEED', unit: '' },
  DEPTH: { words: 'Depth', figure: 'DISTANCE', unit: '' },
}

type Rgb = readonly [number, number, number]

/** From the least to the most: cold to warm, blue to green, shoal to deep; pale, so that lines and figures stay dark on it. */
const TINTS: Readonly<Record<'warmth' | 'green' | 'deep', readonly Rgb[]>> = {
  warmth: [
    [190, 214, 217],
    [207, 224, 219],
    [228, 232, 205],
    [236, 225, 170],
    [229, 205, 140],
  ],
  green: [
    [206, 224, 226],
    [206, 221, 200],
    [186, 206, 160],
  ],
  deep: [
    [238, 233, 214],
    [214, 226, 219],
    [186, 208, 212],
    [160, 188, 198],
  ],
}

const tintsOf = (kind: Kind): readonly Rgb[] =>
  kind === 'COLOUR' ? TINTS.green : kind === 'DEPTH' || kind === 'HEIGHT' ? TINTS.deep : TINTS.warmth

/** Between 0 and 1 of what the grid has. */
export function tint(kind: Kind, share: number): Rgb {
  const stops = tintsOf(kind)
  const at = Math.max(0, Math.min(1, share)) * (stops.length - 1)
  const low = Math.min(Math.floor(at), stops.length - 2)
  const part = at - low
  return [0, 1, 2].map((i) =>
    Math.round(stops[low]![i]! + part * (stops[low + 1]![i]! - stops[low]![i]!)),
  ) as unknown as Rgb
}

/** Depths and colours run over decades: what is shoal or blue keeps its shades. */
export const shareOf = (kind: Kind, least: number, most: number): ((value: number) => number) => {
  if (!(most > least)) return () => 0.5
  if (kind !== 'DEPTH' && kind !== 'COLOUR') return (value) => (value - least) / (most - least)
  const low = Math.log(Math.max(least, 1e-3))
  const span = Math.log(Math.max(most, 1e-3)) - low
  return (value) => (Math.log(Math.max(value, 1e-3)) - low) / span
}

const DEGREE_M = 111_195

/** Metres east and north of a middle: straight over a region of some degrees. */
export interface Sea {
  toXy(spot: SeaSpot): [number, number]
  toSpot(x: number, y: number): SeaSpot
}

export function seaAbout(middle: SeaSpot): Sea {
  const wide = DEGREE_M * Math.cos((middle.latitudeDeg * Math.PI) / 180)
  return {
    toXy: (spot) => [
      (spot.longitudeDeg - middle.longitudeDeg) * wide,
      (spot.latitudeDeg - middle.latitudeDeg) * DEGREE_M,
    ],
    toSpot: (x, y) => ({
      latitudeDeg: middle.latitudeDeg + y / DEGREE_M,
      longitudeDeg: middle.longitudeDeg + x / wide,
    }),
  }
}

/** West, south, east and north of its cells, to their outer sides. */
export function boundsOf(grid: Grid, sea: Sea): [number, number, number, number] {
  const half = (spot: SeaSpot) => sea.toXy(spot)
  const [west, south] = half({
    latitudeDeg: grid.southDeg - grid.latStepDeg / 2,
    longitudeDeg: grid.westDeg - grid.lonStepDeg / 2,
  })
  const [east, north] = half({
    latitudeDeg: grid.southDeg + (grid.rows - 0.5) * grid.latStepDeg,
    longitudeDeg: grid.westDeg + (grid.columns - 0.5) * grid.lonStepDeg,
  })
  return [west, south, east, north]
}

/** So much of the sea is seen beside what is looked at (m). */
const BESIDE_M = 9000

export type Extent = readonly [number, number, number, number]

/** West, south, east and north of some points. */
export const extentOf = (points: readonly (readonly [number, number])[]): Extent => {
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)]
  return [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)]
}

/** The same with sea about them. */
export const around = (points: readonly (readonly [number, number])[], besideM = BESIDE_M): Extent => {
  const [west, south, east, north] = extentOf(points)
  return [west - besideM, south - besideM, east + besideM, north + besideM]
}

/** What the grid has at a place; null outside and where nothing is known. */
export function valueAt(grid: Grid, cells: Float32Array, spot: SeaSpot): number | null {
  const row = Math.round((spot.latitudeDeg - grid.southDeg) / grid.latStepDeg)
  const column = Math.round((spot.longitudeDeg - grid.westDeg) / grid.lonStepDeg)
  if (row < 0 || column < 0 || row >= grid.rows || column >= grid.columns) return null
  const value = cells[row * grid.columns + column]!
  return Number.isNaN(value) ? null : value
}

/** Round depths between the least and the most, five at most. */
export function contourLevels(least: number, most: number): number[] {
  const round = [5, 10, 15, 20, 30, 40, 50, 60, 80, 100, 150, 200, 300, 500, 1000, 2000, 3000, 5000]
  const inside = round.filter((level) => level > least && level < most)
  const each = Math.max(1, Math.ceil(inside.length / 5))
  return inside.filter((_, i) => i % each === 0)
}

/** What is older says nothing of now (ms). */
const OLDEST_MS = 6 * 24 * 3600_000
/** Of what the widest picture shows: a newer one that shows less says nothing of the rest, as in core. */
const WIDE = 0.5

/** Pictures of a kind at a moment, the newest first; what does not change counts always. */
const byAge = (grids: readonly Grid[], kind: Kind, at: number): Grid[] =>
  grids
    .filter((grid) => grid.kind === kind)
    .filter(({ at: of }) => !of || (Date.parse(of) <= at && Date.parse(of) > at - OLDEST_MS))
    .sort((a, b) => Date.parse(b.at ?? '') - Date.parse(a.at ?? ''))

/** The newest that shows enough of the sea in reach to stand for it. */
export function newestOf(grids: readonly Grid[], kind: Kind, at: number): Grid | undefined {
  const all = byAge(grids, kind, at)
  const widest = Math.max(0, ...all.map(({ reachShare }) => reachShare))
  return all.find(({ reachShare }) => reachShare >= WIDE * widest)
}

/** A newer one that shows too little; undefined where there is none. */
export const passedOver = (grids: readonly Grid[], shown: Grid, at: number): Grid | undefined => {
  const [newest] = byAge(grids, shown.kind, at)
  return newest?.gridId === shown.gridId || !newest?.at ? undefined : newest
}

const MILE_M = 1852
/** A scale of a round length that is about so wide (px). */
const SCALE_PX = 130

/** @param resolution metres to a pixel */
export function scaleOf(resolution: number): { miles: number; px: number } {
  const most = (SCALE_PX * resolution) / MILE_M
  const miles = [0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50].filter((one) => one <= most).at(-1) ?? 0.1
  return { miles, px: (miles * MILE_M) / resolution }
}

/** Every so many cells each way as one, the mean of those that are known; as it is where it is small. */
export function thinned(grid: Grid, cells: Float32Array, most: number): { grid: Grid; cells: Float32Array } {
  const by = Math.ceil(Math.max(grid.rows, grid.columns) / most)
  if (by <= 1) return { grid, cells }
  const rows = Math.floor(grid.rows / by)
  const columns = Math.floor(grid.columns / by)
  const means = new Float32Array(rows * columns)
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      let sum = 0
      let known = 0
      for (let i = 0; i < by * by; i++) {
        const at = (row * by + Math.floor(i / by)) * grid.columns + column * by + (i % by)
        const value = cells[at]!
        if (Number.isNaN(value)) continue
        sum += value
        known++
      }
      means[row * columns + column] = known === 0 ? NaN : sum / known
    }
  }
  const middle = (by - 1) / 2
  return {
    grid: {
      ...grid,
      rows,
      columns,
      southDeg: grid.southDeg + middle * grid.latStepDeg,
      westDeg: grid.westDeg + middle * grid.lonStepDeg,
      latStepDeg: by * grid.latStepDeg,
      lonStepDeg: by * grid.lonStepDeg,
    },
    cells: means,
  }
}

/** Between two places so far apart in time nobody knows her way (ms). */
const SILENT_MS = 5 * 60_000

/** Her way in the pieces in which it is known. */
export function pieces<T extends { at: string }>(way: readonly T[]): T[][] {
  const all: T[][] = []
  for (const fix of way) {
    const last = all.at(-1)?.at(-1)
    if (last && Date.parse(fix.at) - Date.parse(last.at) <= SILENT_MS) all.at(-1)!.push(fix)
    else all.push([fix])
  }
  return all
}
