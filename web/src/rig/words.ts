import type { Units } from '../units/UnitsContext'
import { isJoint, isLine } from './model'
import type { Part } from './queries'

export const TAKES: Record<string, string> = {
  FIRM: 'firm from the start',
  LADDER: 'from just over the pull',
  LOOSE: 'loose, clicker on; firm after the first run',
}

export const HOOK_KINDS: Record<string, string> = {
  SINGLE: 'wide single',
  TWO_IN_LINE: 'two in line, offset',
  TREBLE: 'treble',
  BAIT_SET: 'bait set',
}

export const BAITS: Record<string, string> = {
  LIVE: 'live bait',
  DOUBLE_LIVE: 'two live baits in line',
  EEL_SHAPED: 'eel-shaped bait',
  CUT: 'cut bait',
  BENT: 'whole bait, bent',
}

export const FITTINGS: Record<string, string> = {
  SWIVEL: 'swivel',
  BEADED_SWIVEL: 'beaded swivel',
  SNAP_SWIVEL: 'snap swivel',
  THREE_WAY: 'three-way swivel',
  SOLID_RING: 'solid ring',
}

/** A short length in centimetres or inches, a long one as a let-out. */
export const lengthWords = (units: Units, metres: number): string =>
  units.say(metres < 2 ? 'small' : 'distance', metres)

/** What is written beside a part of the drawing. */
export function partLabel(part: Part, units: Units, offM: number): { title: string; detail: string } {
  const strength = part.strengthN === undefined ? '' : units.say('pull', part.strengthN)
  if (part.sort === 'MAIN')
    return { title: part.name, detail: `${strength}, ${units.say('distance', offM)} out` }
  if (isLine(part.sort))
    return { title: part.words, detail: `${lengthWords(units, part.lengthM ?? 0)} of ${strength}` }
  if (isJoint(part.sort)) return { title: part.name, detail: `${Math.round(100 * (part.efficiency ?? 1))} %` }
  if (part.sort === 'SPOOL') return { title: 'reel', detail: part.name }
  if (part.sort === 'WEIGHT' || part.sort === 'ATTRACTOR')
    return { title: part.words, detail: part.massKg === undefined ? '' : units.say('mass', part.massKg) }
  if (part.sort === 'LURE') return { title: part.name, detail: '' }
  return { title: part.name, detail: strength }
}

/** The same for those who cannot see the drawing. */
export function partSentence(part: Part, units: Units): string {
  const words = [part.sort === 'LURE' || isJoint(part.sort) ? part.name : `${part.words}, ${part.name}`]
  if (part.lengthM !== undefined) words.push(lengthWords(units, part.lengthM))
  if (part.massKg !== undefined) words.push(units.say('mass', part.massKg))
  if (part.efficiency !== undefined) words.push(`leaves ${Math.round(100 * part.efficiency)} %`)
  if (part.strengthN !== undefined) words.push(`holds ${units.say('pull', part.strengthN)}`)
  if (part.weakest) words.push('the weakest part')
  return words.join(', ')
}
