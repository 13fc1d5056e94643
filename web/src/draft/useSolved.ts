import { useEffect, useState } from 'react'
import { Problem } from '../shared/api/client'
import { held, hold } from '../shared/held'
import { useAway } from '../shared/reach'
import { useNewestNext, type NewestNext } from '../shared/useNewestNext'
import { comeAhead, takeAhead } from './ahead'
import { solve, type Draft, type Solved } from './queries'

export interface Solving {
  /** The last answer; it stays while the next is on its way. */
  solved: Solved | null
  /** What was asked for it: drawing both together keeps figures and curves of one moment. */
  asked: Draft | null
  problem: Problem | null
}

const RESTS_MS = 1500

interface Asked {
  boat: string
  draft: Draft
}

/** As it was solved ahead, so that the station is drawn once and not first without its lines. */
function opening(draft: Draft): Solving {
  const solved = comeAhead(draft) ?? null
  return { solved, asked: solved && draft, problem: null }
}

/** What stands already is not drawn again. */
const answered = (before: Solving, solved: Solved, asked: Draft): Solving =>
  before.solved === solved && before.asked === asked && !before.problem
    ? before
    : { solved, asked, problem: null }

/** Solves the draft as it changes: one request at a time, always the newest draft next, none in between. */
export function useSolved(boat: string, draft: Draft, gearStamp: number): Solving {
  const [solving, setSolving] = useState<Solving>(() => opening(draft))
  const away = useAway()
  const queue: NewestNext<Asked> = useNewestNext(async (asked: Asked) => {
    try {
      const solved = await (takeAhead(asked.draft) ?? solve(asked.boat, asked.draft))
      if (!queue.overtaken()) setSolving((before) => answered(before, solved, asked.draft))
    } catch (problem) {
      const shown = problem as Problem
      const kept = shown.away ? await held<Solved>('solve', asked) : null
      if (kept && !queue.overtaken()) return setSolving({ solved: kept, asked: asked.draft, problem: null })
      setSolving((before) => ({ ...before, problem: shown.away ? null : shown }))
    }
  })

  useEffect(() => queue.ask({ boat, draft }), [boat, draft, gearStamp, away, queue])

  // What rests is what somebody may want to see again without a link; a drag asks for twenty a second. As it was opened
  // it is held at once: the link can go while the page still comes up.
  const { solved, asked } = solving
  const [opened] = useState(draft)
  useEffect(() => {
    if (!solved || !asked) return
    const keep = () => void hold('solve', { boat, draft: asked }, solved)
    const rests = setTimeout(keep, asked === opened ? 0 : RESTS_MS)
    return () => clearTimeout(rests)
  }, [boat, asked, solved, opened])

  return solving
}
