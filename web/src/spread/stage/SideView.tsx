import { useUnits } from '../../units/UnitsContext'
import { DepthSought } from '../depth/DepthSought'
import { lineOf } from '../../draft/model'
import type { SolvedLine } from '../../draft/queries'
import { LikelyBar } from './LikelyBar'
import { LineDrawing } from './LineDrawing'
import type { ViewProps } from './PlanView'
import { inBoatFrame, lureOf } from './scales'
import { grouped, useSideLabels } from './sideLabels'
import { BoatSide, Water } from './SideWater'
import { Silhouette } from '../../shared/drawing/Silhouette'
import { baitLabel, WaterLayers } from './WaterLayers'

/** A label moved farther than this gets a line to its lure. */
const MOVED_PX = 14

/** Seen from the side; depth stretched by a stated factor. */
export function SideView({ boat, doc, scales, solved, selected, handling, lures }: ViewProps) {
  const { x, side, width } = scales
  const lines = (solved?.lines ?? []).filter((line) => lineOf(doc, line.lineId) && line.tow.path.length > 0)
  const groups = grouped(lines)
  const units = useUnits()
  const labels = useSideLabels(groups, scales, baitLabel(doc.draft.here, scales, units))
  return (
    <g data-testid="side">
      <Water scales={scales} bottomM={doc.draft.here?.bottomM} />
      <WaterLayers here={doc.draft.here} scales={scales} />
      <BoatSide boat={boat} scales={scales} />
      {lines.map((line) => (
        <LineDrawing
          key={line.lineId}
          {...{ line, doc, lures }}
          x={(p) => x(p.asternM)}
          y={(p) => side(p.heightM)}
          selected={line.lineId === selected}
        />
      ))}
      {lines.map((line) => (
        <LikelyBar key={line.lineId} {...{ line, scales }} selected={line.lineId === selected} />
      ))}
      {lines.map((line) => (
        <SideLure
          key={line.lineId}
          {...{ line, doc, scales, handling, lures }}
          selected={line.lineId === selected}
        />
      ))}
      {groups.map((group) => {
        const label = labels.get(group.key)
        const lure = { x: x(group.asternM), y: side(group.heightM) }
        return (
          label && (
            <g key={group.key} className="pointer-events-none">
              {Math.abs(label.y - 4 - lure.y) > MOVED_PX && (
                <line
                  x1={lure.x + 9}
                  y1={lure.y}
                  x2={label.x - 2}
                  y2={label.y + 9}
                  className="stroke-ink/60 stroke-1"
                />
              )}
              <text
                x={label.x}
                y={label.y + 13}
                className="fill-ink stroke-under stroke-[4] text-[14px] [paint-order:stroke]"
              >
                <tspan className="font-bold">{group.names}</tspan>
                {!scales.narrow && (
                  <tspan dx={6} className="font-mono">
                    {group.words}
                  </tspan>
                )}
              </text>
            </g>
          )
        )
      })}
      {handling.seeking && <DepthSought seeking={handling.seeking} scales={scales} />}
      <text
        x={scales.narrow ? width - 12 : width - 100}
        y={scales.sideTop + scales.sideHeight - 8}
        textAnchor="end"
        className="fill-slate text-[13px]"
      >
        {scales.stretch > 1 ? `Depth stretched ${scales.stretch} times` : 'Depth at true scale'}
      </text>
    </g>
  )
}

function SideLure({
  line,
  doc,
  scales,
  handling,
  lures,
  selected,
}: Pick<ViewProps, 'doc' | 'scales' | 'handling' | 'lures'> & { line: SolvedLine; selected: boolean }) {
  const draft = lineOf(doc, line.lineId)
  const lure = lureOf(line)
  if (!draft || !lure) return null
  const x = scales.x(lure.asternM)
  const y = scales.side(lure.heightM)
  const drag = handling.props(draft, '', scales, 'side')
  return (
    <g
      onPointerDown={drag.onPointerDown as never}
      onPointerMove={drag.onPointerMove as never}
      onPointerUp={drag.onPointerUp as never}
      onPointerCancel={drag.onPointerCancel as never}
      className="cursor-grab touch-none"
      data-side-line={line.label}
    >
      <rect x={x - 22} y={y - 22} width={44} height={44} fill="transparent" />
      {selected && <circle cx={x} cy={y} r={15} className="fill-lichen stroke-ink stroke-[1.5]" />}
      {line.tow.bodies.map((body) => {
        const at = inBoatFrame(line, body.place)
        const kind = lures.get(draft.tackle[body.link]?.lureGearId ?? '')?.kind ?? ''
        return (
          <Silhouette
            key={body.link}
            kind={kind}
            x={scales.x(at.asternM)}
            y={scales.side(at.heightM)}
            small={body.link > 0}
          />
        )
      })}
    </g>
  )
}
