import { useEffect, useState } from 'react'
import { Problem } from '../../shared/api/client'
import { helmOf, type Draft, type Helmed } from '../../draft/queries'
import { asked, type Way } from './model'

export interface Helming {
  /** The last answer; it stays while the next is on its way. */
  helmed: Helmed | null
  busy: boolean
  problem: string | null
}

const PAUSE_MS = 180
const NOTHING: Helming = { helmed: null, busy: false, problem: null }

/** What a way of steering does to the spread, asked whenever spread and way rest. */
export function useHelm(boat: string, draft: Draft | null, radiusM: number, way: Way): Helming {
  const [state, setState] = useState<Helming>(NOTHING)
  useEffect(() => {
    const helm = asked(way)
    if (!draft || draft.lines.length === 0 || !helm) return setState(NOTHING)
    const controller = new AbortController()
    const timer = setTimeout(() => {
      setState((before) => ({ ...before, busy: true, problem: null }))
      helmOf(boat, { spread: { draft, radiusM }, ...helm }, controller.signal)
        .then((helmed) => setState({ helmed, busy: false, problem: null }))
        .catch((problem: unknown) => {
          if (controller.signal.aborted) return
          if (!(problem instanceof Problem)) throw problem
          setState((before) => ({ ...before, busy: false, problem: problem.said.join(' ') }))
        })
    }, PAUSE_MS)
    return () => {
      clearTimeout(timer)
      controller.abort()
    }
  }, [boat, draft, radiusM, way])
  return state
}
