import type { Units } from '../../units/UnitsContext'
import type { Finding, Mend, Ride } from '../queries'

export interface Said {
  /** A short claim. */
  title: string
  /** The sentence with its figures. */
  text: string
  /** Words on the button that does it. */
  action?: string
}

/** What a finding says, in the reader's units. `label` names a line by its id. */
export function sentence(
  finding: Finding,
  units: Units,
  label: (lineId: string) => string,
  ride: (lineId: string) => Ride | undefined = () => undefined,
): Said {
  const who = list(finding.lineIds.map(label))
  const many = finding.lineIds.length > 1
  const action = finding.mend ? mendWords(finding.mend, units, label) : undefined
  const pull = finding.pullN === undefined ? '' : units.say('pull', finding.pullN)
  const drag = finding.dragN === undefined ? '' : units.say('pull', finding.dragN)
  const limit = finding.limitN === undefined ? '' : units.say('pull', finding.limitN)
  switch (finding.kind) {
    case 'AIRBORNE':
      return {
        title: `${who} flies`,
        text: `Nothing keeps ${who} in the water at this speed, tip height and let-out.${under(finding, units)}`,
        action,
      }
    case 'NOT_CONVERGED':
      return {
        title: `${who} has no answer`,
        text: 'The line could not be solved as it is tied. Check its tackle.',
      }
    case 'SKIPS':
      return {
        title: `${who} ${many ? 'leave' : 'leaves'} the water`,
        text: `Out of the water ${percent(finding.share ?? 0)} of the time.${under(finding, units)}`,
        action,
      }
    case 'DRAG_SLIPS':
      return {
        title: `${who}: drag too loose`,
        text: `The water alone pulls ${pull}; drag is set to ${drag}. Below ${limit} the line creeps out with no fish on.`,
        action,
      }
    case 'DRAG_TOO_TIGHT':
      return {
        title: `${who}: drag too tight`,
        text: `Drag is set to ${drag}. Above ${limit}, a third of its weakest line, a hard strike can part it.`,
        action,
      }
    case 'DRAG_WINDOW_EMPTY':
      return {
        title: `${who}: no drag works`,
        text: `The water pulls ${pull}, yet a third of the weakest line is ${limit}. Go slower, pull less, or tie it stronger.`,
      }
    case 'CARE_WEIGHT':
      return {
        title: 'Take care: weights',
        text: `If ${many ? 'any of ' : ''}${who} parts, its weight flies back at the boat. Nobody stands behind a loaded rod, and no leader goes round a hand.`,
      }
    case 'CARE_DRAG':
      return {
        title: 'Take care: heavy drag',
        text: `At ${drag} of drag a strike can take a rod, and a person with it. Tether each rod to a cleat with wide webbing.`,
      }
    case 'NEARLY_LEVEL':
      return {
        title: `${who} are not level`,
        text: `One runs ${units.say('distance', finding.asternM ?? 0)} behind the other.`,
        action,
      }
    case 'LEVEL':
      return {
        title: `${who} swim level`,
        text: `Both ${depthWords(finding.depthM ?? 0, units)}, ${units.say('distance', finding.asternM ?? 0)} behind the transom.${rideOf(finding, ride)}`,
      }
    case 'SPEED_EFFECT':
      return speedEffect(finding, units, who)
    case 'DRAG_HOLDS':
      return {
        title: 'Drags hold',
        text: `Tightest is ${who}: the water pulls ${pull}, drag is set to ${drag}.`,
      }
  }
}

function speedEffect(finding: Finding, units: Units, who: string): Said {
  const change = finding.depthM ?? 0
  const pull = units.say('pull', Math.abs(finding.pullN ?? 0))
  const way = change < 0 ? 'rises' : 'sinks'
  const moves =
    Math.abs(change) < 0.05 ? 'stays where it is' : `${way} ${units.say('distance', Math.abs(change))}`
  return {
    title: 'What speed does',
    text: `One knot faster, ${who} ${moves} and pulls ${pull} ${(finding.pullN ?? 0) < 0 ? 'less' : 'more'}. No line answers more.`,
  }
}

const under = (finding: Finding, units: Units) =>
  finding.mend?.change === 'SPEED'
    ? ` At ${units.say('speed', finding.mend.value)} ${finding.lineIds.length > 1 ? 'they stay' : 'it stays'} under.`
    : ''

const rideOf = (finding: Finding, ride: (lineId: string) => Ride | undefined) => {
  const known = ride(finding.lineIds[0] ?? '')
  return known ? ` ${rideWords(known)}.` : ''
}

const depthWords = (depthM: number, units: Units) =>
  depthM < 0.02 ? 'at the surface' : `${units.say('distance', depthM)} down`

function mendWords(mend: Mend, units: Units, label: (lineId: string) => string): string {
  const who = mend.lineId ? label(mend.lineId) : ''
  switch (mend.change) {
    case 'SPEED':
      return `Slow to ${units.say('speed', mend.value - 0.02)}`
    case 'LET_OUT':
      return `Let ${who} out to ${units.say('distance', mend.value)}`
    case 'STRIKE_DRAG':
      return `Set ${who} to ${units.say('pull', mend.value)}`
  }
}

const WATER = { WASH: 'in the wash', EDGE: 'at the edge of the wash', CLEAN: 'in clean water' }

/** `Crest 4, in clean water`; the wave is named only where the crests reach. */
export const rideWords = (ride: Ride): string =>
  ride.insideWedge ? `Crest ${ride.crest}, ${WATER[ride.water]}` : `Outside the wake, ${WATER[ride.water]}`

export const percent = (share: number): string => `${Math.round(share * 100)} %`

export function list(names: readonly string[]): string {
  if (names.length < 2) return names[0] ?? ''
  return `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`
}
