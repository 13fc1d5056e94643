import { useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useRef, useState } from 'react'
import type { Problem } from '../shared/api/client'
import { planOf, savePlan, type Plan } from './queries'

const REST_MS = 200

export interface Planning {
  plan: Plan
  edit(change: (plan: Plan) => Plan): void
  undo(): void
  canUndo: boolean
  saving: boolean
  /** What another device or tab kept meanwhile. */
  theirs: Plan | null
  takeTheirs(): void
  keepMine(): void
  problem: string | null
}

/** A day's plan: each change shows at once and is kept when it rests. */
export function usePlan(boat: string, kept: Plan): Planning {
  const [opened] = useState(() => held(boat, kept))
  const [plan, setPlan] = useState(opened.plan)
  const [past, setPast] = useState<Plan[]>([])
  const [saving, setSaving] = useState(false)
  const [theirs, setTheirs] = useState(opened.theirs)
  const [problem, setProblem] = useState<string | null>(null)
  const base = useRef(opened.base)
  const latest = useRef(plan)
  latest.current = plan
  const queries = useQueryClient()

  const save = useCallback(
    async (next: Plan) => {
      setSaving(true)
      try {
        const saved = await savePlan(boat, { ...next, version: base.current.version })
        base.current = saved
        hold(boat, latest.current, saved)
        queries.setQueryData(planOf(boat, saved.day).queryKey, saved)
        setProblem(null)
      } catch (error) {
        const refused = error as Problem
        if (refused.status === 409) setTheirs(refused.theirs as Plan)
        else setProblem(refused.said.join(' '))
      } finally {
        setSaving(false)
      }
    },
    [boat, queries],
  )

  useEffect(() => hold(boat, plan, base.current), [boat, plan])

  useEffect(() => {
    if (theirs || saving || same(plan, base.current)) return
    const timer = setTimeout(() => void save(plan), problem ? 3000 : REST_MS)
    return () => clearTimeout(timer)
  }, [plan, saving, theirs, problem, save])

  const edit = useCallback((change: (plan: Plan) => Plan) => {
    setPlan((before) => {
      const after = change(before)
      if (!same(before, after)) setPast((all) => [...all.slice(-49), before])
      return after
    })
  }, [])

  return {
    plan,
    edit,
    undo: () => {
      const last = past.at(-1)
      if (!last) return
      setPast(past.slice(0, -1))
      setPlan(last)
    },
    canUndo: past.length > 0,
    saving,
    theirs,
    takeTheirs: () => {
      if (!theirs) return
      base.current = theirs
      setPlan(theirs)
      setPast([])
      setTheirs(null)
    },
    keepMine: () => {
      if (!theirs) return
      base.current = theirs
      setTheirs(null)
      void save(plan)
    },
    problem,
  }
}

const keyOf = (boat: string, day: string) => `moss.plan.${boat}.${day}`

/**
 * What was not kept when the page went away is taken up again, on the version it was made from. Where somebody else kept
 * another meanwhile, both sides are shown.
 */
function held(boat: string, kept: Plan): { plan: Plan; base: Plan; theirs: Plan | null } {
  try {
    const plan = JSON.parse(localStorage.getItem(keyOf(boat, kept.day)) ?? 'null') as Plan | null
    if (plan && !same(plan, kept))
      return {
        plan,
        base: { ...kept, version: plan.version },
        theirs: plan.version === kept.version ? null : kept,
      }
  } catch {
    localStorage.removeItem(keyOf(boat, kept.day))
  }
  return { plan: kept, base: kept, theirs: null }
}

function hold(boat: string, plan: Plan, base: Plan) {
  if (same(plan, base)) localStorage.removeItem(keyOf(boat, plan.day))
  else localStorage.setItem(keyOf(boat, plan.day), JSON.stringify({ ...plan, version: base.version }))
}

const same = (a: Plan, b: Plan): boolean =>
  a.runOutMin === b.runOutMin &&
  a.catchBaitMin === b.catchBaitMin &&
  a.linesIn === b.linesIn &&
  a.homeAt === b.homeAt &&
  (a.setAside ?? []).length === (b.setAside ?? []).length &&
  canonical(a.answers) === canonical(b.answers)

const canonical = (answers: Plan['answers']): string =>
  JSON.stringify(
    [...answers]
      .sort((a, b) => a.topic.localeCompare(b.topic))
      .map((answer) => Object.entries(answer).sort(([a], [b]) => a.localeCompare(b))),
  )
