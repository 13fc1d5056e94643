import { useQuery } from '@tanstack/react-query'
import { useLayoutEffect } from 'react'
import { practiceOf, type Practice } from '../../deck/practice/queries'
import { goBy } from '../../shared/device'
import { practiceClock } from './clock'

/**
 * The practice day that this boat is on; null for a real boat, undefined until that is known. While it is shown, the time
 * of the page is that day's.
 *
 * @param mayBe false where she is known to be a real boat
 */
export function usePractising(boatId: string, mayBe: boolean): Practice | null | undefined {
  const asked = useQuery({ ...practiceOf(boatId), enabled: mayBe })
  const known = mayBe && asked.data?.boatId === boatId ? asked.data : null
  const at = known ? Date.parse(known.at) : null
  const told = asked.dataUpdatedAt
  const go = () => goBy(at === null ? null : practiceClock(boatId, at, told))
  // Before what is beneath is drawn by it, and again when the page before this one has gone.
  if (at !== null) go()
  useLayoutEffect(() => {
    go()
    return () => goBy(null)
  })
  return mayBe && asked.data === undefined ? undefined : known
}
