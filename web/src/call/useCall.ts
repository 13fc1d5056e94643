import { useEffect, useState } from 'react'
import type { Problem } from '../shared/api/client'
import { useAway } from '../shared/reach'
import { useNewestNext, type NewestNext } from '../shared/useNewestNext'
import { callOf, type Call, type CallBody } from './queries'

export interface Calling {
  call: Call | null
  /** What it was asked with. */
  asked: CallBody | null
  problem: Problem | null
}

/** The call of what is known, asked anew with each change; the last answer stays until the next is here. */
export function useCall(boat: string, body: CallBody | null, stamp: unknown): Calling {
  const [calling, setCalling] = useState<Calling>({ call: null, asked: null, problem: null })
  const away = useAway()
  const queue: NewestNext<CallBody> = useNewestNext(async (asked: CallBody) => {
    try {
      const call = await callOf(boat, asked)
      if (!queue.overtaken()) setCalling({ call, asked, problem: null })
    } catch (problem) {
      const shown = problem as Problem
      setCalling((before) => ({ ...before, problem: shown.away ? null : shown }))
    }
  })
  useEffect(() => {
    if (body) queue.ask(body)
  }, [body, stamp, away, queue])
  return calling
}
