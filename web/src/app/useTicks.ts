import { useCallback, useEffect, useState } from 'react'
import { tick, type Rig } from '../rig/queries'

/** What of the evening is done: shown at once, kept by the server, put back where it could not be kept. */
export function useTicks(boat: string, spread: string, rig: Rig | null) {
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set())
  const [problem, setProblem] = useState<string | null>(null)
  useEffect(() => {
    if (rig) setTicked(new Set(rig.ticked))
  }, [rig])
  const set = useCallback(
    async (task: string, done: boolean) => {
      setTicked((before) => including(before, task, done))
      try {
        await tick(boat, spread, task, done)
        setProblem(null)
      } catch {
        setTicked((before) => including(before, task, !done))
        setProblem(
          'The tick was not kept: the server or its database is away. Tick it again when it is back.',
        )
      }
    },
    [boat, spread],
  )
  return { ticked, set, problem }
}

function including(before: ReadonlySet<string>, task: string, done: boolean): ReadonlySet<string> {
  const next = new Set(before)
  if (done) next.add(task)
  else next.delete(task)
  return next
}
