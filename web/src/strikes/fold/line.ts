import type { Fact, LineNow, Stretch } from './model'

/**
 * One line's day, told fact by fact in time. What shows that a line was out although nobody said it went out leaves a
 * gap before it: that time is neither exposure nor none. The twin of `LineStory` in core; both pass the same fixtures.
 */
export function lineStory(begin: number) {
  const told: Stretch[] = []
  const on = new Set<string>()
  /** Strikes that ended before they began, by clocks that differ. */
  const over = new Set<string>()
  let now: Stretch = { from: begin, state: 'UNKNOWN' }

  const go = (at: number, state: LineNow, letOutM?: number) => {
    if (at > now.from) told.push({ ...now, to: at })
    now = letOutM === undefined ? { from: at, state } : { from: at, state, letOutM }
  }
  const wasOut = (at: number, another: boolean) => {
    const forgotten = now.state === 'FIGHTING' && !another
    if (now.state === 'IN' || forgotten) {
      now = { ...now, state: 'UNKNOWN' }
      on.clear()
    }
    if (now.state === 'UNKNOWN') go(at, 'OUT', now.letOutM)
  }

  return {
    tell({ factId, kind, happenedAt, payload }: Fact) {
      const at = Date.parse(happenedAt)
      if (kind === 'SET' || kind === 'CLEARED') {
        on.clear()
        go(at, kind === 'SET' ? 'OUT' : 'IN', kind === 'SET' ? payload.letOutM : undefined)
        return
      }
      wasOut(at, kind === 'STRUCK')
      if (kind === 'CHANGED') go(at, 'OUT', payload.letOutM ?? now.letOutM)
      else if (kind === 'STRUCK' && over.has(factId)) go(at, 'IN')
      else if (kind === 'STRUCK') {
        on.add(factId)
        go(at, 'FIGHTING', now.letOutM)
      }
    },
    /** The end of a strike on this line: only a fish that was never hooked leaves it fishing. */
    ended({ kind, happenedAt, payload }: Fact, strike: string) {
      over.add(strike)
      if (!on.delete(strike) || on.size > 0) return
      const fishes = kind === 'LOST' && payload.how === 'KNOCKED_OFF'
      go(Date.parse(happenedAt), fishes ? 'OUT' : 'IN', fishes ? now.letOutM : undefined)
    },
    stretches: (): readonly Stretch[] => [...told, now],
  }
}
