import { afterEach, describe, expect, it, vi } from 'vitest'
import { outbox } from '../shared/outbox/outbox'
import { fixesOf, fixOf, type Told } from './fixes'

const T0 = Date.parse('2026-06-18T08:00:00Z')
const told = (second: number, change: Partial<Told['coords']> = {}): Told => ({
  timestamp: T0 + 1000 * second,
  coords: { latitude: 27.6, longitude: -47.3, accuracy: 6, speed: 4.2, heading: 36, ...change },
})

afterEach(() => vi.restoreAllMocks())

describe('where this device is', () => {
  it('is a fix with what is known of its way', () => {
    expect(fixOf(told(0))).toEqual({
      at: '2026-06-18T08:00:00.000Z',
      latitudeDeg: 27.6,
      longitudeDeg: -47.3,
      speedOverGroundMps: 4.2,
      courseDeg: 36,
    })
    expect(fixOf(told(0, { speed: null, heading: NaN }))).not.toHaveProperty('courseDeg')
  })

  it('is none where it could be anywhere', () => {
    expect(fixOf(told(0, { accuracy: 2000 }))).toBeNull()
    expect(fixOf(told(0, { latitude: NaN }))).toBeNull()
  })

  it('is kept on the device every so often, one a second, and at once when asked', async () => {
    const kept: { fixes: unknown[] }[] = []
    vi.spyOn(outbox, 'add').mockImplementation((item) => {
      kept.push(item.body as { fixes: unknown[] })
      return Promise.resolve()
    })
    const fixes = fixesOf('boat')
    for (let half = 0; half <= 42; half++) fixes.take(told(half / 2))
    expect(kept.map((body) => body.fixes.length)).toEqual([21])
    await fixes.keep()
    expect(kept.map((body) => body.fixes.length)).toEqual([21, 1])
    await fixes.keep()
    expect(kept).toHaveLength(2)
    fixes.take(told(-3600))
    fixes.take(told(-3599))
    await fixes.keep()
    expect(kept[2]!.fixes).toHaveLength(2)
  })
})
