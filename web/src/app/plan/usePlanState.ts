import { useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useMemo, useState } from 'react'
import { useNavigate } from 'react-router'
import { callBody } from '../../call/model'
import { calledFor, type Catalogue, type Plan, type Playbook } from '../../call/queries'
import { useCall } from '../../call/useCall'
import { usePlan } from '../../call/usePlan'
import { playbookWords } from '../../call/words'
import { shortDay } from '../../clock/model'
import { spreadOf, type Boat, type BoatTitle, type Gear } from '../../draft/queries'
import { useAddress } from '../../shared/useAddress'
import { useKeys } from '../keys'
import type { PlanSheet } from './PlanSheets'
import { useBuild } from './useBuild'
import type { PlanDay } from './usePlanDay'

const MINUTE = 60_000

/** What a plan stands on. */
export interface PlanProps {
  boat: Boat
  boats: readonly BoatTitle[]
  gear: Gear
  kept: Plan
  planDay: PlanDay
  words: Catalogue
  /** Changes with anything but the plan that the call is made from. */
  stamp: unknown
}

/** The plan, the call made from it at the moment shown, and what is built by it. */
export type PlanState = ReturnType<typeof usePlanState>

export function usePlanState(props: PlanProps) {
  const { boat, kept, planDay, words, stamp } = props
  const planning = usePlan(boat.boatId, kept)
  const { plan } = planning
  const [params, put] = useAddress()
  const go = useNavigate()
  const [sheet, setSheet] = useState<PlanSheet | null>(null)
  const { place, at } = planDay
  const chosen = words.playbooks.find((book) => book.playbook === params.get('take'))?.playbook
  const minute = Math.round(at / MINUTE) * MINUTE
  const { latitudeDeg, longitudeDeg, timeZone } = place
  const body = useMemo(
    () => callBody(plan, { latitudeDeg, longitudeDeg, timeZone }, minute, chosen),
    [plan, latitudeDeg, longitudeDeg, timeZone, minute, chosen],
  )
  const calling = useCall(boat.boatId, body, stamp)
  const { call } = calling
  const first = call?.scores[0]?.playbook
  const take = useCallback(
    (playbook: Playbook) => put({ take: playbook === first ? null : playbook }),
    [first, put],
  )
  useKeys(
    useMemo(
      () => ({ 'Ctrl+KeyZ': planning.undo, KeyW: () => setSheet('ways'), KeyD: () => setSheet('steps') }),
      [planning.undo],
    ),
  )
  return {
    ...props,
    ...{ planning, plan, body, minute, timeZone, calling, call, first, take, sheet, setSheet },
    takeFirst: () => put({ take: null }),
    toDays: () => void go(`/boats/${boat.boatId}/log?sheet=weights`),
    ...useBuilding(props, body, call && playbookWords(words, call.taken.playbook)),
  }
}

/** Builds the spread that is called; where the day has one already, it is asked what becomes of it. */
function useBuilding(
  { boat, planDay: { date } }: PlanProps,
  body: ReturnType<typeof callBody>,
  called: string | null | undefined,
) {
  const go = useNavigate()
  const queries = useQueryClient()
  const building = useBuild(boat.boatId)
  const [standing, setStanding] = useState<{ spreadId: string; name: string } | null>(null)
  const make = async (replaced?: string) => {
    setStanding(null)
    if (called) await building.build(body, `${called}, ${shortDay(date)}`, replaced)
  }
  const build = async () => {
    const before = await calledFor(boat.boatId, date).catch(() => null)
    const kept =
      before && (await queries.fetchQuery(spreadOf(boat.boatId, before.spreadId)).catch(() => null))
    if (kept) setStanding({ spreadId: kept.spreadId, name: kept.name })
    else await make()
  }
  const { built, opened } = building
  useEffect(() => {
    if (!built) return
    opened()
    void go(`/boats/${boat.boatId}/spread/${built}${window.location.search}`)
  }, [boat.boatId, built, go, opened])
  return {
    building,
    isBuilding: building.share !== null,
    standing,
    leaveStanding: () => setStanding(null),
    build: () => void build(),
    make: (replaced?: string) => void make(replaced),
  }
}
