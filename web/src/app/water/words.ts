import { ago } from '../../units/ago'
import { clockOf, dateAt, dayInWords, streamAt } from '../../clock/model'
import { KINDS, valueAt } from '../../water/model'
import { degrees } from '../../units/degrees'
import type { Units } from '../../units/UnitsContext'
import type { PlanDay } from '../plan/usePlanDay'
import type { Grid, Place, SeaSpot } from '../../water/queries'
import type { Here } from './useHere'
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

/** How long she runs there, to whole minutes. */
export const runMin = ({ reach }: Place): number => Math.max(1, Math.round(reach.runS / 60))

/** When to leave to be there at first light, and what the stream does then. */
export function arrivalWords({ day, place }: PlanDay, to: Place, units: Units): string {
  if (!day?.firstLight) return 'No light of the day is known here: choose the hour on Plan.'
  const there = Date.parse(day.firstLight)
  const clock = (time: number) => clockOf(time, place.timeZone)
  const stream = streamAt(day, there)
  const runs = !stream
    ? 'The tide is not known there.'
    : stream.mps < 0.05
      ? 'Slack water then, by the tide.'
      : `${units.say('speed', stream.mps)} of stream towards ${degrees(stream.towardsDeg)}° then, by the tide.`
  return `Leave at ${clock(there - runMin(to) * 60_000)} to be there at first light, ${clock(there)}. ${runs}`
}

/** What it burns to be there and home, and how long she can troll meanwhile. */
export function fuelWords({ reach }: Pick<Place, 'reach'>, units: Units): string {
  const { bothWaysL, trollH, isTooFar } = reach
  if (bothWaysL === undefined) return 'What she burns is not told: say it below.'
  const litres = units.say('volume', bothWaysL)
  if (isTooFar) return `Out and home take ${litres}: more than two thirds of the tank. Too far on it.`
  if (trollH === undefined) return `Out and home take ${litres}.`
  const hours = trollH < 10 ? trollH.toFixed(1) : String(Math.floor(trollH))
  return `Out and home take ${litres}; with a third of the tank kept back the rest trolls for ${hours} h.`
}

/** How the boat goes, or when she was there. */
export function hereWords(
  { groundMps, courseDeg, agoMs, invented }: Here,
  still: boolean,
  units: Units,
): string {
  const by = invented ? ', simulated' : ''
  if (still) return `Boat${by}: here ${ago(agoMs)} ago`
  if (groundMps === undefined) return `Boat${by}: here now`
  const on = courseDeg === undefined ? '' : ` on ${degrees(courseDeg)}°`
  return `Boat${by}: ${units.say('speed', groundMps)} over ground${on}`
}
