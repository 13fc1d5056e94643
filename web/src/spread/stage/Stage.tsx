import { memo, useMemo, useRef } from 'react'
import { useSize } from '../../shared/useWidth'
import type { Doc } from '../model'
import type { Boat, Gear, Solved } from '../queries'
import { Axis } from './Axis'
import { PlanView } from './PlanView'
import { extentOf, scalesFor, type Extent } from './scales'
import { SideView } from './SideView'
import type { LineHandling } from './useLineHandling'

/** One drawing, two views on one shared axis of distance astern: plan above, side below, bow to the left. */
export const Stage = memo(function Stage({
  boat,
  gear,
  doc,
  solved,
  selected,
  dragging,
  handling,
}: {
  boat: Boat
  gear: Gear
  doc: Doc
  solved: Solved | null
  selected: string | null
  dragging: boolean
  handling: LineHandling
}) {
  const [frame, width, height] = useSize()
  const extent = useSteadyExtent(boat, solved, dragging)
  const scales = useMemo(() => scalesFor(boat, extent, width, height), [boat, extent, width, height])
  const lures = useMemo(() => new Map(gear.lures.map((lure) => [lure.gearId, lure])), [gear])
  const shared = { boat, doc, scales, solved, selected, handling, lures }
  return (
    <div ref={frame} className="relative min-h-[420px] flex-1 overflow-hidden" data-testid="stage">
      <svg
        width={width}
        height={height}
        className="absolute inset-0 select-none"
        role="group"
        aria-label="Spread behind the boat"
      >
        <PlanView {...shared} />
        <SideView {...shared} />
        <Axis scales={scales} />
      </svg>
    </div>
  )
})

/** The scale holds still during a drag, but for what would leave the stage. */
function useSteadyExtent(boat: Boat, solved: Solved | null, dragging: boolean): Extent {
  const held = useRef<Extent | null>(null)
  const fresh = extentOf(boat, solved)
  const before = held.current
  const next: Extent =
    dragging && before
      ? {
          asternM: Math.max(before.asternM, fresh.asternM),
          besideM: Math.max(before.besideM, fresh.besideM),
          deepM: Math.max(before.deepM, fresh.deepM),
          highM: Math.max(before.highM, fresh.highM),
        }
      : fresh
  const same =
    before && Object.keys(next).every((key) => next[key as keyof Extent] === before[key as keyof Extent])
  if (!same) held.current = next
  return held.current ?? next
}
