import type { Units } from '../../units/UnitsContext'
import type { Sought } from '../../draft/queries'
import type { Knob } from './model'

export const KNOB_WORDS: Record<Knob, string> = {
  letOut: 'Let-out',
  cable: 'Cable',
  lead: 'Lead',
  speed: 'Speed',
}

const FIGURE = { letOut: 'distance', cable: 'distance', lead: 'mass', speed: 'speed' } as const

export const sayKnob = (knob: Knob, value: number, units: Units) => units.say(FIGURE[knob], value)

/** What can be had by a knob. */
export const rangeWords = (sought: Sought, knob: Knob, units: Units): string =>
  `${units.say('distance', sought.shallowestM)} at ${sayKnob(knob, sought.atShallowest, units)} to ${units.say('distance', sought.deepestM)} at ${sayKnob(knob, sought.atDeepest, units)}`

const STOPS: Record<NonNullable<Sought['stop']>, string> = {
  LEAST: 'the least there is',
  MOST: 'the most there is',
  TURNS_BACK: 'beyond it the lure comes up again',
  NO_SHAPE: 'beyond it the lure flies or the line has no shape',
}

/** Why a depth cannot be had; null where it can. */
export function stopWords(sought: Sought, knob: Knob, units: Units): string | null {
  if (sought.value !== undefined || !sought.stop) return null
  return `Can be had: ${rangeWords(sought, knob, units)}, ${STOPS[sought.stop]}.`
}
