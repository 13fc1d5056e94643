import type { Units } from '../../units/UnitsContext'
import type { Finding, Mend, Ride, Slower } from '../../draft/queries'

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
  slower?: Slower,
): Said {
  const who = list(finding.lineIds.map(label))
  const many = finding.lineIds.length > 1
  const action = finding.mend ? mendWords(finding, finding.mend, units, label) : undefined
  const pull = finding.pullN === undefined ? '' : units.say('pull', finding.pullN)
  const drag = finding.dragN === undefined ? '' : units.say('pull', finding.dragN)
  const limit = finding.limitN === undefined ? '' : units.say('pull', finding.limitN)
  const metres = units.say('distance', Math.abs(finding.depthM ?? 0))
  const least = units.say('speed', finding.leastMps ?? 0)
  const most = units.say('speed', finding.mostMps ?? 0)
  switch (finding.kind) {
    case 'TOUCHES_BOTTOM':
      return {
        title: `${who} is on the bottom`,
        text: `Its lowest part would hang ${metres} under the bottom given here.`,
        action,
      }
    case 'CLIP_LETS_GO':
      return {
        title: `${who}: the clip lets go`,
        text: `The line pulls ${pull} at the clip, which holds ${drag}. It wants ${limit}: seat the line deeper, or pull less behind it.`,
      }
    case 'SWIMS_UP':
      return {
        title: `${who}: the bait reaches the cable`,
        text: `At ${least} a live bait swims up to the ball and round the cable. At ${most} it stays behind.`,
        action,
      }
    case 'OUT_OF_WINDOW':
      return {
        title: `${who} ${many ? 'do' : 'does'} not work at this speed`,
        text:
          (finding.leastMps ?? 0) < (finding.mostMps ?? 0)
            ? `Every lure out works from ${least} to ${most}.`
            : `No speed suits every lure out: one works only from ${least}, another only to ${most}. Change one.`,
        action,
      }
    case 'IDLE_TOO_FAST':
      return {
        title: `She idles too fast for ${who}`,
        text: `Idle is ${most}; ${who} ${many ? 'work' : 'works'} to ${least}.${slowerWords(slower, units)}`,
      }
    case 'STREAM_STOPS':
      return {
        title: 'The stream holds her in place',
        text: `Over the bottom she makes ${least} against ${most} of stream: no new water is fished. Turn across it or with it.`,
      }
    case 'BAIT_LAYER':
      return {
        title:
          finding.depthM === 0
            ? `${who} swims in the bait`
            : `${who} swims ${metres} ${(finding.depthM ?? 0) < 0 ? 'over' : 'under'} the bait`,
        text: 'The deep line nearest to the layer given here.',
      }
    case 'OFF_BOTTOM':
      return { title: `${metres} off the bottom`, text: `${who} hangs lowest.` }
    case 'SPEED_WINDOW':
      return {
        title: 'Every lure works',
        text: `From ${least} to ${most}; ${few(finding.lineIds.map(label))} ${many ? 'narrow' : 'narrows'} it.`,
      }
    case 'WAKE_SHALLOW':
      return {
        title: 'Too shallow for this wake',
        text: `The crests are drawn for water deeper than ${metres}. Here it is ${units.say('distance', finding.asternM ?? 0)}: they stand closer together.`,
      }
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
    case 'REEL_SHORT':
      return {
        title: `${who}: the reel runs out`,
        text: `It carries ${units.say('distance', finding.asternM ?? 0)} less than is let out. Rig shows what each reel takes.`,
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
        text: `Drag is set to ${drag}. Above ${limit}, a third of its weakest part or the class of its rod, a hard strike can part one of them.`,
        action,
      }
    case 'DRAG_WINDOW_EMPTY':
      return {
        title: `${who}: no drag works`,
        text: `The water pulls ${pull}, yet a third of the weakest part is ${limit}. Rig shows what opens it: slower, lighter, or tied stronger.`,
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

const TENTH = 0.02

function mendWords(finding: Finding, mend: Mend, units: Units, label: (lineId: string) => string): string {
  const who = mend.lineId ? label(mend.lineId) : ''
  switch (mend.change) {
    case 'SPEED':
      return speedsUp(finding, mend)
        ? `Speed up to ${units.say('speed', mend.value + TENTH)}`
        : `Slow to ${units.say('speed', mend.value - TENTH)}`
    case 'LET_OUT':
      return `Let ${who} out to ${units.say('distance', mend.value)}`
    case 'STRIKE_DRAG':
      return `Set ${who} to ${units.say('pull', mend.value)}`
    case 'CABLE_OUT':
      return `Bring ${who}'s cable to ${units.say('distance', mend.value)}`
  }
}

const speedsUp = (finding: Finding, mend: Mend) =>
  finding.kind === 'SWIMS_UP' || (finding.kind === 'OUT_OF_WINDOW' && mend.value === finding.leastMps)

/** Ways to go slower than idle. */
function slowerWords(slower: Slower | undefined, units: Units): string {
  if (!slower) return ''
  const share = Math.round(slower.shareInGear * 100)
  const one =
    slower.oneEngineMps === undefined
      ? ''
      : ` One engine alone makes ${units.say('speed', slower.oneEngineMps)}.`
  return ` A drogue of ${slower.drogueAreaM2.toFixed(2)} m² of drag area slows her to ${units.say('speed', slower.toMps)}; keep its line clear of the propellers.${one} Or in gear ${share} % of the time.`
}

const WATER = { WASH: 'in the wash', EDGE: 'at the edge of the wash', CLEAN: 'in clean water' }

/** `Crest 4, in clean water`; the wave is named only where the crests reach. */
export const rideWords = (ride: Ride): string =>
  ride.insideWedge ? `Crest ${ride.crest}, ${WATER[ride.water]}` : `Outside the wake, ${WATER[ride.water]}`

export const percent = (share: number): string => `${Math.round(share * 100)} %`

/** The first names of many. */
const few = (names: readonly string[]) =>
  names.length > 4 ? `${names.slice(0, 3).join(', ')} and ${names.length - 3} more` : list(names)

export function list(names: readonly string[]): string {
  if (names.length < 2) return names[0] ?? ''
  return `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`
}
