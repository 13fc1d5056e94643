import type { Next } from '../../deck/SetNext'
import type { ToClear } from '../../deck/StrikeCard'
import type { Turns } from '../../draft/queries'
import type { Units } from '../../units/UnitsContext'

/** Why a line comes in, in as many words as are read with a fish on. */
const CLEARING = {
  NEARER: 'nearer',
  TWIN: 'level',
  FAR_CENTRE: 'crossed by it',
  COMES_ACROSS: 'swings across',
  ALL_IN: 'your way: all in',
  FLOATS: 'floats',
  STAYS: 'stays',
} as const

/** Lines that come in for a fish on one of them, in order, and those that may stay out. */
export function clearingFor(
  turns: Turns | null,
  struck: string,
  labelOf: (lineId: string) => string,
  isIn: (lineId: string) => boolean,
): { clear: ToClear[]; stay: string[] } {
  const steps = turns?.clearing.find(({ struckLineId }) => struckLineId === struck)?.steps ?? []
  return {
    clear: steps
      .filter((step) => step.clear)
      .map(({ lineId, reason }) => ({
        lineId,
        label: labelOf(lineId),
        isIn: isIn(lineId),
        words: CLEARING[reason],
      })),
    stay: steps.filter((step) => !step.clear).map((step) => labelOf(step.lineId)),
  }
}

/** Lines still to be set, in order, with how to steer for who is alone. */
export const settingOf = (
  steps: Turns['setting'],
  labelOf: (lineId: string) => string,
  units: Units,
): Next[] =>
  steps.map(({ lineId, steer, clearsM }) => {
    const clear = clearsM === undefined ? '' : `, clear by ${units.say('distance', Math.round(clearsM))}`
    return {
      lineId,
      label: labelOf(lineId),
      steer: steer
        ? `Alone: steer to ${steer === 'STARBOARD' ? 'starboard' : 'port'} while it goes out${clear}. Kill cord on, lifejacket on, and someone ashore knows the plan.`
        : null,
    }
  })
