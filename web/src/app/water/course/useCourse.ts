import { useMemo, useState } from 'react'
import { courseLayer, coveredLayer, lureLayer } from '../../../course/layers'
import { dragged, letGo, otherWay, spotsOf, type Asked, type Handle } from '../../../course/model'
import type { CourseBody } from '../../../course/queries'
import type { Place, SeaSpot } from '../../../water/queries'
import type { PlanDay } from '../../plan/usePlanDay'
import type { useWater } from '../useWater'
import { askedFrom } from './asked'
import { useKept } from './useKept'
import { useLaid } from './useLaid'
import { useLookAt } from './useLookAt'
import { useTowed } from './useTowed'

const NONE: readonly [] = []

/** The course of the planned day: as it is asked for, dragged, laid over the water and followed with every line. */
export function useCourse(boat: string, { date }: PlanDay, w: ReturnType<typeof useWater>, shown: boolean) {
  const { minute, sea } = w
  const kept = useKept(boat, date)
  const towed = useTowed(boat, date)
  const [held, setHeld] = useState<Asked | null>(null)
  const [lure, setLure] = useState<string | null>(null)
  const [begun, setBegun] = useState(0)
  const asked = held ?? kept.asked
  const { draft, waiting } = towed
  const body = useMemo<CourseBody | null>(
    () =>
      shown && asked && !waiting
        ? { ...asked, at: new Date(minute).toISOString(), ...(draft && { draft }) }
        : null,
    [shown, asked, minute, draft, waiting],
  )
  const laid = useLaid(boat, body, held !== null)
  const { course, sailed } = laid
  /** Not by the hand: the picture goes where the course is. */
  const set = (next: Asked) => {
    setBegun((before) => before + 1)
    kept.set(next)
  }
  const hold = (handle: Handle & { xy?: [number, number] }, spot: SeaSpot | null) => {
    if (!kept.asked) return
    if (spot === null) {
      if (held) kept.set(held)
      else if (handle.of === 'THROUGH') kept.set(letGo(kept.asked, handle.i))
      setHeld(null)
      return
    }
    const from: Handle =
      handle.of === 'WAY' && handle.xy ? { of: 'WAY', at: sea.toSpot(...handle.xy) } : handle
    setHeld(dragged(kept.asked, course, from, spot))
  }
  const layers = useMemo(
    () =>
      shown && course && asked
        ? [
            coveredLayer(course.covered, sea),
            lureLayer(sailed, lure, sea),
            courseLayer(course, asked, sailed, sea),
          ]
        : NONE,
    [shown, course, asked, sailed, lure, sea],
  )
  const lookAt = useLookAt(shown && !laid.behind ? course : null, begun, sea)
  const corners = useMemo(
    () =>
      course
        ? [
            ...course.legs.map(({ latitudeDeg, longitudeDeg }) => ({ latitudeDeg, longitudeDeg })),
            ...spotsOf(course.way.slice(-2)),
          ]
        : [],
    [course],
  )
  return {
    ...laid,
    ...{ asked, towed, layers, lookAt, lure, setLure, hold },
    ...{ said: kept.said, takeTheirs: kept.takeTheirs, drop: kept.drop },
    begin: (place: Place | SeaSpot) => set(askedFrom(place, w.begin.edges, w.depthAt, sea)),
    change: (part: Partial<Asked>) => kept.asked && set({ ...kept.asked, ...part }),
    isKept: kept.isKept(corners),
    /** Of a course that may go either way. */
    otherWay: course?.how && asked?.kind === 'ALONG' && !asked.ends ? otherWay(spotsOf(course.way)) : null,
    /** Keeps it with the day: Underway has it, and it can go out as a route. */
    keep: () => (kept.asked && body ? kept.keep(kept.asked, body.at, corners) : Promise.resolve()),
  }
}
