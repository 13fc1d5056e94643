import { useCallback, useEffect, useMemo, useState } from 'react'
import { tick, type Rig, type Ticked } from '../rig/queries'
import type { Problem } from '../shared/api/client'

const versions = (all: readonly Ticked[]) => new Map(all.map((one) => [one.task, one.version]))

/** What of the evening is done: shown at once, sent until the server has it, and as it was set elsewhere meanwhile. */
export function useTicks(boat: string, spread: string, rig: Rig | null) {
  /** Task by the version its tick is kept under; 0 while it is on its way. */
  const [kept, setKept] = useState<ReadonlyMap<string, number>>(new Map())
  const [problem, setProblem] = useState<string | null>(null)
  useEffect(() => {
    if (rig) setKept(versions(rig.ticked))
  }, [rig])
  const set = useCallback(
    async (task: string, done: boolean) => {
      const version = kept.get(task) ?? 0
      setKept((before) => including(before, task, done, version))
      try {
        const all = await tick(boat, spread, { task, done, version })
        if (all) setKept(versions(all))
        setProblem(null)
      } catch (error) {
        const theirs = (error as Problem).theirs as { done: boolean; version: number } | undefined
        setKept((before) => including(before, task, theirs?.done ?? !done, theirs?.version ?? version))
        setProblem(
          theirs
            ? theirs.done === done
              ? null
              : `It was ${theirs.done ? 'ticked' : 'opened again'} elsewhere meanwhile, and stands so now.`
            : `The tick was not kept. ${(error as Error).message}`,
        )
      }
    },
    [boat, spread, kept],
  )
  const ticked = useMemo<ReadonlySet<string>>(() => new Set(kept.keys()), [kept])
  return { ticked, set, problem }
}

function including(
  before: ReadonlyMap<string, number>,
  task: string,
  done: boolean,
  version: number,
): ReadonlyMap<string, number> {
  const next = new Map(before)
  if (done) next.set(task, version)
  else next.delete(task)
  return next
}
