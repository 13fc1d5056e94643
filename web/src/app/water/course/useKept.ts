import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useMemo, useState } from 'react'
import type { Asked } from '../../../course/model'
import { keptCourse, removeCourse, saveCourse, type Spot } from '../../../course/queries'
import type { Problem } from '../../../shared/api/client'
import { useStored } from '../../../shared/useStored'
import { askedOf } from './asked'

/** What is asked for on this device and not taken along yet, and from which version it was begun. */
interface Own {
  asked: Asked
  version: number
}

/**
 * What is asked for a day: on this device until it is taken along, then with the day. What another device took along meanwhile is not
 * written over.
 */
export function useKept(boat: string, date: string) {
  const client = useQueryClient()
  const kept = useQuery(keptCourse(boat, date)).data
  const [own, setOwn] = useStored<Own>(`moss.course.${boat}.${date}`)
  const [said, setSaid] = useState<string | null>(null)
  const [stale, setStale] = useState(false)
  const theirs = useMemo(() => (kept?.asked ? askedOf(kept.asked) : null), [kept])
  const version = own?.version ?? kept?.version ?? 0
  const set = useCallback((asked: Asked) => setOwn({ asked, version }), [setOwn, version])
  const doing = async (what: () => Promise<unknown>) => {
    try {
      await what()
      setSaid(null)
      setStale(false)
    } catch (error) {
      const problem = error as Problem
      setStale(problem.status === 409)
      setSaid(problem.status === 409 ? 'Another device took a course along since.' : problem.message)
    }
    await client.invalidateQueries({ queryKey: keptCourse(boat, date).queryKey })
  }
  return {
    asked: own?.asked ?? theirs,
    set,
    said,
    /** Shows what another device took along; what was asked for here is gone. */
    takeTheirs: stale
      ? () => {
          setOwn(null)
          setSaid(null)
          setStale(false)
        }
      : null,
    isKept: (corners: readonly Spot[]) =>
      own === null && corners.length > 1 && JSON.stringify(kept?.corners) === JSON.stringify(corners),
    keep: (asked: Asked, at: string, corners: Spot[]) =>
      doing(async () => {
        await saveCourse(boat, { day: date, version, asked: { ...asked, at }, corners })
        setOwn(null)
      }),
    /** Nothing is asked for any more, and nothing is kept with the day. */
    drop: () =>
      doing(async () => {
        setOwn(null)
        if (kept && kept.corners.length > 0) await removeCourse(boat, kept)
      }),
  }
}
