import { memo, Suspense, useMemo, useRef, useState } from 'react'
import { later } from '../../shared/later'
import { useSize } from '../../shared/useWidth'
import type { Doc } from '../../draft/model'
import type { Boat, Gear, Here, Solved, SolvedLine, Turns } from '../../draft/queries'
import { sideOf, type Turned } from '../turn/model'
import { turnedScales } from '../turn/scales'
import { TurnHandle } from '../turn/TurnHandle'
import { AfterDrawing } from './AfterDrawing'
import { Axis } from './Axis'
import { PlanView } from './PlanView'
import { extentOf, scalesFor, type Extent, type Whole } from './scales'
import { SideView } from './SideView'
import { WholeButtons } from './WholeButtons'
import type { LineHandling } from './useLineHandling'

const TurnedView = later(() => import('../turn/TurnedView').then((module) => module.TurnedView))
const TurnedCaption = later(() => import('../turn/TurnedView').then((module) => module.TurnedCaption))

const NOTHING: readonly SolvedLine[] = []

/** One drawing, two views on one shared axis of distance astern: plan above, side below, bow to the left. */
export const Stage = memo(function Stage({
  boat,
  gear,
  doc,
  solved,
  selected,
  dragging,
  handling,
  turns = null,
  turned = 0,
  onTurn = () => {},
  order,
  after = NOTHING,
}: {
  boat: Boat
  gear: Gear
  doc: Doc
  solved: Solved | null
  selected: string | null
  dragging: boolean
  handling: LineHandling
  turns?: Turns | null
  turned?: Turned
  onTurn?(turned: Turned): void
  /** Numbers by line, while an order is shown. */
  order?: ReadonlyMap<string, string>
  /** Where lines would run after a mend that is pointed at. */
  after?: readonly SolvedLine[]
}) {
  const [frame, width, height, measured] = useSize()
  const extent = useSteadyExtent(boat, solved, doc.draft.here, dragging)
  const [whole, setWhole] = useState<Whole>('both')
  const scales = useMemo(
    () => scalesFor(boat, extent, width, height, whole),
    [boat, extent, width, height, whole],
  )
  const lures = useMemo(() => new Map(gear.lures.map((lure) => [lure.gearId, lure])), [gear])
  const swing = useMemo(
    () =>
      turns && turned !== 0
        ? turnedScales(boat.lengthM, sideOf(turns, turned), turned, scales, height)
        : null,
    [boat.lengthM, turns, turned, scales, height],
  )
  const label = (lineId: string) => solved?.lines.find((line) => line.lineId === lineId)?.label ?? '…'
  const shared = { boat, doc, scales, solved, selected, handling, lures, order }
  const straight = (
    <>
      {whole !== 'side' && <PlanView {...shared} />}
      {whole !== 'plan' && <SideView {...shared} />}
      {whole !== 'side' && <AfterDrawing {...{ after, scales }} view="plan" />}
      {whole !== 'plan' && <AfterDrawing {...{ after, scales }} view="side" />}
      <Axis scales={scales} />
    </>
  )
  return (
    <div ref={frame} className="relative min-h-0 flex-1 overflow-hidden md:min-h-[320px]" data-testid="stage">
      <svg
        width={width}
        height={height}
        className="absolute inset-0 select-none"
        role="group"
        aria-label="Spread behind the boat"
      >
        {!measured ? null : turns && turned !== 0 && swing ? (
          <Suspense fallback={straight}>
            <TurnedView {...{ boat, doc, lures, label, turns, turned, width, height }} scales={swing} />
          </Suspense>
        ) : (
          straight
        )}
        {/* One ring for both drawings: it must not be lost from under the finger as they change. */}
        {turns && whole !== 'side' && (
          <TurnHandle
            {...{ turns, turned, onTurn }}
            x={(swing ?? scales).x(-boat.lengthM)}
            y={(swing ?? scales).plan(0)}
          />
        )}
      </svg>
      {turned === 0 && <WholeButtons {...{ whole, scales }} onWhole={setWhole} />}
      {turns && turned !== 0 && (
        <Suspense fallback={null}>
          <TurnedCaption {...{ turns, turned, label }} onStraight={() => onTurn(0)} />
        </Suspense>
      )}
    </div>
  )
})

/** The scale holds still during a drag, but for what would leave the stage. */
function useSteadyExtent(
  boat: Boat,
  solved: Solved | null,
  here: Here | undefined,
  dragging: boolean,
): Extent {
  const held = useRef<Extent | null>(null)
  const fresh = extentOf(boat, solved, here)
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
