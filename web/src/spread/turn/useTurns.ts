import { useCallback, useEffect, useState } from 'react'
import { Problem } from '../../shared/api/client'
import { held, hold } from '../../shared/held'
import {
  roundOf,
  turnsOf,
  widerOf,
  type Draft,
  type RoundTurn,
  type Turns,
  type Wider,
} from '../../draft/queries'

export interface Turning {
  /** The last answer; it stays while the next is on its way. */
  turns: Turns | null
  /** True where the answer is of another draft than the one asked for now. */
  stale: boolean
  /** The tightest way right round; null while it is worked out. */
  round: RoundTurn | null
  /** The smallest change that widens the narrower side; null where there is none or none is needed. */
  wider: Wider | null
  /** What is being worked out. */
  busy: 'turns' | 'round' | 'mend' | null
  stopped: boolean
  /** Gives up what is being worked out, until the next change. */
  stop(): void
}

/** Waits until edits pause: a turn costs some fifty times a solve. */
const PAUSE_MS = 180

interface State {
  of: unknown
  turns: Turns | null
  round: RoundTurn | null
  wider: Wider | null
  busy: Turning['busy']
  stopped: boolean
}

const NOTHING: State = { of: null, turns: null, round: null, wider: null, busy: null, stopped: false }

/** How far the spread turns, asked whenever `draft` rests; null asks nothing and keeps the last answer. */
export function useTurns(boat: string, draft: Draft | null, radiusM: number, gearStamp: number): Turning {
  const [state, setState] = useState<State>(NOTHING)
  const [control, setControl] = useState<AbortController | null>(null)

  useEffect(() => {
    if (!draft || draft.lines.length === 0) return
    const controller = new AbortController()
    const { signal } = controller
    const timer = setTimeout(() => {
      setControl(controller)
      void work(boat, { draft, radiusM }, signal, (change) => {
        if (!signal.aborted) setState((before) => ({ ...before, ...change }))
      })
    }, PAUSE_MS)
    return () => {
      clearTimeout(timer)
      controller.abort()
    }
    // Another gear is another answer to the same draft.
  }, [boat, draft, radiusM, gearStamp])

  const stop = useCallback(() => {
    control?.abort()
    setState((before) => ({ ...before, busy: null, stopped: true }))
  }, [control])

  const none = draft?.lines.length === 0
  return {
    turns: none ? null : state.turns,
    stale: state.of !== draft,
    round: state.of === draft ? state.round : null,
    wider: state.of === draft ? state.wider : null,
    busy: none ? null : state.busy,
    stopped: state.stopped,
    stop,
  }
}

async function work(
  boat: string,
  asked: { draft: Draft; radiusM: number },
  signal: AbortSignal,
  tell: (change: Partial<State>) => void,
) {
  tell({ busy: 'turns', stopped: false })
  try {
    const turns = await turnsOf(boat, asked, signal).catch(async (problem: Problem) => {
      // Which lines come in first must be known without a link too.
      const kept = problem.away ? await held<Turns>('turns', { boat, ...asked }) : null
      if (kept) return kept
      throw problem
    })
    void hold('turns', { boat, ...asked }, turns)
    tell({ of: asked.draft, turns, round: null, wider: null, busy: 'round' })
    const round = await roundOf(boat, asked, signal)
    tell({ round, busy: null })
    if (narrowest(turns).limitDeg >= narrowest(turns).wantedDeg) return
    tell({ busy: 'mend' })
    const { mend } = await widerOf(boat, asked, signal)
    tell({ wider: mend ?? null, busy: null })
  } catch (problem) {
    if (!(problem instanceof Problem)) throw problem
    // What is wrong with the draft is said where it is solved.
    tell({ busy: null })
  }
}

export const narrowest = (turns: Turns) =>
  turns.port.limitDeg <= turns.starboard.limitDeg ? turns.port : turns.starboard
