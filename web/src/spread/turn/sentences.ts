import type { Units } from '../../units/UnitsContext'
import type { SideTurn, Turns, Wider } from '../../draft/queries'
import { narrowest } from './useTurns'

type Label = (lineId: string) => string

export const sideWord = (side: 'PORT' | 'STARBOARD') => (side === 'PORT' ? 'port' : 'starboard')

export const degrees = (deg: number) => `${Math.round(deg)}°`

export interface TurnSaid {
  tone: 'warn' | 'care' | 'good'
  title: string
  text: string
  /** To run straight afterwards until every lure is back, the longer of both sides. */
  straightM: number
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
      : `${stops(worse, units, label)} To ${sideWord(better.side)} ${degrees(better.limitDeg)}, the kinder side: ${lower(stops(better, units, label))}`,
    straightM: Math.max(worse.runStraightM, better.runStraightM),
  }
}

const lower = (text: string) =>
  /^[A-Z][0-9]/.test(text) ? text : text.charAt(0).toLowerCase() + text.slice(1)

const shortly = ({ foul }: SideTurn, label: Label) =>
  !foul
    ? 'nothing fouls'
    : foul.otherLineId
      ? `it is ${label(foul.lineId)} and ${label(foul.otherLineId)}`
      : `${label(foul.lineId)} hangs slack`

/** What ends the turn to a side. */
export function stops(side: SideTurn, units: Units, label: Label): string {
  const { foul } = side
  if (!foul) return 'Nothing fouls in a half turn.'
  const where = `${Math.round(foul.afterS)} s in, ${units.say('distance', foul.asternM)} astern`
  const when = foul.straightM > 0.5 ? `, running straight again` : ''
  return foul.otherLineId
    ? `${label(foul.lineId)} fouls ${label(foul.otherLineId)}${when}, ${where}.`
    : `${label(foul.lineId)} hangs slack${when}, ${where}.`
}

/** What the turn becomes by a change that widens it. */
export const widerTo = (wider: Wider) => `${degrees(wider.limitDeg)}${wider.enough ? ' or more' : ''}`
