import { useQuery } from '@tanstack/react-query'
import { useCallback, useEffect, useRef, useState } from 'react'
import { useLocation, useNavigate } from 'react-router'
import { changeOf } from '../../deck/queries'
import type { Draft, Title } from '../../draft/queries'
import type { Problem } from '../../shared/api/client'
import type { TripOfDay } from '../useTrip'
import { usePlanB } from './usePlanB'

/** What the other spread's deck is told on arrival. */
interface Arriving {
  /** Lines of it that are out already. */
  out: readonly string[] | 'ALL'
}

/** From the spread that is fished to another one. */
export function useChange({
  boat,
  spread,
  draft,
  out,
  titles,
  trip,
  now,
  onIn,
}: {
  boat: string
  spread: string
  draft: Draft
  /** Lines that are out. */
  out: readonly string[]
  titles: readonly Title[]
  trip: TripOfDay
  now: number
  /** It came in, or belongs to the other spread from now on. */
  onIn(line: string): Promise<unknown>
}) {
  const go = useNavigate()
  const [open, setOpen] = useState(false)
  const [chosen, setChosen] = useState<string | null>(null)
  const asked = useQuery({
    ...changeOf(boat, { draft, outLineIds: [...out], spreadId: chosen ?? '' }),
    enabled: open && chosen !== null,
  })
  const change = chosen ? asked.data : undefined
  const planB = usePlanB(
    { boat, spread, trip, now },
    open,
    useCallback((built: string) => setChosen(built), []),
  )
  const close = () => {
    setOpen(false)
    setChosen(null)
  }
  const begin = async (done: boolean) => {
    if (!change || !chosen) return
    // A glove that taps twice begins once.
    close()
    await Promise.all(out.map(onIn))
    const arriving: Arriving = { out: done ? 'ALL' : change.moved.map(({ lineId }) => lineId) }
    void go(`/boats/${boat}/deck/${chosen}${window.location.search}`, { state: { arriving } })
  }
  return {
    open,
    show: () => setOpen(true),
    close,
    spreads: titles.filter((title) => !title.putAway && title.spreadId !== spread),
    planB,
    chosen,
    choose: setChosen,
    change,
    problem: asked.error ? (asked.error as Problem).said.join(' ') : null,
    begin,
  }
}

/** Told once, and not again by a reload: lines of this spread that were out before it was gone to. */
export function useArriving(ready: boolean, onArrive: (out: readonly string[] | 'ALL') => void) {
  const go = useNavigate()
  const { state, search } = useLocation()
  const arriving = (state as { arriving?: Arriving } | null)?.arriving
  const told = useRef<Arriving | null>(null)
  const act = useRef(onArrive)
  act.current = onArrive
  useEffect(() => {
    if (!ready || !arriving || told.current === arriving) return
    told.current = arriving
    void go({ search }, { replace: true, state: null })
    act.current(arriving.out)
  }, [ready, arriving, go, search])
}
