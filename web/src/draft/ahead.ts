import { solve, type Draft, type Solved } from './queries'

const ahead = new WeakMap<Draft, Promise<Solved>>()

/** Asks for what the station will ask as soon as it stands, while the rest of it is still on its way. */
export function solveAhead(boat: string, draft: Draft): void {
  if (ahead.has(draft)) return
  const solved = solve(boat, draft)
  // Told where it is taken, and asked again where it is not.
  solved.catch(() => undefined)
  ahead.set(draft, solved)
}

/** Once: whoever asks again wants today's answer. */
export function takeAhead(draft: Draft): Promise<Solved> | undefined {
  const solved = ahead.get(draft)
  ahead.delete(draft)
  return solved
}
