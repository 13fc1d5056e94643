import type { Kind } from '../../../course/model'
import type { Course, LureOnCourse } from '../../../course/queries'
import { clockOf } from '../../../clock/model'
import { degrees } from '../../../units/degrees'
import type { Units } from '../../../units/UnitsContext'

export const KIND_WORDS: Readonly<Record<Kind, string>> = {
  ALONG: 'Along the band',
  WITH_STREAM: 'With the stream',
  AROUND: 'About a hump',
  LADDER: 'Lanes over ground',
  SPIRAL: 'Round and wider',
}

const HOW: Readonly<Record<NonNullable<Course['how']>, string>> = {
  FOLLOWS: 'Follows the band',
  WEAVES: 'Weaves over the band',
  STRAIGHT: 'Straight is best',
  PASSES: 'To and fro about the top',
  LANES: 'Lanes over new ground',
  WIDENS: 'Round and wider',
}

export const howWords = ({ how }: Course): string => (how ? HOW[how] : 'No course yet')

/** What it is laid without, each with what that means. */
const LACKS: Readonly<Record<Course['lacks'][number], string>> = {
  DEPTH: 'No depth is known there. Take in a grid of depth, or work an edge, lanes or a widening round.',
  BAND: 'Say where the lures are wanted: water of some depth, or near an edge.',
  HUMP: 'The bottom rises to no top of that depth within a mile of the start. Drag the start nearer, or widen the depths.',
  STREAM:
    'No stream is known there. Lures may lie to one side of the way, and the speed over ground is that through water.',
  STEMS: 'The stream sets faster than she goes: no course can be made good against it.',
  SPREAD: 'No spread is chosen: the course is that of the boat alone, with the turns she can make.',
  ROUND: 'Lines meet in every half turn that was tried. The widest was taken; look at the turns on Spread.',
}

/** Of a kind of course that says more of what is missing. */
const OF_KIND: Partial<Record<Kind, Partial<typeof LACKS>>> = {
  AROUND: { BAND: 'Say over which depths about the top the lures are wanted.' },
  WITH_STREAM: { STREAM: 'No stream is known there: nobody can say which way goes with it.' },
}

export const lackWords = (lack: Course['lacks'][number], kind: Kind): string =>
  OF_KIND[kind]?.[lack] ?? LACKS[lack]

const MILE_M = 1852

export const miles = (metres: number): string => `${(metres / MILE_M).toFixed(1)} miles`

export const share = (of: number): string => `${Math.round(100 * of)} %`

export const hours = (seconds: number): string => {
  const minutes = Math.round(seconds / 60)
  return minutes < 60
    ? `${minutes} min`
    : `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')} min`
}

/** Least and most that a receiver shows on it. */
export function holdWords({ legs }: Course, units: Units): string {
  const all = legs.map(({ overGroundMps }) => overGroundMps)
  const [least, most] = [units.figure('speed', Math.min(...all)), units.figure('speed', Math.max(...all))]
  return least === most ? least : `${least} to ${most}`
}

export const streamWords = (stream: Course['stream'], units: Units): string =>
  stream ? `stream ${units.say('speed', stream.mps)} to ${degrees(stream.towardsDeg)}°` : 'stream not known'

/** Where the stream is known from, and until when it sets so. */
export function streamFrom(stream: Course['stream'], timeZone: string): string | null {
  if (!stream) return null
  const from =
    stream.byTide && stream.byPicture
      ? 'the tide and the current in the picture'
      : stream.byTide
        ? 'the tide'
        : 'the current in the picture, without the tide'
  const turns = stream.turnsAt ? ` It turns at ${clockOf(Date.parse(stream.turnsAt), timeZone)}.` : ''
  return `The stream is that of ${from} where lines go in.${turns}`
}

/** Less water asks for a chart before anything else (m). */
const SHOAL_M = 10

/** The shoalest water on the way, and how far that is to be trusted. */
export function shoalWords({ shoalestM }: Course, units: Units): { words: string; strong: boolean } {
  if (shoalestM === undefined)
    return { words: 'No depth is known on the way: nothing is said of shoals.', strong: false }
  const depth = units.say('distance', Math.max(0, shoalestM))
  return shoalestM < SHOAL_M
    ? {
        words: `Only ${depth} of water on the way, and a grid of depths knows no rock: look at your chart first.`,
        strong: true,
      }
    : {
        words: `Shoalest water on the way ${depth}, by the grid of depths, which knows no rock.`,
        strong: false,
      }
}

const AT_SURFACE_M = 0.05

/** How deep it runs on the way, and how near it comes to the bottom. */
export function depthsWords(lure: LureOnCourse, units: Units): string {
  if (lure.flies) return 'not in the water at this speed'
  if (lure.deepM < AT_SURFACE_M) return 'at the surface'
  const [least, most] = [lure.shallowM, lure.deepM].map((m) => units.figure('distance', m))
  const runs = least === most ? `${most}` : `${least} to ${most}`
  return `${runs} ${units.unit('distance').symbol} deep`
}

export function bottomWords(lure: LureOnCourse, units: Units): string | null {
  if (lure.flies || lure.offBottomM === undefined) return null
  return lure.offBottomM <= 0
    ? `touches bottom after ${hours(lure.offAtS)}`
    : lure.offBottomM < 10
      ? `${units.say('distance', lure.offBottomM)} off the bottom at least`
      : null
}
