import { solve, solvedOf, type Draft, type Kept, type Solved } from './queries'

/** What was asked for longer ago may stand on gear that has changed since (ms). */
const FRESH_MS = 10_000

interface Ahead {
  solved: Promise<Solved>
  /** Once it is here. */
  come?: Solved
  atMs: number
}

const ahead = new WeakMap<Draft, Ahead>()
const taken = new WeakSet<Draft>()

/** Asks for what the station will ask as soon as it stands, while the rest of it is still on its way. */
export async function solveAhead(boat: string, { spreadId, version, draft }: Kept): Promise<void> {
  if (ahead.has(draft) || taken.has(draft)) return
  const solved = solvedOf(boat, spreadId).then((of) =>
    of.version === version ? of.solved : solve(boat, draft),
  )
  const asked: Ahead = { solved, atMs: Date.now() }
  ahead.set(draft, asked)
  // Told where it is taken, and asked again where it is not.
  asked.come = await solved.catch(() => undefined)
}

/** What is here already, to be drawn at once; it is still to be taken. */
export const comeAhead = (draft: Draft): Solved | undefined => fresh(ahead.get(draft))?.come

/** Once: whoever asks again wants today's answer. */
export function takeAhead(draft: Draft): Promise<Solved> | undefined {
  const asked = ahead.get(draft)
  ahead.delete(draft)
  taken.add(draft)
  return fresh(asked)?.solved
}

const fresh = (asked: Ahead | undefined) => (asked && Date.now() - asked.atMs < FRESH_MS ? asked : undefined)
