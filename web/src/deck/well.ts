import type { Fact } from '../strikes/fold/model'

/** One kind of bait in the well, by what was told today. */
export interface InTheWell {
  bait: string
  caught: number
  dead: number
  /** What went in less what died; baits that went out on a hook are not told of. */
  left: number
}

/** The last told of first. */
export function wellOf(facts: readonly Fact[]): InTheWell[] {
  const well = new Map<string, InTheWell>()
  for (const { kind, payload } of facts) {
    if ((kind !== 'BAIT_CAUGHT' && kind !== 'BAIT_DEAD') || !payload.bait) continue
    const one = well.get(payload.bait) ?? { bait: payload.bait, caught: 0, dead: 0, left: 0 }
    const count = payload.count ?? 0
    const caught = one.caught + (kind === 'BAIT_CAUGHT' ? count : 0)
    const dead = one.dead + (kind === 'BAIT_DEAD' ? count : 0)
    well.delete(payload.bait)
    well.set(payload.bait, { ...one, caught, dead, left: Math.max(0, caught - dead) })
  }
  return [...well.values()].reverse()
}
