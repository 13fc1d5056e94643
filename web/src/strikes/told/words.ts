import { LOSSES } from '../losses'
import { plainWords, seenWords } from '../seen'
import type { Fact } from '../fold/model'

/** How a list names lines and says figures. */
export interface Saying {
  /** Of a line, or of the line of a strike; what it is about where nobody knows. */
  nameOf(lineOrStrike: string): string
  /** A length, depth or distance, from metres. */
  length(metres: number): string
}

/**
 * Names the line of a strike, also of one that is taken back: the fish of it came aboard all the same and counts, which who
 * took the strike back must see.
 */
export function strikeNames(
  { standing, takenBack }: { standing: readonly Fact[]; takenBack: readonly { fact: Fact }[] },
  nameOf: (lineId: string) => string,
): (lineOrStrike: string) => string {
  const lineOf = (facts: readonly Fact[], id: string) =>
    facts.find(({ factId, kind }) => factId === id && kind === 'STRUCK')?.payload.lineId
  const gone = takenBack.map(({ fact }) => fact)
  return (id) => {
    const away = lineOf(gone, id)
    return away ? `${nameOf(away)}, its strike taken back` : nameOf(lineOf(standing, id) ?? id)
  }
}

/** A fact as a crew would say it. One of a kind that this edition does not know is named, never left out. */
export function toldWords(fact: Fact, saying: Saying): string {
  const words = wordsOf(fact, saying)
  return words.charAt(0).toUpperCase() + words.slice(1)
}

function wordsOf({ kind, payload }: Fact, { nameOf, length }: Saying): string {
  const line = nameOf(payload.lineId ?? payload.strikeId ?? '')
  const letOut = payload.letOutM === undefined ? '' : `, ${length(payload.letOutM)} out`
  switch (kind) {
    case 'STRUCK':
      return `Strike on ${line}`
    case 'LANDED':
      return `${payload.species ?? 'A fish'} ${payload.released ? 'released' : 'landed'} from ${line}`
    case 'LOST':
      return `Fish lost on ${line}: ${LOSSES.find(([how]) => how === payload.how)?.[1] ?? 'nobody knows how'}`
    case 'FOLLOWED':
      return `A fish came after ${line}`
    case 'SET':
      return `${line} set${letOut}`
    case 'CHANGED':
      return `${line} changed${letOut}`
    case 'CLEARED':
      return `${line} taken in`
    case 'RENEWED':
      return `Fresh bait on ${line}`
    case 'CHECKED':
      return `${line} looked over`
    case 'TOUCHED':
      return `${line} touched bottom`
    case 'CUED':
      return `${line} ran wrong: ${plainWords(payload['cue'])}`
    case 'ENGINES':
      return payload.running === 1 ? 'One engine runs' : `${payload.running} engines run`
    case 'SIGHTED':
      return `Seen: ${seenWords(payload['what'])}`
    case 'BAIT_CAUGHT':
      return `${payload.count} ${payload.bait} into the well`
    case 'BAIT_DEAD':
      return `${payload.count} ${payload.bait} dead`
    case 'OPENED':
      return `Eaten by the fish on ${line}: ${payload.found}`
    case 'TENDED':
      return tended(String(payload['routine'] ?? ''))
    default:
      return `${plainWords(kind)}, of another edition`
  }
}

const tended = (routine: string): string =>
  routine.startsWith('TAKEN_OFF ')
    ? 'A used lure taken off the box'
    : routine.startsWith('TACKLE_OFF ')
      ? 'Lost line and hooks taken off the count'
      : `Done: ${plainWords(routine)}`
