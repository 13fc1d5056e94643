import { useQuery } from '@tanstack/react-query'
import { Suspense, useMemo } from 'react'
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
}: {
  boat: string
  span: { start: number; end: number }
  at: number
  strikes: readonly Strike[]
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
      <DayMap {...{ way, now }} strikes={struck} />
      <p className="pb-2 text-sm text-slate">
        Her way, north up · round: she at that moment · triangles: where the lure was, filled where the fish
        came in. No chart: not for finding the way.
      </p>
    </Suspense>
  )
}
