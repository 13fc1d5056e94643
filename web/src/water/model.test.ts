import { describe, expect, it } from 'vitest'
import {
  around,
  averaged,
  boundsOf,
  contourLevels,
  newestOf,
  passedOver,
  pieces,
  scaleOf,
  seaAbout,
  shareOf,
  smoothed,
  thinned,
  tint,
  valueAt,
} from './model'
import type { Grid } from './queries'

const GRID: Grid = {
  gridId: 'g',
  name: 'sea',
  kind: 'TEMPERATURE',
  at: '2026-06-17T22:00:00Z',
  rows: 3,
  columns: 4,
  southDeg: 27,
  westDeg: -48,
  latStepDeg: 0.1,
  lonStepDeg: 0.1,
  knownShare: 1,
  reachShare: 0.8,
  least: 20,
  most: 25,
}
const CELLS = Float32Array.from({ length: 12 }, (_, i) => (i === 5 ? NaN : 20 + i))

describe('a grid on the picture', () => {
  it('reads its cells from the south-west, and nothing outside or under cloud', () => {
    expect(valueAt(GRID, CELLS, { latitudeDeg: 27, longitudeDeg: -48 })).toBe(20)
    expect(valueAt(GRID, CELLS, { latitudeDeg: 27.21, longitudeDeg: -47.7 })).toBe(31)
    expect(valueAt(GRID, CELLS, { latitudeDeg: 27.1, longitudeDeg: -47.9 })).toBeNull()
    expect(valueAt(GRID, CELLS, { latitudeDeg: 26.9, longitudeDeg: -48 })).toBeNull()
  })

  it('goes to metres and back, north up', () => {
    const sea = seaAbout({ latitudeDeg: 27, longitudeDeg: -48 })
    const [x, y] = sea.toXy({ latitudeDeg: 27.5, longitudeDeg: -47.5 })
    expect(y).toBeCloseTo(55_597.5, 0)
    expect(x).toBeCloseTo(55_597 * Math.cos((27 * Math.PI) / 180), 0)
    expect(sea.toSpot(x, y).longitudeDeg).toBeCloseTo(-47.5, 9)
    const [west, south, east, north] = boundsOf(GRID, sea)
    expect(west).toBeLessThan(0)
    expect(south).toBeLessThan(0)
    expect(north - south).toBeCloseTo(0.3 * 111_195, 3)
    expect(east - west).toBeCloseTo(0.4 * 111_195 * Math.cos((27 * Math.PI) / 180), 3)
  })

  it('knows the newest picture that was there at a moment', () => {
    const older = { ...GRID, gridId: 'older', at: '2026-06-16T22:00:00Z' }
    const grids = [older, GRID]
    expect(newestOf(grids, 'TEMPERATURE', Date.parse('2026-06-18T00:00:00Z'))?.gridId).toBe('g')
    expect(newestOf(grids, 'TEMPERATURE', Date.parse('2026-06-17T12:00:00Z'))?.gridId).toBe('older')
    expect(newestOf(grids, 'DEPTH', Date.parse('2026-06-18T00:00:00Z'))).toBeUndefined()
    expect(newestOf(grids, 'TEMPERATURE', Date.parse('2026-06-26T00:00:00Z'))).toBeUndefined()
  })

  it('is passed over where a newer one shows too little of the sea in reach, and that is said', () => {
    const at = Date.parse('2026-06-18T00:00:00Z')
    const scrap = { ...GRID, gridId: 'scrap', at: '2026-06-17T23:00:00Z', reachShare: 0.3 }
    expect(newestOf([GRID, scrap], 'TEMPERATURE', at)?.gridId).toBe('g')
    expect(passedOver([GRID, scrap], GRID, at)?.gridId).toBe('scrap')
    expect(newestOf([GRID, { ...scrap, reachShare: 0.5 }], 'TEMPERATURE', at)?.gridId).toBe('scrap')
    expect(passedOver([GRID], GRID, at)).toBeUndefined()
  })
})

describe('tints, depths and scale', () => {
  it('are pale from end to end, and shoal water keeps its shades', () => {
    for (const share of [-1, 0, 0.5, 1, 2]) expect(Math.min(...tint('DEPTH', share))).toBeGreaterThan(120)
    expect(tint('TEMPERATURE', 0)).not.toEqual(tint('TEMPERATURE', 1))
    expect(shareOf('DEPTH', 10, 1000)(30)).toBeGreaterThan(0.2)
    expect(shareOf('TEMPERATURE', 20, 25)(22.5)).toBe(0.5)
    expect(shareOf('TEMPERATURE', 20, 20)(20)).toBe(0.5)
  })

  it('draws five round depths at most, and a scale of a round length', () => {
    expect(contourLevels(32, 212)).toEqual([40, 60, 100, 200])
    expect(contourLevels(0, 6000).length).toBeLessThanOrEqual(5)
    expect(contourLevels(3, 3)).toEqual([])
    const scale = scaleOf(50)
    expect(scale.miles).toBe(2)
    expect(scale.px).toBeCloseTo(74, 0)
  })

  it('rounds a line without moving its ends', () => {
    const line: [number, number][] = [
      [0, 0],
      [1, 0],
      [1, 1],
      [2, 1],
      [2, 2],
      [3, 2],
    ]
    const drawn = smoothed(averaged(line))
    expect(drawn[0]).toEqual([0, 0])
    expect(drawn.at(-1)).toEqual([3, 2])
    expect(drawn.length).toBeGreaterThan(line.length)
    const [west, south, east, north] = around(line)
    expect([west < 0, south < 0, east > 3, north > 2]).toEqual([true, true, true, true])
  })

  it('is thinned by means of what is known, each where its cells were', () => {
    const big: Grid = { ...GRID, rows: 4, columns: 6 }
    const cells = Float32Array.from({ length: 24 }, (_, i) => (i === 0 || i > 21 ? NaN : i))
    const { grid, cells: means } = thinned(big, cells, 3)
    expect([grid.rows, grid.columns]).toEqual([2, 3])
    expect(grid.latStepDeg).toBeCloseTo(0.2)
    expect(grid.southDeg).toBeCloseTo(27.05)
    expect(means[0]).toBeCloseTo((1 + 6 + 7) / 3)
    expect(means[5]).toBeCloseTo((16 + 17) / 2)
    expect(thinned(GRID, CELLS, 4).cells).toBe(CELLS)
  })

  it('draws her way only where it is known: not across a time without a word', () => {
    const at = (minute: number) => ({ at: `2026-06-18T08:${String(minute).padStart(2, '0')}:00Z` })
    expect(pieces([0, 4, 9, 20, 21].map(at)).map((piece) => piece.length)).toEqual([3, 2])
    expect(pieces([])).toEqual([])
  })
})
