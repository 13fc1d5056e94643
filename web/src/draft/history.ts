/** Undo and redo over whole documents. A drag is one step however many positions it passes. */
export interface History<T> {
  past: readonly T[]
  now: T
  future: readonly T[]
  /** Where a drag began; its steps replace each other until it is settled. */
  dragFrom: T | null
}

const MOST_STEPS = 200

export const startHistory = <T>(now: T): History<T> => ({ past: [], now, future: [], dragFrom: null })

export function edited<T>(history: History<T>, now: T): History<T> {
  const from = history.dragFrom ?? history.now
  if (now === from) return { ...history, now, dragFrom: null }
  return { past: [...history.past, from].slice(-MOST_STEPS), now, future: [], dragFrom: null }
}

/** Shows a passing position of a drag. */
export const previewed = <T>(history: History<T>, now: T): History<T> => ({
  ...history,
  now,
  dragFrom: history.dragFrom ?? history.now,
})

/** Ends a drag where it stands. */
export const settled = <T>(history: History<T>): History<T> =>
  history.dragFrom === null ? history : edited(history, history.now)

export function undone<T>(history: History<T>): History<T> {
  const before = history.past.at(-1)
  if (before === undefined) return history
  return {
    past: history.past.slice(0, -1),
    now: before,
    future: [history.now, ...history.future],
    dragFrom: null,
  }
}

export function redone<T>(history: History<T>): History<T> {
  const [next, ...rest] = history.future
  if (next === undefined) return history
  return { past: [...history.past, history.now], now: next, future: rest, dragFrom: null }
}
