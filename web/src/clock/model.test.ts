import { describe, expect, it } from 'vitest'
import {
  clockOf,
  dateAt,
  dayInWords,
  darkAt,
  drawnSpan,
  isDrawn,
  sunless,
  hoursIn,
  lightBands,
  streamAt,
  tideAt,
  tideWords,
} from './model'

const day = {
  start: '2026-06-18T03:00:00Z',
  end: '2026-06-19T03:00:00Z',
  firstLight: '2026-06-18T07:15:14Z',
  rise: '2026-06-18T08:13:54Z',
  noon: '2026-06-18T15:10:30Z',
  set: '2026-06-18T22:07:06Z',
  lastLight: '2026-06-18T23:05:50Z',
  light: [
    { light: 'NIGHT' as const, from: '2026-06-18T03:00:00Z', to: '2026-06-18T07:15:14Z' },
    { light: 'TWILIGHT' as const, from: '2026-06-18T07:15:14Z', to: '2026-06-18T08:13:54Z' },
    { light: 'DAY' as const, from: '2026-06-18T08:13:54Z', to: '2026-06-18T22:07:06Z' },
    { light: 'TWILIGHT' as const, from: '2026-06-18T22:07:06Z', to: '2026-06-18T23:05:50Z' },
    { light: 'NIGHT' as const, from: '2026-06-18T23:05:50Z', to: '2026-06-19T03:00:00Z' },
  ],
  moon: { lit: 0.2, waxing: true },
  tide: {
    station: 'Narrows',
    floodTowardsDeg: 200,
    turns: [],
    curve: [
      { at: '2026-06-18T10:00:00Z', heightM: 1, streamMps: 0.6 },
      { at: '2026-06-18T10:20:00Z', heightM: 2, streamMps: -0.2 },
    ],
  },
}

describe('the day line', () => {
  it('reaches from before first light to after dark', () => {
    const span = drawnSpan(day)
    expect(span.start).toBeLessThan(Date.parse(day.firstLight))
    expect(span.end).toBeGreaterThan(Date.parse(day.lastLight))
    expect(isDrawn(day, Date.parse('2026-06-19T02:00:00Z'))).toBe(true)
    expect(isDrawn(day, Date.parse('2026-06-19T03:10:00Z'))).toBe(false)
  })

  it('has bands without gaps', () => {
    const bands = lightBands(day)
    bands.slice(1).forEach((band, i) => expect(band.from).toBe(bands[i]!.to))
  })

  it('is dark where a band of night lies, on either side of midnight', () => {
    expect(darkAt(day, Date.parse('2026-06-19T01:00:00Z'))).toBe(true)
    expect(darkAt(day, Date.parse('2026-06-18T12:00:00Z'))).toBe(false)
  })

  it('says what a sun does that neither rises nor sets', () => {
    const { rise: _rise, set: _set, ...none } = day
    const all = (light: 'DAY' | 'NIGHT') => [{ light, from: day.start, to: day.end }]
    expect(sunless({ ...none, light: all('DAY') })).toBe('the sun does not set')
    expect(sunless({ ...none, light: all('NIGHT') })).toBe('the sun does not rise')
  })

  it('reads the tide between two points, and nothing beyond them', () => {
    const at = Date.parse('2026-06-18T10:10:00Z')
    expect(tideAt(day, at)).toEqual({ heightM: 1.5, streamMps: expect.closeTo(0.2, 9) as number })
    expect(tideAt(day, Date.parse('2026-06-18T11:00:00Z'))).toBeNull()
    const words = (time: string) =>
      tideWords(
        day,
        Date.parse(time),
        (m) => `${m.toFixed(1)} m`,
        (mps) => `${mps.toFixed(1)} m/s`,
      )
    expect(words('2026-06-18T10:10:00Z')).toBe('1.5 m, flood 0.2 m/s')
    expect(words('2026-06-18T10:15:00Z')).toBe('1.8 m, slack')
    expect(words('2026-06-18T12:00:00Z')).toBe('')
  })

  it('knows which way the ebb sets', () => {
    expect(streamAt(day, Date.parse('2026-06-18T10:20:00Z'))).toEqual({
      mps: expect.closeTo(0.2, 9) as number,
      towardsDeg: 20,
    })
    expect(streamAt(day, Date.parse('2026-06-18T10:00:00Z'))).toEqual({ mps: 0.6, towardsDeg: 200 })
  })

  it('reads the clock of the place, not of the browser', () => {
    expect(clockOf(Date.parse('2026-06-18T10:33:00Z'), 'Etc/GMT+3')).toBe('07:33')
    expect(dateAt(Date.parse('2026-06-18T01:00:00Z'), 'Etc/GMT+3')).toBe('2026-06-17')
    expect(dayInWords('2026-06-18')).toBe('Thursday 18 June 2026')
    expect(hoursIn({ start: 0, end: 4 * 3_600_000 }, 2)).toEqual([0, 7_200_000, 14_400_000])
  })
})
