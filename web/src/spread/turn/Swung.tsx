import { polyline } from '../../shared/drawing/polyline'
import { useUnits } from '../../units/UnitsContext'
import { tiedOn, lineOf, type Doc } from '../../draft/model'
import { spreadOut } from '../../shared/drawing/labels'
import type { ViewProps } from '../stage/PlanView'
import { Silhouette } from '../../shared/drawing/Silhouette'

interface Node {
  asternM: number
  starboardM: number
}

/** Lines seen from above while she is steered, lure first, and what places them on the drawing. */
export interface SwungProps {
  lines: readonly { lineId: string; nodes: readonly Node[]; lureSpeedMps: number }[]
  fouling: readonly string[]
  x(asternM: number): number
  y(starboardM: number): number
}

export function SwungLines({ lines, fouling, x, y }: SwungProps) {
  const draw = polyline<Node>(
    (node) => x(node.asternM),
    (node) => y(node.starboardM),
  )
  return lines.map(({ lineId, nodes }) => (
    <path
      key={lineId}
      d={draw([...nodes])}
      fill="none"
      strokeWidth={fouling.includes(lineId) ? 4 : 1.6}
      className={fouling.includes(lineId) ? 'stroke-rust' : 'stroke-ink'}
      data-fouling={fouling.includes(lineId) || undefined}
    />
  ))
}

/** Each lure headed as it is towed, with its name and speed. */
export function SwungLures({
  lines,
  fouling,
  x,
  y,
  doc,
  lures,
  label,
}: SwungProps & Pick<ViewProps, 'lures'> & { doc: Doc; label(lineId: string): string }) {
  const units = useUnits()
  const names = spreadOut(
    lines.map(({ lineId, nodes }) => ({
      id: lineId,
      x: x(nodes[0]?.asternM ?? 0) + 16,
      y: y(nodes[0]?.starboardM ?? 0) - 9,
      width: 110,
      height: 17,
    })),
  )
  return lines.map(({ lineId, nodes, lureSpeedMps }) => {
    const [lure, next] = nodes
    if (!lure) return null
    const at = { x: x(lure.asternM), y: y(lure.starboardM) }
    const towards = next ? Math.atan2(y(next.starboardM) - at.y, x(next.asternM) - at.x) : Math.PI
    const kind = lures.get(tiedOn(lineOf(doc, lineId)) ?? '')?.kind ?? ''
    const name = names.get(lineId)!
    return (
      <g key={lineId}>
        {fouling.includes(lineId) && (
          <circle cx={at.x} cy={at.y} r={15} fill="none" className="stroke-rust stroke-[3]" />
        )}
        <Silhouette kind={kind} x={at.x} y={at.y} turn={((towards + Math.PI) * 180) / Math.PI} />
        {Math.abs(name.y + 9 - at.y) > 16 && (
          <line x1={at.x + 8} y1={at.y} x2={name.x - 2} y2={name.y + 9} className="stroke-ink/50 stroke-1" />
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
