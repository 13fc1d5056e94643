import { useMemo, useRef } from 'react'

export interface NewestNext<T> {
  ask(asked: T): void
  /** Something newer is wanted already. */
  overtaken(): boolean
  /** When all that was asked is done or overtaken. */
  settled(): Promise<void>
}

/** One piece of work at a time, always what was asked last next, nothing in between. */
export function newestNext<T>(work: (asked: T) => Promise<void>): NewestNext<T> {
  let wanted: { asked: T } | null = null
  let running: Promise<void> | null = null
  const run = async () => {
    while (wanted) {
      const { asked } = wanted
      wanted = null
      await work(asked)
    }
  }
  return {
    ask: (asked) => {
      wanted = { asked }
      running ??= run().finally(() => (running = null))
    },
    overtaken: () => wanted !== null,
    settled: () => running ?? Promise.resolve(),
  }
}

/** The same for a component; `work` is always that of the last rendering. */
export function useNewestNext<T>(work: (asked: T) => Promise<void>): NewestNext<T> {
  const latest = useRef(work)
  latest.current = work
  return useMemo(() => newestNext<T>((asked) => latest.current(asked)), [])
}
