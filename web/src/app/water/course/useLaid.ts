import { useEffect, useRef, useState } from 'react'
import { layCourse, sailCourse, type Course, type CourseBody, type Sailed } from '../../../course/queries'
import type { Draft } from '../../../draft/queries'
import type { Problem } from '../../../shared/api/client'
import { useNewestNext, type NewestNext } from '../../../shared/useNewestNext'

/** A course that rests so long is followed with every line. */
const RESTS_MS = 350

interface Laid {
  course: Course | null
  /** What it was laid for. */
  body: CourseBody | null
  problem: Problem | null
}

interface Followed {
  of: CourseBody | null
  gone: number
  sailed: Sailed | null
  /** That was followed: with wider turns where lines met. */
  course: Course | null
  failed: boolean
}

const NOTHING: Laid = { course: null, body: null, problem: null }
const NOT_YET: Followed = { of: null, gone: 0, sailed: null, course: null, failed: false }

/** Lays what is asked, the newest next; what rests is followed with every line, and how far that is. */
export function useLaid(boat: string, body: CourseBody | null, holding: boolean) {
  const [laid, setLaid] = useState(NOTHING)
  const [followed, setFollowed] = useState(NOT_YET)
  // How tightly she comes right round is a long search, and the same for every course with the same lines.
  const round = useRef(new Map<Draft | undefined, number>())
  const queue: NewestNext<CourseBody> = useNewestNext(async (asked: CourseBody) => {
    const radiusM = round.current.get(asked.draft)
    try {
      const course = await layCourse(boat, { ...asked, ...(radiusM && { radiusM }) })
      if (!course.lacks.includes('ROUND')) round.current.set(asked.draft, course.radiusM)
      if (!queue.overtaken()) setLaid({ course, body: asked, problem: null })
    } catch (problem) {
      setLaid((before) => ({ ...before, problem: problem as Problem }))
    }
  })
  useEffect(() => {
    if (body) queue.ask(body)
    else setLaid(NOTHING)
  }, [body, queue])

  const { course, body: of } = laid
  useEffect(() => {
    setFollowed(NOT_YET)
    if (holding || !course?.how || !of?.draft) return
    const ours = new AbortController()
    const rests = setTimeout(() => {
      sailCourse(
        boat,
        { ...of, radiusM: course.radiusM },
        ({ gone, sailed, course: followed, kind }) => {
          if (followed && sailed?.met.length === 0) round.current.set(of.draft, followed.radiusM)
          setFollowed({
            of,
            gone,
            sailed: sailed ?? null,
            course: followed ?? null,
            failed: kind === 'FAILED',
          })
        },
        ours.signal,
      ).catch(() => ours.signal.aborted || setFollowed({ ...NOT_YET, of, failed: true }))
    }, RESTS_MS)
    return () => {
      clearTimeout(rests)
      ours.abort()
    }
  }, [boat, course, of, holding])

  const fits = followed.of === of
  return {
    course: (fits && followed.course) || course,
    problem: laid.problem,
    /** Drawn is what was asked before. */
    behind: body !== of,
    gone: fits ? followed.gone : 0,
    sailed: fits ? followed.sailed : null,
    failed: fits && followed.failed,
  }
}
