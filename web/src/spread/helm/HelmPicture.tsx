import { polyline } from '../../shared/drawing/polyline'
import { useMemo } from 'react'
import { scaleLinear } from '../../shared/scale'
import type { Boat, Gear, Helmed } from '../../draft/queries'
import type { Doc } from '../../draft/model'
import { BoatPlan } from '../stage/BoatPlan'
import { SwungLines, SwungLures } from '../turn/Swung'
import { fouledBy, type Place, type Seen } from './model'

export interface HelmScales {
  x(asternM: number): number
  y(starboardM: number): number
  pxPerM: number
}

/** She and her lines on the water at a moment, and the way she was steered. */
export function HelmPicture({
  boat,
  gear,
  doc,
  label,
  helmed,
  seen,
  scales,
}: {
  boat: Boat
  gear: Gear
  doc: Doc
  label(lineId: string): string
  helmed: Helmed
  seen: Seen
  scales: HelmScales
}) {
  const lures = useMemo(() => new Map(gear.lures.map((lure) => [lure.gearId, lure])), [gear])
  const swung = { lines: seen.lines, fouling: fouledBy(helmed, seen.afterS), x: scales.x, y: scales.y }
  const draw = polyline<Place>(
    (p) => scales.x(p.asternM),
    (p) => scales.y(p.starboardM),
  )
  const { pxPerM } = scales
  // The hull is drawn for a boat that heads left; she is turned as a whole.
  const own = {
    x: scaleLinear([0, 1], [0, pxPerM]),
    plan: scaleLinear([0, 1], [0, -pxPerM]),
  } as Parameters<typeof BoatPlan>[0]['scales']
  return (
    <g data-testid="helm-picture">
      <path
        d={draw(helmed.frames)}
        fill="none"
        strokeDasharray="2 6"
        className="stroke-moss stroke-[2.5]"
        data-testid="helm-way"
      />
      <SwungLines {...swung} />
      <g
        transform={`translate(${scales.x(seen.boat.asternM)} ${scales.y(seen.boat.starboardM)}) rotate(${seen.boat.headingDeg})`}
      >
        <BoatPlan boat={boat} scales={own} used={new Set(doc.draft.lines.map((line) => line.holderId))} />
      </g>
      <SwungLures {...{ ...swung, doc, lures, label }} />
    </g>
  )
}
