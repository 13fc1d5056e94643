import { useQueryClient } from '@tanstack/react-query'
import { useCallback, useRef, useState } from 'react'
import {
  buildSpread,
  keepOrigin,
  originOf,
  type BuildEvent,
  type CallBody,
  type Made,
} from '../../call/queries'
import { Problem } from '../../shared/api/client'
import { solve, type Draft, type Solved } from '../../draft/queries'
import { anew, newSpread } from '../spread/newSpread'

export interface Building {
  /** Null while nothing is being built. */
  share: number | null
  picture: { draft: Draft; solved: Solved } | null
  problem: string | null
  /** Searches, keeps and gives the id of the spread; null when it was given up or failed. */
  build(call: CallBody, name: string, replaced?: string): Promise<string | null>
  /** The same for a spread that stands, with its locked lines kept; nothing is saved. */
  refill(call: CallBody, draft: Draft): Promise<{ draft: Draft; made: Made } | null>
  cancel(): void
}

/** A first spread on its way: the first picture, how far the search is, and what came of it. */
export function useBuild(boat: string): Building {
  const queries = useQueryClient()
  const [share, setShare] = useState<number | null>(null)
  const [picture, setPicture] = useState<Building['picture']>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const stop = useRef<AbortController | null>(null)

  const search = useCallback(
    async (call: CallBody, draft?: Draft): Promise<BuildEvent | null> => {
      stop.current?.abort()
      const ours = new AbortController()
      stop.current = ours
      setShare(0)
      setPicture(null)
      setProblem(null)
      let last: BuildEvent | null = null
      try {
        await buildSpread(
          boat,
          { call, ...(draft && { draft }) },
          (event) => {
            last = event
            setShare(event.share)
            if (event.kind === 'PICTURE' && event.spread) {
              const shown = event.spread
              void solve(boat, shown).then(
                (solved) => !ours.signal.aborted && setPicture({ draft: shown, solved }),
                () => undefined,
              )
            }
          },
          ours.signal,
        )
      } catch (error) {
        if (ours.signal.aborted) return null
        setProblem(
          error instanceof Problem && error.faults.length > 0
            ? error.said.join(' ')
            : 'The search broke off. Try again.',
        )
      } finally {
        if (stop.current === ours) setShare(null)
      }
      const end = last as BuildEvent | null
      if (end?.kind === 'FAILED')
        setProblem('The search failed. Your plan is kept; try another playbook or fewer lines.')
      return end?.kind === 'DONE' ? end : null
    },
    [boat],
  )

  const build = useCallback(
    async (call: CallBody, name: string, replaced?: string) => {
      const done = await search(call)
      if (!done?.spread || !done.made) return null
      if (done.spread.lines.length === 0) {
        setProblem('Nothing in the box fits it. See what the box lacks, or take another playbook.')
        return null
      }
      try {
        const spreadId = replaced
          ? await anew(boat, queries, replaced, done.spread)
          : await newSpread(boat, queries, name, done.spread)
        const story = replaced ? await queries.fetchQuery(originOf(boat, spreadId)) : null
        queries.setQueryData(
          originOf(boat, spreadId).queryKey,
          await keepOrigin(boat, spreadId, done.made, call.day, story?.version),
        )
        return spreadId
      } catch (error) {
        setProblem((error as Problem).message)
        return null
      }
    },
    [boat, queries, search],
  )

  const refill = useCallback(
    async (call: CallBody, draft: Draft) => {
      const done = await search(call, draft)
      return done?.spread && done.made ? { draft: done.spread, made: done.made } : null
    },
    [search],
  )

  return {
    share,
    picture,
    problem,
    build,
    refill,
    cancel: () => {
      stop.current?.abort()
      setShare(null)
      setPicture(null)
    },
  }
}
