import { useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useState } from 'react'
import {
  buildSpread,
  keepOrigin,
  originOf,
  type BuildEvent,
  type CallBody,
  type Made,
} from '../../call/queries'
import { Problem } from '../../shared/api/client'
import { solve, type Draft } from '../../draft/queries'
import { NOTHING, useBuildOf, type Build } from './buildOf'
import { anew, newSpread } from '../spread/newSpread'

export interface Building extends Omit<Build, 'stop'> {
  /** Searches and keeps; what was built is told as `built`, which stays null when it was given up or failed. */
  build(call: CallBody, name: string, replaced?: string): Promise<void>
  opened(): void
  /** The same for a spread that stands, with its locked lines kept; nothing is saved. */
  refill(call: CallBody, draft: Draft): Promise<{ draft: Draft; made: Made } | null>
  cancel(): void
}

/** A first spread on its way: the first picture, how far the search is, and what came of it. */
export function useBuild(boat: string): Building {
  const build = useBuildOf(boat)
  const [, set] = build
  // What went wrong was read here: it is not told again on every other station.
  useEffect(() => () => set({ problem: null }), [set])
  return useSearch(boat, build)
}

/** The same for the lines of the spread that is looked at; it goes with the page. */
export function useRefillSearch(boat: string): Building {
  const [state, setState] = useState(NOTHING)
  const set = useCallback((part: Partial<Build>) => setState((before) => ({ ...before, ...part })), [])
  return useSearch(boat, [state, set])
}

function useSearch(boat: string, [{ stop, ...state }, set]: ReturnType<typeof useBuildOf>): Building {
  const queries = useQueryClient()

  const search = useCallback(
    async (call: CallBody, draft?: Draft): Promise<BuildEvent | null> => {
      stop?.abort()
      const ours = new AbortController()
      set({ ...NOTHING, share: 0, stop: ours })
      let last: BuildEvent | null = null
      try {
        await buildSpread(
          boat,
          { call, ...(draft && { draft }) },
          (event) => {
            last = event
            if (!ours.signal.aborted) set({ share: event.share })
            if (event.kind === 'PICTURE' && event.spread) {
              const shown = event.spread
              void solve(boat, shown).then(
                (solved) => !ours.signal.aborted && set({ picture: { draft: shown, solved } }),
                () => undefined,
              )
            }
          },
          ours.signal,
        )
      } catch (error) {
        if (ours.signal.aborted) return null
        const problem =
          error instanceof Problem && error.faults.length > 0
            ? error.said.join(' ')
            : 'The search broke off. Try again.'
        set({ problem })
      } finally {
        if (!ours.signal.aborted) set({ share: null })
      }
      const end = last as BuildEvent | null
      if (end?.kind === 'FAILED')
        set({ problem: 'The search failed. Your plan is kept; try another playbook or fewer lines.' })
      return end?.kind === 'DONE' ? end : null
    },
    [boat, set, stop],
  )

  const build = useCallback(
    async (call: CallBody, name: string, replaced?: string) => {
      const done = await search(call)
      if (!done?.spread || !done.made) return
      if (done.spread.lines.length === 0) {
        set({ problem: 'Nothing in the box fits it. See what the box lacks, or take another playbook.' })
        return
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
        set({ built: spreadId })
      } catch (error) {
        set({ problem: (error as Problem).message })
      }
    },
    [boat, queries, search, set],
  )

  const refill = useCallback(
    async (call: CallBody, draft: Draft) => {
      const done = await search(call, draft)
      return done?.spread && done.made ? { draft: done.spread, made: done.made } : null
    },
    [search],
  )

  const opened = useCallback(() => set({ built: null, picture: null }), [set])

  return {
    ...state,
    build,
    refill,
    opened,
    cancel: () => {
      stop?.abort()
      set(NOTHING)
    },
  }
}
