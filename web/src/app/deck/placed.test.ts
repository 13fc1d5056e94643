import { describe, expect, it } from 'vitest'
import { fromBoat } from '../../deck/live/place'
import type { LiveNow } from '../../deck/live/queries'
import { placed } from './useSightings'

const now = {
  latitudeDeg: 27.6,
  longitudeDeg: 179.9999,
  headingDeg: 80,
  turnDegMin: 0,
  courseDeg: 90,
  groundMps: 4,
} as LiveNow
const AHEAD = { bowDeg: 10, offM: 100 }

describe('what was seen', () => {
  it('lies where it was seen from the boat', () => {
    const { seen, place } = placed(now, AHEAD, 0)
    expect(seen).toEqual({ bearingDeg: 90, distanceM: 100 })
    const off = fromBoat(now, place)
    expect(off.northM).toBeCloseTo(0, 3)
    expect(off.eastM).toBeCloseTo(100, 3)
  })

  it('is seen from where she has come to since she was heard of, and as she heads by then', () => {
    const straight = fromBoat(now, placed(now, AHEAD, 8).place)
    expect(straight.eastM).toBeCloseTo(132, 3)
    const { seen, place } = placed({ ...now, turnDegMin: 300 }, AHEAD, 6)
    expect(seen.bearingDeg).toBeCloseTo(120, 9)
    const turning = fromBoat(now, place)
    expect(turning.northM).toBeCloseTo(-50, 3)
    expect(turning.eastM).toBeCloseTo(24 + 86.603, 3)
  })
})
