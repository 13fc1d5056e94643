import type { Fact } from '../strikes/fold/model'
import type { Routine } from './queries'

/** A clock of the routine as it stands at a moment. */
export interface Clock {
  routine: Routine
  /** When it asks (ms). */
  due: number
  /** Seconds until then; negative once it asks. */
  leftS: number
}

const time = (fact: Fact) => Date.parse(fact.happenedAt)

/**
 * The clocks that run: each from when it was last put back, by whatever was reported, or from when lines first went
 * out. None runs while no line is out; that of a line runs while that line is out.
 *
 * @param facts    that stand, in any order
 * @param now      ms
 * @param outSince of each line that is out (ms)
 */
export function clocksOf(
  routines: readonly Routine[],
  facts: readonly Fact[],
  now: number,
  outSince: ReadonlyMap<string, number>,
): Clock[] {
  if (outSince.size === 0) return []
  const begin = Math.min(...outSince.values())
  return routines
    .filter(({ lineId }) => lineId === undefined || outSince.has(lineId))
    .map((routine) => {
      const from = facts
        .filter((fact) => time(fact) <= now && putsBack(routine, fact))
        .reduce(
          (last, fact) => Math.max(last, time(fact)),
          routine.lineId ? outSince.get(routine.lineId)! : begin,
        )
      const due = from + 1000 * routine.everyS
      return { routine, due, leftS: (due - now) / 1000 }
    })
    .sort((a, b) => Number(a.leftS > 0) - Number(b.leftS > 0) || asking(a, b))
}

/** Of those that ask the more urgent first, of those that wait the next one. */
const asking = (a: Clock, b: Clock) =>
  a.leftS <= 0 && b.leftS <= 0 ? b.routine.urgency - a.routine.urgency : a.leftS - b.leftS

function putsBack({ name, putBack, lineId }: Routine, { kind, payload }: Fact): boolean {
  if (kind === 'TENDED') return payload.routine === name
  return (putBack as readonly string[]).includes(kind) && (lineId === undefined || payload.lineId === lineId)
}

/** `4:05`, or `1 h 10 min`. */
export function countdown(seconds: number): string {
  const whole = Math.max(0, Math.round(Math.abs(seconds)))
  if (whole >= 3600) return `${Math.floor(whole / 3600)} h ${Math.floor((whole % 3600) / 60)} min`
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`
}
