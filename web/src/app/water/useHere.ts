import { useQuery } from '@tanstack/react-query'
import { useEffect, useMemo, useRef, useState } from 'react'
import { drawnSpan } from '../../clock/model'
import { unreal } from '../../deck/gauges'
import { instrumentsOf, type GaugeName, type Instruments } from '../../deck/queries'
import { wayOf } from '../../log/queries'
import { sources } from '../../shared/device'
import { pieces, type Sea } from '../../water/model'
import type { SeaSpot } from '../../water/queries'
import { trackLayer, vesselLayer } from '../../water/vessel'
import type { PlanDay } from '../plan/usePlanDay'

/** A picture of the sea is looked at, not steered by (ms). */
const EVERY_MS = 3000
const WAY_EVERY_MS = 20_000
/** After so long she is no longer where she was heard (ms). */
const STILL_MS = 15_000
/** What is older says nothing of where she is (ms). */
const OLDEST_MS = 3 * 3600_000

/** Where she is, or was heard last. */
export interface Here extends SeaSpot {
  headingDeg?: number
  groundMps?: number
  courseDeg?: number
  /** Since then (ms). */
  agoMs: number
  /** By instruments that are not real. */
  invented: boolean
}

/**
 * As her instruments say; null where none tells a place.
 *
 * @param lateMs since it was answered
 */
export function hereOf({ asked, now, sources: all }: Instruments, lateMs = 0): Here | null {
  const of = (gauge: GaugeName) => now?.gauges.find((one) => one.gauge === gauge)
  const [place, ground, heading] = [of('POSITION'), of('GROUND'), of('HEADING')]
  if (place?.second === undefined || all.every(({ sourceId }) => sourceId !== place.sourceId)) return null
  const course = ground?.second
  const lies = heading?.value ?? course
  return {
    latitudeDeg: place.value,
    longitudeDeg: place.second,
    ...(lies !== undefined && { headingDeg: lies }),
    ...(ground && { groundMps: ground.value }),
    ...(course !== undefined && { courseDeg: course }),
    agoMs: Date.parse(asked) - Date.parse(place.arrived) + lateMs,
    invented: unreal({ asked, now, sources: all }) !== '',
  }
}

/** The boat on the picture: her way of the planned day, and where she is by her instruments or by what a device told last. */
export function useHere(boat: string, { day }: PlanDay, sea: Sea) {
  const span = day && drawnSpan(day)
  const way = useQuery({
    ...wayOf(boat, span?.start ?? NaN, span?.end ?? NaN),
    refetchInterval: WAY_EVERY_MS,
  }).data
  // Each failure is a reason to look at the clock again: without a link she is not where she was heard.
  const { data, dataUpdatedAt, errorUpdatedAt } = useQuery({
    ...instrumentsOf(boat),
    refetchInterval: EVERY_MS,
  })
  const lateMs = Math.max(0, errorUpdatedAt - dataUpdatedAt)
  const heard = data ? hereOf(data, lateMs) : null
  const last = way?.at(-1)
  const agoMs = last ? sources.now() - Date.parse(last.at) : Infinity
  const told: Here | null =
    last && agoMs >= 0
      ? {
          latitudeDeg: last.latitudeDeg,
          longitudeDeg: last.longitudeDeg,
          ...(last.courseDeg !== undefined && { headingDeg: last.courseDeg, courseDeg: last.courseDeg }),
          ...(last.speedOverGroundMps !== undefined && { groundMps: last.speedOverGroundMps }),
          agoMs,
          invented: false,
        }
      : null
  const newest = heard && (!told || heard.agoMs <= told.agoMs) ? heard : told
  const here = newest && newest.agoMs < OLDEST_MS ? newest : null
  const since = useSince(here)
  const track = useMemo(() => [trackLayer([...pieces(way ?? []), since], sea)], [way, since, sea])
  const { latitudeDeg, longitudeDeg, headingDeg } = here ?? {}
  const still = (here?.agoMs ?? 0) > STILL_MS
  const vessel = useMemo(
    () =>
      latitudeDeg !== undefined && longitudeDeg !== undefined
        ? [vesselLayer({ latitudeDeg, longitudeDeg }, headingDeg, still, sea)]
        : [],
    [latitudeDeg, longitudeDeg, headingDeg, still, sea],
  )
  return { here, still, track, vessel }
}

/** Where an invented boat was since this was opened: no fact, so nobody else holds it. */
function useSince(here: Here | null): readonly SeaSpot[] {
  const [since, setSince] = useState<readonly SeaSpot[]>([])
  const last = useRef<Here | null>(null)
  useEffect(() => {
    if (!here?.invented) return
    const { latitudeDeg, longitudeDeg } = here
    if (last.current?.latitudeDeg === latitudeDeg && last.current.longitudeDeg === longitudeDeg) return
    last.current = here
    setSince((before) => [...before, { latitudeDeg, longitudeDeg }])
  }, [here])
  return since
}
