import { describe, expect, it } from 'vitest'
import { defaultUnits } from '../units/UnitsContext'
import { shownOf, unreal } from './gauges'
import type { GaugeName, Instruments } from './queries'

const T0 = Date.parse('2026-06-18T08:00:00Z')
const at = (seconds: number) => new Date(T0 + 1000 * seconds).toISOString()
const reply = (gauges: NonNullable<Instruments['now']>['gauges'], askedS = 1): Instruments => ({
  asked: at(askedS),
  sources: [
    { sourceId: 's', source: { version: 1, name: 'Sounder', way: 'TCP', host: 'h', port: 1, priority: 1 } },
  ],
  now: { at: at(1), gauges, states: [] },
})
const gauge = (name: GaugeName, value: number, second?: number) =>
  ({
    gauge: name,
    value,
    ...(second !== undefined && { second }),
    arrived: at(0),
    sourceId: 's',
  }) as NonNullable<Instruments['now']>['gauges'][number]

describe('what instruments tell', () => {
  it('is shown in the order a helmsman looks for it, in the reader’s units', () => {
    const shown = shownOf(
      reply([gauge('DEPTH', 128.2), gauge('GROUND', 4.27, 36.2), gauge('WATER_SPEED', 3.86)]),
      defaultUnits,
    )
    expect(shown.map(({ title, figure, unit, beneath }) => [title, figure, unit, beneath])).toEqual([
      ['Through water', '7.5', 'kn', 'Sounder'],
      ['Over ground', '8.3', 'kn', 'course 036°'],
      ['Depth', '128', 'm', 'Sounder'],
    ])
  })

  it('says how long a source is quiet, and shows nothing of one that is taken off', () => {
    const told = reply([gauge('DEPTH', 30)], 75)
    expect(shownOf(told, defaultUnits)[0]).toMatchObject({ quiet: true, beneath: 'quiet for 1 min' })
    const fresh = reply([gauge('DEPTH', 30)], 1)
    expect(shownOf(fresh, defaultUnits, 40)[0]).toMatchObject({ quiet: true, beneath: 'quiet for 41 s' })
    expect(shownOf({ ...told, sources: [] }, defaultUnits)).toEqual([])
    expect(shownOf({ asked: at(0), sources: [] }, defaultUnits)).toEqual([])
  })

  it('says the wind by side, and a ground speed without a course', () => {
    const shown = shownOf(reply([gauge('WIND', 5, 300), gauge('GROUND', 0.1)]), defaultUnits)
    expect(shown.map(({ beneath }) => beneath)).toEqual(['no course yet', '60° to port'])
  })

  it('says what is heard and is not of where she is now', () => {
    const real = reply([])
    const [one] = real.sources
    const by = (way: 'SIMULATED' | 'RECORDED') =>
      unreal({ ...real, sources: [{ ...one!, source: { ...one!.source, way } }] })
    expect(unreal(real)).toBe('')
    expect(by('SIMULATED')).toBe('Simulated instruments')
    expect(by('RECORDED')).toBe('A recording')
  })
})
