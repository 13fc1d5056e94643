import { useUnits } from '../../units/UnitsContext'
import { tiedOn, lineOf, type Doc } from '../../draft/model'
import type { Boat, Lure, Solved, SolvedLine } from '../../draft/queries'
import { BoatPlan } from './BoatPlan'
import type { Label } from '../../shared/drawing/labels'
import { LABEL_RISE_PX, usePlanLabels } from './planLabels'
import { LineDrawing } from './LineDrawing'
import { lureOf, type StageScales } from './scales'
import { Silhouette } from '../../shared/drawing/Silhouette'
import { WakeDrawing } from './WakeDrawing'
import type { LineHandling } from './useLineHandling'

export interface ViewProps {
  boat: Boat
  doc: Doc
  scales: StageScales
  solved: Solved | null
  selected: string | null
  handling: LineHandling
  lures: ReadonlyMap<string, Lure>
  order?: ReadonlyMap<string, string>
}

/** A label moved farther than this gets a line to its lure. */
const MOVED_PX = 14

/** Seen from above, true scale. */
export function PlanView({ boat, doc, scales, solved, selected, handling, lures, order }: ViewProps) {
  const { x, plan, planHeight, width } = scales
  const lines = (solved?.lines ?? []).filter((line) => lineOf(doc, line.lineId))
  const labels = usePlanLabels(lines, doc, scales)
  return (
    <g data-testid="plan">
      <rect x={0} y={0} width={width} height={planHeight} className="fill-water" />
      {solved && <WakeDrawing wake={solved.wake} scales={scales} />}
      <Sides scales={scales} />
      {!scales.narrow && (
        <text x={width - 16} y={22} textAnchor="end" className="fill-slate text-[13px]">
          Seen from above, true scale
        </text>
      )}
      <BoatPlan boat={boat} scales={scales} used={new Set(doc.draft.lines.map((line) => line.holderId))} />
      {lines.map((line) => (
        <LineDrawing
          key={line.lineId}
          {...{ line, doc, lures }}
          x={(p) => x(p.asternM)}
          y={(p) => plan(p.starboardM)}
          selected={line.lineId === selected}
        />
      ))}
      {lines.map((line) => (
        <PlanLure
          key={line.lineId}
          {...{ line, doc, scales, handling, lures, order }}
          selected={line.lineId === selected}
          label={labels.get(line.lineId)}
        />
      ))}
    </g>
  )
}

function PlanLure({
  line,
  doc,
  scales,
  handling,
  lures,
  selected,
  label,
  order,
}: Pick<ViewProps, 'doc' | 'scales' | 'handling' | 'lures' | 'order'> & {
  line: SolvedLine
  selected: boolean
  label: Label | undefined
}) {
  const units = useUnits()
  const draft = lineOf(doc, line.lineId)
  const lure = lureOf(line)
  const at = lure ?? { asternM: line.tip.asternM + (draft?.letOutM ?? 0), starboardM: line.tip.starboardM }
  const x = scales.x(at.asternM)
  const y = scales.plan(at.starboardM)
  if (!draft) return null
  const kind = lures.get(tiedOn(draft) ?? '')?.kind ?? ''
  return (
    <g
      {...handling.props(draft, `${line.label}, let-out`, scales, 'plan')}
      className="group cursor-grab touch-none outline-none"
      data-line={line.label}
    >
      <rect x={x - 22} y={y - 22} width={44} height={44} fill="transparent" />
      {selected && <circle cx={x} cy={y} r={15} className="fill-lichen stroke-ink stroke-[1.5]" />}
      <circle
        cx={x}
        cy={y}
        r={18}
        fill="none"
        className="stroke-ink stroke-[3] opacity-0 group-focus-visible:opacity-100"
      />
      {lure ? <Silhouette kind={kind} x={x} y={y} /> : <Flying x={x} y={y} />}
      {label && Math.abs(label.y - (y - LABEL_RISE_PX)) > MOVED_PX && (
        <line
          x1={x + 9}
          y1={y}
          x2={label.x - 2}
          y2={label.y + LABEL_RISE_PX}
          className="stroke-ink/60 stroke-1"
        />
      )}
      {label && (
        <text
          x={label.x}
          y={label.y + 13}
          className="fill-ink stroke-water stroke-[4] text-[14px] [paint-order:stroke]"
        >
          {order ? (
            <tspan className="font-mono font-bold">{order.get(line.lineId) ?? '–'}</tspan>
          ) : (
            <tspan className="font-bold">{label.names ?? line.label}</tspan>
          )}
          {(order || !scales.narrow) && (
            <tspan dx={6} className={order ? 'font-bold' : 'font-mono'}>
              {order ? line.label : units.say('distance', draft.letOutM)}
            </tspan>
          )}
        </text>
      )}
    </g>
  )
}

/** Which side is which: beside the boat, or out of the way of the names where there is little room. */
function Sides({ scales: { x, narrow, width, planHeight } }: { scales: StageScales }) {
  const at = narrow ? { x: width - 12, end: 'end' as const } : { x: x(0) + 10, end: 'start' as const }
  return (
    <g className="fill-ink text-[13px] font-bold">
      <text x={narrow ? at.x - 78 : at.x} y={narrow ? 16 : 22} textAnchor={at.end}>
        Starboard
      </text>
      <text x={at.x} y={planHeight - 8} textAnchor={at.end}>
        Port
      </text>
    </g>
  )
}

/** A lure that is nowhere in the water. */
function Flying({ x, y }: { x: number; y: number }) {
  return <path d={`M${x - 7} ${y - 7} l14 14 m0 -14 l-14 14`} className="stroke-rust stroke-[3]" />
}
