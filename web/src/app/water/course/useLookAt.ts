import { useEffect, useState } from 'react'
import { spotsOf } from '../../../course/model'
import type { Course } from '../../../course/queries'
import { extentOf, type Extent, type Sea } from '../../../water/model'

/** The whole of a course, when one is come to or begun: not at each drag. */
export function useLookAt(course: Course | null, begun: number, sea: Sea): Extent | null {
  const [look, setLook] = useState<{ begun: number; at: Extent } | null>(null)
  useEffect(() => {
    if (!course || course.way.length < 4 || look?.begun === begun) return
    setLook({ begun, at: extentOf(spotsOf(course.way).map((spot) => sea.toXy(spot))) })
  }, [course, begun, look, sea])
  return look?.at ?? null
}
