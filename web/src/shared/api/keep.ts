import { ask, Problem, type Api, type Answer } from './client'

const FIRST_PAUSE_MS = 1000
const LONGEST_PAUSE_MS = 5000

const waiting = new Set<symbol>()
const listeners = new Set<() => void>()

function say(change: () => void) {
  change()
  listeners.forEach((told) => told())
}

/** Changes that were sent and of which nobody knows yet whether they are kept. */
export const unknownWrites = {
  count: () => waiting.size,
  subscribe(told: () => void) {
    listeners.add(told)
    return () => listeners.delete(told)
  },
}

const pause = (ms: number) => new Promise((done) => setTimeout(done, ms))

/**
 * A change that is kept: sent until the server says what became of it. Sent again, it meets itself as a stale write; that
 * it stands as it was sent is then the answer.
 *
 * @param again reads what is kept, where a stale write's other side is not the answer itself
 * @throws Problem where it is refused, with what is kept where it is stale
 */
export async function keep<T>(
  call: (api: Api) => Promise<Answer<T>>,
  again?: () => Promise<T> | T,
): Promise<T> {
  const mark = Symbol('write')
  try {
    for (let sent = 1, ms = FIRST_PAUSE_MS; ; sent++, ms = Math.min(2 * ms, LONGEST_PAUSE_MS)) {
      try {
        return await ask(call)
      } catch (error) {
        if (!(error instanceof Problem)) throw error
        if (sent > 1 && error.status === 409 && holds(error.theirs, error.yours))
          return again ? await again() : (error.theirs as T)
        if (!error.away) throw error
      }
      say(() => waiting.add(mark))
      await pause(ms)
    }
  } finally {
    if (waiting.has(mark)) say(() => waiting.delete(mark))
  }
}

/** Everything of `part` stands in `whole`, but for the version. */
export function holds(whole: unknown, part: unknown): boolean {
  if (Array.isArray(part))
    return (
      Array.isArray(whole) && whole.length === part.length && part.every((one, i) => holds(whole[i], one))
    )
  if (typeof part === 'object' && part !== null)
    return (
      typeof whole === 'object' &&
      whole !== null &&
      Object.entries(part).every(
        ([name, value]) => name === 'version' || holds((whole as Record<string, unknown>)[name], value),
      )
    )
  return part === whole || (part === undefined && whole === null)
}
