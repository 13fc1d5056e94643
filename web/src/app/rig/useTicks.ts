import { useCallback, useEffect, useMemo, useState, useSyncExternalStore } from 'react'
import type { Rig, Ticked } from '../../rig/queries'
import { tickId, type TickAnswer, type TickItem } from '../../rig/ticks'
import { outbox } from '../../shared/outbox/outbox'

type Standing = ReadonlyMap<string, Ticked>

/** Of two answers the one with the higher version is the later, in whatever order they come. */
const newer = (before: Standing, all: readonly Ticked[]): Standing =>
  new Map([
    ...before,
    ...all
      .filter((one) => (before.get(one.task)?.version ?? -1) <= one.version)
      .map((one) => [one.task, one] as const),
  ])

/** What of the evening is done: shown at once, kept on this device until the server has it, and as it was set elsewhere. */
export function useTicks(boat: string, spread: string, rig: Rig | null) {
  const [standing, setStanding] = useState<Standing>(new Map())
  const [problem, setProblem] = useState<string | null>(null)
  const items = useSyncExternalStore(outbox.subscribe, outbox.items)
  useEffect(() => {
    if (rig) setStanding((before) => newer(before, rig.ticked))
  }, [rig])
  useEffect(
    () =>
      outbox.onSent((sent) => {
        for (const { item, answer } of sent) {
          if (item.way !== 'tick' || (item.body as TickItem).spread !== spread) continue
          const { ticked, problem: says } = answer as TickAnswer
          setStanding((before) => newer(before, ticked))
          setProblem(says)
        }
      }),
    [spread],
  )
  const unsent = useMemo(
    () =>
      items
        .filter((item) => item.way === 'tick')
        .map((item) => item.body as TickItem)
        .filter((item) => item.spread === spread),
    [items, spread],
  )
  const set = useCallback(
    async (task: string, done: boolean) => {
      const kept = standing.get(task)
      const id = tickId(spread, task)
      if ((kept?.done ?? false) === done) return outbox.discard(id)
      const body: TickItem = { spread, task, done, version: kept?.done ? kept.version : 0 }
      return outbox.add({ id, way: 'tick', boat, body, words: `${done ? 'Tick' : 'Open'} ${task}` })
    },
    [boat, spread, standing],
  )
  const ticked = useMemo<ReadonlySet<string>>(() => {
    const all = new Set([...standing.values()].filter((one) => one.done).map((one) => one.task))
    for (const { task, done } of unsent) if (done) all.add(task)
    for (const { task, done } of unsent) if (!done) all.delete(task)
    return all
  }, [standing, unsent])
  return { ticked, set, problem }
}
