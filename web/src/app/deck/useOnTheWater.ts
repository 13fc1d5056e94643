import { useQuery } from '@tanstack/react-query'
import { useMemo, useRef, useState } from 'react'
import { keptCourse } from '../../course/queries'
import { unreal } from '../../deck/gauges'
import type { Mark } from '../../deck/live/BackTo'
import type { Mover } from '../../deck/live/MeetIt'
import { sailedOf } from '../../deck/live/sailed'
import type { LiveNow } from '../../deck/live/queries'
import { useLive } from '../../deck/live/useLive'
import type { Instruments } from '../../deck/queries'
import type { Draft, RoundTurn } from '../../draft/queries'
import { useAddress } from '../../shared/useAddress'
import type { Fix } from '../../strikes/fixes'
import type { Fact, LineNow, Sailed } from '../../strikes/fold/model'
import type { Strike } from '../../strikes/useDay'
import type { useStrikeReports } from '../spread/useStrikeReports'
import type { TripOfDay } from '../useTrip'
import { TICK_MS } from './useSecond'
import { useMeet } from './useMeet'
import { useNamedNear } from './useNamedNear'
import { floatingMarks, strikeMarks } from './marks'
import { seeingOf } from './seeing'
import { useSightings } from './useSightings'

/** A circle in which most spreads stand (m). */
const WIDE_M = 120
/** So many of the last strikes are offered to come back over. */
const MOST_MARKS = 3

/** The spread on the water while the deck is at sea: the lines led along her way, strikes on it, and the way back. */
export function useOnTheWater({
  boat,
  spread,
  draft,
  round,
  trip,
  now,
  lines,
  instruments,
  fix,
  told,
  reports,
}: {
  boat: string
  spread: string
  /** As it was solved; null before that. */
  draft: Draft | null
  round: RoundTurn | null
  trip: TripOfDay
  now: number
  /** What each line is at. */
  lines: ReadonlyMap<string, { state: LineNow }>
  instruments: Instruments | undefined
  /** Of this device, where it is a source; undefined where it is none. */
  fix: Fix | null | undefined
  /** What is known to have happened by now. */
  told: readonly Fact[]
  reports: ReturnType<typeof useStrikeReports>
}) {
  const [params, put] = useAddress()
  const here = useRef<LiveNow | null>(null)
  const [practised, setPractised] = useState<ReadonlyMap<string, Sailed>>(new Map())
  const out = useMemo(
    () => [...lines].flatMap(([line, { state }]) => (state === 'OUT' ? [line] : [])).sort(),
    [lines],
  )
  const strikes = reports.strikes.map((one): Strike => {
    const sailed = one.sailed ?? practised.get(one.factId)
    return sailed ? { ...one, sailed } : one
  })
  const sightings = useSightings(told, now)
  const { timeZone } = trip.place
  const marks = strikeMarks(strikes, timeZone, now + TICK_MS)
  const floating = floatingMarks(sightings.shown, timeZone)
  const named = useNamedNear(boat, here.current)
  const mark = [...marks, ...floating, ...named].find(({ factId }) => factId === params.get('back')) ?? null
  const back = mark && {
    latitudeDeg: mark.latitudeDeg,
    longitudeDeg: mark.longitudeDeg,
    ...(mark.lineId && { lineId: mark.lineId }),
    // Until it is known in which circle nothing meets, a wide one.
    portRadiusM: round?.port.radiusM ?? WIDE_M,
    starboardRadiusM: round?.starboard.radiusM ?? WIDE_M,
  }
  const invented = instruments !== undefined && unreal(instruments) !== ''
  const isHeard = trip.live && ((instruments?.sources.length ?? 0) > 0 || fix !== undefined)
  const { movers, mover, meet } = useMeet(sightings.moving, params.get('meet'), round)
  const course = useQuery({ ...keptCourse(boat, trip.date), enabled: isHeard }).data
  const courseDay = course && course.corners.length > 1 ? trip.date : null
  const live = useLive(
    boat,
    spread,
    isHeard ? draft : null,
    out,
    back,
    meet,
    sightings.boats,
    fix ?? null,
    courseDay,
  )
  here.current = live?.now ?? here.current
  const strikeOn = async (lineId: string, label: string) => {
    const sailed = trip.live && live && !live.old ? sailedOf(lineId, live.now, instruments) : undefined
    // Where a boat that is not there was is no fact: it serves to practise with, and goes with the page.
    const factId = await reports.strike(lineId, label, invented ? undefined : sailed)
    if (invented && sailed) setPractised((all) => new Map(all).set(factId, sailed))
  }
  const see = seeingOf(reports, sightings, live, invented)
  return {
    live,
    sightings: sightings.shown,
    see,
    strikes,
    strikeOn,
    marks: [...marks.slice(-MOST_MARKS).reverse(), ...floating, ...named],
    mark,
    comeBack: (to: Mark | null) => put({ back: to?.factId ?? null, meet: null }),
    movers,
    mover,
    meetIt: (what: Mover | null) => put({ meet: what?.what ?? null, back: null }),
    /** The way that was chosen, to be drawn. */
    ahead: mark ? live?.back : mover && live?.meet?.how && { ...live.meet, way: live.meet.how.way },
  }
}
