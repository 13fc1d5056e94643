import { solve, type Draft, type Solved } from './queries'

/** What was asked for longer ago may stand on gear that has changed since (ms). */
const FRESH_MS = 10_000

const ahead = new WeakMap<Draft, { solved: Promise<Solved>; atMs: number }>()
const taken = new WeakSet<Draft>()

/** Asks for what the station will ask as soon as it stands, while the rest of it is still on its way. */
export function solveAhead(boat: string, draft: Draft): void {
  if (ahead.has(draft) || taken.has(draft)) return
  const solved = solve(boat, draft)
  // Told where it is taken, and asked again where it is not.
  solved.catch(() => undefined)
  ahead.set(draft, { solved, atMs: Date.now() })
}

/** Once: whoever asks again wants today's answer. */
export function takeAhead(draft: Draft): Promise<Solved> | undefined {
  const asked = ahead.get(draft)
  ahead.delete(draft)
  taken.add(draft)
  return asked && Date.now() - asked.atMs < FRESH_MS ? asked.solved : undefined
}
