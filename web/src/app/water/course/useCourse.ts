import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useMemo, useState } from 'react'
import { courseLayer, coveredLayer, lureLayer } from '../../../course/layers'
import {
  bandAbout,
  dragged,
  edgeBand,
  letGo,
  lineNear,
  nearestOf,
  otherWay,
  spotsOf,
  USUAL_LENGTH_M,
  type Asked,
  type Handle,
} from '../../../course/model'
import { keptCourse, removeCourse, saveCourse, type Course, type CourseBody } from '../../../course/queries'
import type { Problem } from '../../../shared/api/client'
import { useStored } from '../../../shared/useStored'
import { averaged, extentOf, smoothed, type Sea } from '../../../water/model'
import type { Place, SeaSpot } from '../../../water/queries'
import type { PlanDay } from '../../plan/usePlanDay'
import type { useWater } from '../useWater'
import { useLaid } from './useLaid'
import { useTowed } from './useTowed'

const NONE: readonly [] = []

/** The course of the planned day: as it is asked for on this device, laid over the water, and kept with the day. */
export function useCourse(boat: string, planDay: PlanDay, w: ReturnType<typeof useWater>, shown: boolean) {
  const client = useQueryClient()
  const { date } = planDay
  const kept = useQuery(keptCourse(boat, date)).data
  const [own, setOwn] = useStored<Asked>(`moss.course.${boat}.${date}`)
  const asked = own ?? withoutNulls(kept?.asked)
  const towed = useTowed(boat, date)
  const [held, setHeld] = useState<Asked | null>(null)
  const [lure, setLure] = useState<string | null>(null)
  const [said, setSaid] = useState<string | null>(null)
  const wanted = held ?? asked
  const [begun, setBegun] = useState(0)
  const { minute } = w
  const { draft, waiting } = towed
  const body = useMemo<CourseBody | null>(
    () =>
      shown && wanted && !waiting
        ? { ...wanted, at: new Date(minute).toISOString(), ...(draft && { draft }) }
        : null,
    [shown, wanted, minute, draft, waiting],
  )
  const laid = useLaid(boat, body, held !== null)
  const { course, sailed } = laid

  const { sea } = w
  const edges = w.begin.edges
  const begin = useCallback(
    (place: Place | SeaSpot) => {
      const { latitudeDeg, longitudeDeg } = 'at' in place ? place.at : place
      const at = { latitudeDeg, longitudeDeg }
      const drawn = edges.map(({ spots }) =>
        smoothed(averaged(spots.map((spot) => sea.toXy(spot)))).map(([x, y]) => sea.toSpot(x!, y!)),
      )
      const edge = 'stepPerMileK' in place && place.stepPerMileK > 0 ? lineNear(drawn, at) : undefined
      const depth = w.depthAt(at)
      setBegun((before) => before + 1)
      setOwn({
        kind: edge || depth !== null ? 'ALONG' : 'LADDER',
        // A place is that of a cell; lines go in on the edge itself.
        start: edge ? edge[nearestOf(edge, at)]! : at,
        lengthM: USUAL_LENGTH_M,
        ...(edge ? { band: edgeBand(edge) } : depth !== null && { band: bandAbout(depth) }),
      })
    },
    [edges, sea, setOwn, w],
  )
  const change = useCallback(
    (part: Partial<Asked>) => {
      if (!asked) return
      setBegun((before) => before + 1)
      setOwn({ ...asked, ...part })
    },
    [asked, setOwn],
  )
  const hold = (handle: Handle & { xy?: [number, number] }, spot: SeaSpot | null) => {
    if (!asked) return
    if (spot === null) {
      if (held) setOwn(held)
      else if (handle.of === 'THROUGH') setOwn(letGo(asked, handle.i))
      setHeld(null)
      return
    }
    const from: Handle =
      handle.of === 'WAY' && handle.xy ? { of: 'WAY', at: sea.toSpot(...handle.xy) } : handle
    setHeld(dragged(asked, course, from, spot))
  }

  const layers = useMemo(
    () =>
      shown && course && wanted
        ? [
            coveredLayer(course.covered, sea),
            lureLayer(sailed, lure, sea),
            courseLayer(course, wanted, sailed, sea),
          ]
        : NONE,
    [shown, course, wanted, sailed, lure, sea],
  )

  const lookAt = useLookAt(shown && !laid.behind ? course : null, begun, sea)
  const doing = async (what: () => Promise<unknown>) => {
    try {
      await what()
      setSaid(null)
    } catch (error) {
      setSaid((error as Problem).message)
    }
    await client.invalidateQueries({ queryKey: keptCourse(boat, date).queryKey })
  }
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
  const isKept =
    kept !== undefined && kept.corners.length > 1 && JSON.stringify(kept.corners) === JSON.stringify(corners)
  return {
    ...laid,
    asked: wanted,
    towed,
    layers,
    lookAt,
    lure,
    setLure,
    said,
    begin,
    change,
    hold,
    isKept,
    /** Of a course that may go either way. */
    otherWay: course?.how && wanted?.kind === 'ALONG' && !wanted.ends ? otherWay(spotsOf(course.way)) : null,
    /** Keeps it with the day: Underway has it, and it can go out as a route. */
    keep: () =>
      doing(async () => {
        if (!asked || !kept) return
        await saveCourse(boat, {
          day: date,
          version: kept.version,
          asked: { ...asked, at: body!.at },
          corners,
        })
      }),
    /** Nothing is asked for any more, and nothing is kept with the day. */
    drop: () =>
      doing(async () => {
        setOwn(null)
        if (kept && kept.corners.length > 0) await removeCourse(boat, kept)
      }),
  }
}

/** The whole of a course, when one is come to or begun: not at each drag. */
function useLookAt(course: Course | null, begun: number, sea: Sea) {
  const [look, setLook] = useState<{ begun: number; at: readonly [number, number, number, number] } | null>(
    null,
  )
  useEffect(() => {
    if (!course || course.way.length < 4 || look?.begun === begun) return
    setLook({ begun, at: extentOf(spotsOf(course.way).map((spot) => sea.toXy(spot))) })
  }, [course, begun, look, sea])
  return look?.at ?? null
}

/** As it was kept; its hour and what she tows come from the page. */
function withoutNulls(asked: CourseBody | undefined | null): Asked | null {
  if (!asked) return null
  const { at: _, draft: __, radiusM: ___, speedMps: ____, ...rest } = asked
  return rest
}
