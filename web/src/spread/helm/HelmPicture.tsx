import { line as curve } from 'd3-shape'
import { scaleLinear } from '../../shared/scale'
import { useUnits } from '../../units/UnitsContext'
import type { Boat, Gear, Helmed } from '../../draft/queries'
import { lineOf, type Doc } from '../../draft/model'
import { BoatPlan } from '../stage/BoatPlan'
import { spreadOut } from '../stage/labels'
import { Silhouette } from '../stage/Silhouette'
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
  const fouled = fouledBy(helmed, seen.afterS)
  const draw = curve<Place>()
    .x((p) => scales.x(p.asternM))
    .y((p) => scales.y(p.starboardM))
  const { pxPerM } = scales
  // The hull is drawn for a boat that heads left; she is turned as a whole.
  const own = {
    x: scaleLinear([0, 1], [0, pxPerM]),
    plan: scaleLinear([0, 1], [0, -pxPerM]),
  } as Parameters<typeof BoatPlan>[0]['scales']
  return (
    <g data-testid="helm-picture">
      <path
        d={draw(helmed.frames) ?? ''}
        fill="none"
        strokeDasharray="2 6"
        className="stroke-moss stroke-[2.5]"
        data-testid="helm-way"
      />
      {seen.lines.map(({ lineId, nodes }) => (
        <path
          key={lineId}
          d={draw(nodes) ?? ''}
          fill="none"
          strokeWidth={fouled.includes(lineId) ? 4 : 1.6}
          className={fouled.includes(lineId) ? 'stroke-rust' : 'stroke-ink'}
          data-fouling={fouled.includes(lineId) || undefined}
        />
      ))}
      <g
        transform={`translate(${scales.x(seen.boat.asternM)} ${scales.y(seen.boat.starboardM)}) rotate(${seen.boat.headingDeg})`}
      >
        <BoatPlan boat={boat} scales={own} used={new Set(doc.draft.lines.map((line) => line.holderId))} />
      </g>
      <Lures {...{ gear, doc, label, seen, scales, fouled }} />
    </g>
  )
}

function Lures({
  gear,
  doc,
  label,
  seen,
  scales,
  fouled,
}: {
  gear: Gear
  doc: Doc
  label(lineId: string): string
  seen: Seen
  scales: HelmScales
  fouled: readonly string[]
}) {
  const units = useUnits()
  const at = (place: Place | undefined) => ({
    x: scales.x(place?.asternM ?? 0),
    y: scales.y(place?.starboardM ?? 0),
  })
  const names = spreadOut(
    seen.lines.map(({ lineId, nodes }) => {
      const { x, y } = at(nodes[0])
      return { id: lineId, x: x + 16, y: y - 9, width: 110, height: 17 }
    }),
  )
  return seen.lines.map(({ lineId, nodes, lureSpeedMps }) => {
    const { x, y } = at(nodes[0])
    const next = at(nodes[1])
    const name = names.get(lineId)!
    const lure = gear.lures.find((one) => one.gearId === lineOf(doc, lineId)?.tackle[0]?.lureGearId)
    const turn = ((Math.atan2(next.y - y, next.x - x) + Math.PI) * 180) / Math.PI
    return (
      <g key={lineId}>
        {fouled.includes(lineId) && (
          <circle cx={x} cy={y} r={15} fill="none" className="stroke-rust stroke-[3]" />
        )}
        <Silhouette kind={lure?.kind ?? ''} x={x} y={y} turn={turn} />
        {Math.abs(name.y + 9 - y) > 16 && (
          <line x1={x + 8} y1={y} x2={name.x - 2} y2={name.y + 9} className="stroke-ink/50 stroke-1" />
        )}
        <text
          x={name.x}
          y={name.y + 13}
          className="fill-ink stroke-water stroke-[4] text-[14px] font-bold [paint-order:stroke]"
        >
          {label(lineId)}
          <tspan dx={6} className="fill-slate font-mono text-[13px] font-normal">
            {units.say('speed', lureSpeedMps)}
          </tspan>
        </text>
      </g>
    )
  })
}
