import { useQuery } from '@tanstack/react-query'
import { Suspense, useMemo } from 'react'
import type { Spot } from '../../log/DayMap'
import { wayOf } from '../../log/queries'
import { later } from '../../shared/later'
import type { Strike } from '../../strikes/useDay'

const DayMap = later(() => import('../../log/DayMap').then((module) => module.DayMap))

/** Where the day went on, where that is known. */
export function DayPlace({
  boat,
  span,
  at,
  strikes,
  seen,
}: {
  boat: string
  span: { start: number; end: number }
  at: number
  strikes: readonly Strike[]
  seen: readonly Spot[]
}) {
  const way = useQuery(wayOf(boat, span.start, span.end)).data
  const struck = useMemo(
    () =>
      strikes.flatMap(({ lureAt, outcome }) =>
        lureAt ? [{ ...lureAt, landed: outcome === 'LANDED' || outcome === 'RELEASED' }] : [],
      ),
    [strikes],
  )
  const now = useMemo(() => way?.findLast((fix) => Date.parse(fix.at) <= at), [way, at])
  if (!way || (way.length < 2 && struck.length === 0)) return null
  return (
    <Suspense fallback={null}>
      <DayMap {...{ way, seen, now }} strikes={struck} />
      <p className="pb-2 text-sm text-slate">
        Her way, north up · dark: she at that moment · small: what was seen · triangles: where the lure was,
        filled where the fish came in. No chart: not for finding the way.
      </p>
    </Suspense>
  )
}
