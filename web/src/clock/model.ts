import type { Day } from './queries'

const HOUR = 3_600_000

/** Milliseconds since the epoch at which the drawn day begins and ends: from before first light to after dark. */
export const drawnSpan = (day: Day): { start: number; end: number } => ({
  start: Date.parse(day.start),
  end: Date.parse(day.end),
})

/** The band of light in order, each from where the last one ended. */
export const lightBands = (day: Day) =>
  day.light.map((band) => ({ light: band.light, from: Date.parse(band.from), to: Date.parse(band.to) }))

/** The moment belongs to what is drawn of the day, on whichever side of midnight. */
export const isDrawn = (day: Day, time: number): boolean => {
  const { start, end } = drawnSpan(day)
  return time >= start && time <= end
}

export const darkAt = (day: Day, time: number): boolean =>
  lightBands(day).some((band) => band.light === 'NIGHT' && time >= band.from && time <= band.to)

/** Where the sun neither rises nor sets on this date. */
export const sunless = (day: Day): string =>
  day.light.some((band) => band.light === 'DAY') ? 'the sun does not set' : 'the sun does not rise'

/** Days and hours on the clock of the place. */
export { dateAt, dayInWords, hourOf as clockOf, shortDay } from '../units/zoned'

/** Whole hours inside the span. */
export function hoursIn(span: { start: number; end: number }, every: number): number[] {
  const hours = []
  for (let t = Math.ceil(span.start / HOUR) * HOUR; t <= span.end; t += HOUR) hours.push(t)
  return hours.filter((t) => Math.round(t / HOUR) % every === 0)
}

/** The tide at a moment, between its two nearest points; null outside the day or away from any station. */
export function tideAt(day: Day, time: number): { heightM: number; streamMps: number } | null {
  const curve = day.tide?.curve ?? []
  const next = curve.findIndex((point) => Date.parse(point.at) >= time)
  const to = curve[next]
  if (!to) return null
  const from = curve[next - 1] ?? to
  const gap = Date.parse(to.at) - Date.parse(from.at)
  const share = gap > 0 ? (time - Date.parse(from.at)) / gap : 1
  const between = (a: number, b: number) => a + (b - a) * share
  return {
    heightM: between(from.heightM, to.heightM),
    streamMps: between(from.streamMps, to.streamMps),
  }
}

/** Which way the stream sets at a moment, and how fast. */
export function streamAt(day: Day, time: number): { mps: number; towardsDeg: number } | null {
  const tide = tideAt(day, time)
  if (!tide || !day.tide) return null
  const flood = day.tide.floodTowardsDeg
  return {
    mps: Math.abs(tide.streamMps),
    towardsDeg: tide.streamMps >= 0 ? flood : (flood + 180) % 360,
  }
}

/** `1.2 m, ebb 0.6 kn`. */
export function tideWords(
  day: Day,
  time: number,
  height: (m: number) => string,
  speed: (mps: number) => string,
) {
  const tide = tideAt(day, time)
  if (!tide) return ''
  const stream = Math.abs(tide.streamMps)
  const way = tide.streamMps >= 0 ? 'flood' : 'ebb'
  return `${height(tide.heightM)}, ${stream < 0.05 ? 'slack' : `${way} ${speed(stream)}`}`
}
