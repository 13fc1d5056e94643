import { clockOf, dateAt, dayInWords, streamAt } from '../../clock/model'
import { KINDS, valueAt } from '../../water/model'
import { degrees } from '../../units/degrees'
import type { Units } from '../../units/UnitsContext'
import type { PlanDay } from '../plan/usePlanDay'
import type { Grid, SeaSpot } from '../../water/queries'
import type { useWater } from './useWater'

/** Of when a picture is, and how much of it cloud hides. */
export const pictureWords = ({ at, knownShare }: Grid, timeZone: string): string => {
  const clear = knownShare < 0.995 ? `, ${Math.round(100 * (1 - knownShare))} % under cloud` : ''
  return at
    ? `${dayInWords(dateAt(Date.parse(at), timeZone))}, ${clockOf(Date.parse(at), timeZone)}${clear}`
    : `does not change${clear.replace('under cloud', 'not known')}`
}

/** What is under the pointer, and where that is. */
export function readWords(spot: SeaSpot, w: ReturnType<typeof useWater>): string {
  const value = w.shown && w.cells ? valueAt(w.shown, w.cells, spot) : null
  const [east, north] = w.sea.toXy(spot)
  const miles = Math.hypot(east, north) / 1852
  const bearing = (Math.atan2(east, north) * 180) / Math.PI + 360
  const what = value === null ? 'not known here' : w.say(value)
  return `${KINDS[w.kind].words} ${what} · ${miles.toFixed(1)} miles out on ${degrees(bearing)}°`
}

/** When to leave to be there at first light, and what the stream does then; what it burns nobody has told. */
export function arrivalWords({ day, place }: PlanDay, runMin: number, units: Units): string {
  if (!day?.firstLight) return 'No light of the day is known here: choose the hour on Plan.'
  const there = Date.parse(day.firstLight)
  const clock = (time: number) => clockOf(time, place.timeZone)
  const stream = streamAt(day, there)
  const runs = !stream
    ? 'The tide is not known there.'
    : stream.mps < 0.05
      ? 'Slack water then, by the tide.'
      : `${units.say('speed', stream.mps)} of stream towards ${degrees(stream.towardsDeg)}° then, by the tide.`
  return `Leave at ${clock(there - runMin * 60_000)} to be there at first light, ${clock(there)}. ${runs} What it burns is not known here.`
}
