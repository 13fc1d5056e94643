import { describe, expect, it } from 'vitest'
import { clockOf, dateAt, dayInWords, drawnSpan, hoursIn, lightBands } from './model'

const day = {
  start: '2026-06-18T03:00:00Z',
  end: '2026-06-19T03:00:00Z',
  firstLight: '2026-06-18T07:15:14Z',
  rise: '2026-06-18T08:13:54Z',
  set: '2026-06-18T22:07:06Z',
  lastLight: '2026-06-18T23:05:50Z',
}

describe('the day line', () => {
  it('reaches from before first light to after dark', () => {
    const span = drawnSpan(day)
    expect(span.start).toBeLessThan(Date.parse(day.firstLight))
    expect(span.end).toBeGreaterThan(Date.parse(day.lastLight))
    expect(lightBands(day, span).map((band) => band.light)).toEqual([
      'night',
      'twilight',
      'day',
      'twilight',
      'night',
    ])
  })

  it('has bands without gaps', () => {
    const bands = lightBands(day, drawnSpan(day))
    bands.slice(1).forEach((band, i) => expect(band.from).toBe(bands[i]!.to))
  })

  it('shows the whole day where the sun does not set', () => {
    const polar = { start: day.start, end: day.end }
    expect(drawnSpan(polar)).toEqual({ start: Date.parse(day.start), end: Date.parse(day.end) })
    expect(lightBands(polar, drawnSpan(polar)).map((band) => band.light)).toEqual(['day'])
  })

  it('reads the clock of the place, not of the browser', () => {
    expect(clockOf(Date.parse('2026-06-18T10:33:00Z'), 'Etc/GMT+3')).toBe('07:33')
    expect(dateAt(Date.parse('2026-06-18T01:00:00Z'), 'Etc/GMT+3')).toBe('2026-06-17')
    expect(dayInWords('2026-06-18')).toBe('Thursday 18 June 2026')
    expect(hoursIn({ start: 0, end: 4 * 3_600_000 }, 2)).toEqual([0, 7_200_000, 14_400_000])
  })
})
