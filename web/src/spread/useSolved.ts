import { useEffect, useRef, useState } from 'react'
import { Problem } from '../shared/api/client'
import { useAway } from '../shared/reach'
import { solve, type Draft, type Solved } from './queries'

export interface Solving {
  /** The last answer; it stays while the next is on its way. */
  solved: Solved | null
  /** What was asked for it: drawing both together keeps figures and curves of one moment. */
  asked: Draft | null
  problem: Problem | null
}

/** Solves the draft as it changes: one request at a time, always the newest draft next, none in between. */
export function useSolved(boat: string, draft: Draft, gearStamp: number): Solving {
  const [solving, setSolving] = useState<Solving>({ solved: null, asked: null, problem: null })
  const away = useAway()
  const busy = useRef(false)
  const wanted = useRef<Draft | null>(null)

  useEffect(() => {
    let current = true
    wanted.current = draft
    const run = async () => {
      busy.current = true
      while (wanted.current) {
        const asked: Draft = wanted.current
        wanted.current = null
        try {
          const solved = await solve(boat, asked)
          if (current || wanted.current === null) setSolving({ solved, asked, problem: null })
        } catch (problem) {
          const shown = problem as Problem
          setSolving((before) => ({ ...before, problem: shown.away ? null : shown }))
        }
      }
      busy.current = false
    }
    if (!busy.current) void run()
    return () => {
      current = false
    }
  }, [boat, draft, gearStamp, away])

  return solving
}
