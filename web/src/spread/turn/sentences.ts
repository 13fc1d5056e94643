import type { Units } from '../../units/UnitsContext'
import type { RoundSide, RoundTurn, SideTurn, Turns, Wider } from '../../draft/queries'
import { narrowest } from './useTurns'

type Label = (lineId: string) => string

export const sideWord = (side: 'PORT' | 'STARBOARD') => (side === 'PORT' ? 'port' : 'starboard')

export const degrees = (deg: number) => `${Math.round(deg)}°`

export interface TurnSaid {
  tone: 'warn' | 'care' | 'good'
  title: string
  text: string
  /** Straight afterwards until she may turn again, of the side that takes longer. */
  again: { m: number; s: number }
}

/** How far she turns, the narrower side first. */
export function turnSaid(turns: Turns, units: Units, label: Label): TurnSaid {
  const worse = narrowest(turns)
  const better = worse === turns.port ? turns.starboard : turns.port
  const both = Math.round(worse.limitDeg) === Math.round(better.limitDeg)
  const tone =
    worse.limitDeg < worse.tooLittleDeg ? 'warn' : worse.limitDeg < worse.wantedDeg ? 'care' : 'good'
  return {
    tone,
    title: both
      ? `To either side you have ${degrees(worse.limitDeg)}`
      : `To ${sideWord(worse.side)} you have ${degrees(worse.limitDeg)}`,
    text: both
      ? `${stops(worse, units, label)} To ${sideWord(better.side)} ${shortly(better, label)}.`
      : `${stops(worse, units, label)} To ${sideWord(better.side)} ${degrees(better.limitDeg)}, the kinder side: ${lowered(stops(better, units, label))}`,
    again:
      worse.againM >= better.againM
        ? { m: worse.againM, s: worse.againS }
        : { m: better.againM, s: better.againS },
  }
}

export const lowered = (text: string) =>
  /^[A-Z][0-9]/.test(text) ? text : text.charAt(0).toLowerCase() + text.slice(1)

const shortly = ({ foul }: SideTurn, label: Label) =>
  !foul
    ? 'nothing meets'
    : foul.otherLineId
      ? `it is ${label(foul.lineId)} and ${label(foul.otherLineId)}`
      : `${label(foul.lineId)} hangs slack`

/** What ends the turn to a side. */
export function stops(side: SideTurn, units: Units, label: Label): string {
  const { foul } = side
  if (!foul) return 'Nothing meets in a half turn.'
  const where = `${Math.round(foul.afterS)} s in, ${units.say('distance', foul.asternM)} astern`
  const when = foul.straightM > 0.5 ? `, running straight again` : ''
  return foul.otherLineId
    ? `${label(foul.lineId)} meets ${label(foul.otherLineId)}${when}, ${where}.`
    : `${label(foul.lineId)} hangs slack${when}, ${where}.`
}

/** How tightly she comes right round, the first thing a helmsman asks. */
export function roundSaid(round: RoundTurn, units: Units, label: Label): { title: string; text: string } {
  const { port, starboard } = round
  const alike = port.radiusM === starboard.radiusM
  const way = (side: RoundSide) =>
    side.radiusM === undefined
      ? `no way under ${units.say('distance', round.widestM)}`
      : units.say('distance', side.radiusM)
  const worse = (port.radiusM ?? Infinity) >= (starboard.radiusM ?? Infinity) ? port : starboard
  return {
    title: alike
      ? port.radiusM === undefined
        ? `Right round: ${way(port)}`
        : `Right round from a radius of ${way(port)}`
      : `Right round: ${way(port)} to port, ${way(starboard)} to starboard`,
    text: [tighter(worse, units, label), islands(worse, units)].filter(Boolean).join(' '),
  }
}

function tighter({ stops: foul, side }: RoundSide, units: Units, label: Label): string {
  if (!foul) return 'That is as tightly as she turns.'
  const where = `${units.say('distance', foul.asternM)} astern`
  return foul.otherLineId
    ? `Tighter to ${sideWord(side)}, ${label(foul.lineId)} meets ${label(foul.otherLineId)}, ${where}.`
    : `Tighter to ${sideWord(side)}, ${label(foul.lineId)} hangs slack.`
}

const islands = ({ islands: radii }: RoundSide, units: Units) =>
  radii.length > 0
    ? `A half turn at ${radii.map((radius) => units.say('distance', radius)).join(', ')} is clear too, with nothing to spare.`
    : ''

/** When she may turn again: in metres, seconds and boat lengths. */
export const againWords = ({ m, s }: TurnSaid['again'], boatM: number, units: Units): string =>
  m < 1
    ? 'She may turn again at once.'
    : `She may turn again after ${units.say('distance', m)}: ${Math.round(s)} s, ${Math.round(m / boatM)} boat lengths.`

/** Who comes by whom without meeting, the closest first. */
export function passWords(sides: readonly SideTurn[], units: Units, label: Label): string {
  const near = sides
    .flatMap((side) => side.passes.filter((pass) => pass.near))
    .sort((a, b) => a.betweenM - b.betweenM)[0]
  return near
    ? `Closest: ${label(near.lineId)} and ${label(near.otherLineId)}, ${units.say('distance', near.betweenM)} apart.`
    : ''
}

/** What the turn becomes by a change that widens it. */
export const widerTo = (wider: Wider) => `${degrees(wider.limitDeg)}${wider.enough ? ' or more' : ''}`
