import { useCallback, useEffect, useState } from 'react'
import { Problem } from '../shared/api/client'
import { useAway } from '../shared/reach'
import { useNewestNext, type NewestNext } from '../shared/useNewestNext'
import { rigOf, type Rig, type RigAsk } from './queries'

export interface Rigging {
  /** The last answer; it stays while the next is on its way. */
  rig: Rig | null
  problem: Problem | null
  /** Asks again where something beside the spread changed. */
  again(): void
}

interface Asked {
  boat: string
  body: RigAsk
}

/** The spread on the bench as it changes: always the newest next, none in between. */
export function useRig(boat: string, body: RigAsk, stamp: string): Rigging {
  const [state, setState] = useState<{ rig: Rig | null; problem: Problem | null }>({
    rig: null,
    problem: null,
  })
  const [turn, setTurn] = useState(0)
  const away = useAway()
  const queue: NewestNext<Asked> = useNewestNext(async (asked: Asked) => {
    try {
      const rig = await rigOf(asked.boat, asked.body)
      if (!queue.overtaken()) setState({ rig, problem: null })
    } catch (problem) {
      const shown = problem as Problem
      setState((before) => ({ ...before, problem: shown.away ? null : shown }))
    }
  })
  useEffect(() => queue.ask({ boat, body }), [boat, body, stamp, away, turn, queue])
  const again = useCallback(() => setTurn((before) => before + 1), [])
  return { ...state, again }
}
