import { describe, expect, it } from 'vitest'
import type { Instruments } from '../../deck/queries'
import { defaultUnits, SYSTEMS, unitsOf } from '../../units/UnitsContext'
import { hereOf } from './useHere'
import { fuelWords, hereWords, pictureWords } from './words'

const GRID = {
  gridId: 'g',
  name: 'sea',
  kind: 'TEMPERATURE' as const,
  at: '2026-06-17T22:00:00Z',
  rows: 3,
  columns: 4,
  southDeg: 27,
  westDeg: -48,
  latStepDeg: 0.1,
  lonStepDeg: 0.1,
  knownShare: 0.9,
  reachShare: 0.9,
}

describe('when a picture is of', () => {
  it('is said by the day of the place, not by that of Greenwich', () => {
    expect(pictureWords(GRID, 'Pacific/Chatham')).toBe('Thursday 18 June 2026, 10:45, 10 % under cloud')
    expect(pictureWords(GRID, 'Etc/GMT+3')).toBe('Wednesday 17 June 2026, 19:00, 10 % under cloud')
  })

  it('of what does not change is nothing', () => {
    const { at: _, ...depth } = GRID
    expect(pictureWords({ ...depth, knownShare: 1 }, 'UTC')).toBe('does not change')
  })
})

describe('where the boat is', () => {
  const gauge = (name: string, value: number, second?: number) => ({
    gauge: name,
    value,
    ...(second !== undefined && { second }),
    arrived: '2026-06-18T08:00:00Z',
    sourceId: 's',
  })
  const heard = (asked: string, way: string, ...gauges: object[]) =>
    ({ asked, sources: [{ sourceId: 's', source: { way } }], now: { gauges } }) as unknown as Instruments
  const words = (of: Instruments, still = false) => hereWords(hereOf(of)!, still, defaultUnits)

  it('is said with how she goes, and that nobody is there where she is simulated', () => {
    const place = gauge('POSITION', 27, -48)
    const ground = gauge('GROUND', 3.7, 84)
    expect(words(heard('2026-06-18T08:00:01Z', 'TCP', place, ground))).toBe(
      'Boat: 7.2 kn over ground on 084°',
    )
    expect(words(heard('2026-06-18T08:00:01Z', 'SIMULATED', place, ground))).toContain(
      'Boat, simulated: 7.2 kn',
    )
    expect(words(heard('2026-06-18T08:12:00Z', 'TCP', place, ground), true)).toBe('Boat: here 12 min ago')
    expect(words(heard('2026-06-18T08:00:20Z', 'TCP', place), true)).toBe('Boat: here 20 s ago')
    expect(words(heard('2026-06-18T10:10:00Z', 'TCP', place), true)).toBe('Boat: here 2 h ago')
    expect(words(heard('2026-06-18T08:00:01Z', 'TCP', place))).toBe('Boat: here now')
  })

  it('lies as her compass says, else as she goes; without a place she is nowhere', () => {
    const place = gauge('POSITION', 27, -48)
    const of = (...more: object[]) => hereOf(heard('2026-06-18T08:00:01Z', 'TCP', ...more))
    expect(of(place, gauge('GROUND', 3, 84), gauge('HEADING', 70))?.headingDeg).toBe(70)
    expect(of(place, gauge('GROUND', 3, 84))?.headingDeg).toBe(84)
    expect(of(place)?.headingDeg).toBeUndefined()
    expect(of(gauge('GROUND', 3, 84))).toBeNull()
    expect(of({ ...place, sourceId: 'taken off' })).toBeNull()
    // What was answered a minute ago, before the link went, is not of now.
    expect(hereOf(heard('2026-06-18T08:00:01Z', 'TCP', place), 60_000)?.agoMs).toBe(61_000)
  })
})

describe('what it burns to be at a place', () => {
  const words = (reach: object, units = defaultUnits) =>
    fuelWords({ reach: { runS: 1800, isTooFar: false, ...reach } }, units)

  it('is said as far as it is known, in litres or gallons', () => {
    expect(words({})).toContain('not told')
    expect(words({ bothWaysL: 40 })).toBe('Out and home take 40 L.')
    expect(words({ bothWaysL: 40 }, unitsOf(SYSTEMS.feet))).toBe('Out and home take 10.6 gal.')
    expect(words({ bothWaysL: 40, trollH: 9.96 })).toContain('the rest trolls for 10.0 h')
    expect(words({ bothWaysL: 400, trollH: 0, isTooFar: true })).toContain('Too far')
  })
})
