import { useState } from 'react'
import type { Problem, Schemas } from '../api/client'

type Kept = Schemas['NumbersReply']
type Body = Schemas['NumbersBody']

const valueIn = (kept: Pick<Kept, 'set'>, key: string) => kept.set.find((one) => one.key === key)?.value

const withValue = (kept: Kept, key: string, value: number | null): Body => ({
  version: kept.version,
  set: [...kept.set.filter((one) => one.key !== key), ...(value === null ? [] : [{ key, value }])],
})

/** A number that two set at once. */
export interface Overtaken {
  key: string
  mine: number | null
  theirs: number | undefined
}

/**
 * Changes of one number at a time in a set that is kept whole. Where somebody else changed others meanwhile, the change
 * is made on theirs; where it was this one, both are shown.
 *
 * @param put keeps a set, and throws what stands where it is stale
 */
export function useNumberSet(kept: Kept, put: (body: Body) => Promise<void>, onKept: (kept: Kept) => void) {
  const [problem, setProblem] = useState<string | null>(null)
  const [overtaken, setOvertaken] = useState<Overtaken | null>(null)
  const change = async (key: string, mine: number | null, on: Kept = kept): Promise<void> => {
    try {
      await put(withValue(on, key, mine))
      setProblem(null)
      setOvertaken(null)
    } catch (error) {
      const refused = error as Problem
      const theirs = refused.status === 409 ? (refused.theirs as Kept | undefined) : undefined
      if (!theirs) return setProblem(refused.said.join(' '))
      onKept(theirs)
      if (valueIn(theirs, key) === valueIn(on, key)) return change(key, mine, theirs)
      setOvertaken({ key, mine, theirs: valueIn(theirs, key) })
    }
  }
  return { change: (key: string, value: number | null) => change(key, value), problem, overtaken }
}
