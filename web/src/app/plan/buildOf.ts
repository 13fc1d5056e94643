import type { Draft, Solved } from '../../draft/queries'
import { useKeptState } from '../../shared/useKeptState'

export interface Build {
  /** Null while nothing is being built. */
  share: number | null
  picture: { draft: Draft; solved: Solved } | null
  problem: string | null
  /** The spread that was built and that nobody has opened yet. */
  built: string | null
  stop: AbortController | null
}

export const NOTHING: Build = { share: null, picture: null, problem: null, built: null, stop: null }

/** What is being built for a boat's plan, wherever one looks meanwhile. */
export const useBuildOf = (boat: string) => useKeptState(`build ${boat}`, NOTHING)
