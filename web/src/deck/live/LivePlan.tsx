import { polyline } from '../../shared/drawing/polyline'
import { Silhouette } from '../../shared/drawing/Silhouette'
import { spreadOut } from '../../shared/drawing/labels'
import { useUnits } from '../../units/UnitsContext'
import { depthWords } from '../depth'
import { within } from './edge'
import { nodesOf, wayOf, type Node, type PlanFrame, type Size } from './frame'
import type { LiveLine, LiveNow } from './queries'

/** What is known of a line beforehand. */
export interface Named {
  label: string
  kind: string
}

export interface LiveProps {
  now: LiveNow
  named: ReadonlyMap<string, Named>
  /** Lines that somebody must act on. */
  called: readonly string[]
}

const BEND = { INSIDE: ', inside', OUTSIDE: ', outside', NEITHER: '' } as const
/** Of a name with its figure (px). */
const NAME = { width: 110, height: 22 }
/** Of a name alone (px), for a drawing so small (px a metre) that figures would lie on each other. */
const SHORT = 30
const SMALL = 1.3
/** Between boxes along a stroke (px). */
const BOX_PX = 12

/** Boat, lines and lures on the water, her way over ground, and who else is about. */
export function LivePlan({
  now,
  named,
  called,
  frame,
  boatM,
  size,
}: LiveProps & { frame: PlanFrame; boatM: number; size: Size }) {
  const { x, y, perM, turn } = frame
  const draw = polyline<Node>(
    ({ northM, eastM }) => x(northM, eastM),
    ({ northM, eastM }) => y(northM, eastM),
  )
  const way = wayOf(now).map(([northM, eastM]): Node => ({ northM, eastM, heightM: 0 }))
  const hull = Math.max(20, boatM * perM)
  return (
    <g data-testid="live-plan">
      <path d={draw(way)} fill="none" className="stroke-slate stroke-[1.5]" strokeDasharray="2 6" />
      {now.lines.map((line) => (
        <path
          key={line.lineId}
          d={draw(nodesOf(line))}
          fill="none"
          className={called.includes(line.lineId) ? 'stroke-rust stroke-[4]' : 'stroke-ink stroke-2'}
          strokeDasharray={line.slack ? '6 5' : undefined}
        />
      ))}
      <g transform={`translate(${x(0, 0)} ${y(0, 0)}) rotate(${turn(now.headingDeg)}) scale(${hull / 40})`}>
        <path
          d="M0 -7 L-24 -7 Q-36 -5 -40 0 Q-36 5 -24 7 L0 7 Z"
          className="fill-foam stroke-ink"
          strokeWidth={80 / hull}
        />
      </g>
      {now.others.filter(isNear).map((other) => (
        <OtherBoat key={other.id} {...{ other, frame, size }} />
      ))}
      <Lures {...{ now, named, called, frame, size }} />
    </g>
  )
}

function Lures({
  now,
  named,
  called,
  frame: { x, y, perM },
  size,
}: LiveProps & { frame: PlanFrame; size: Size }) {
  const units = useUnits()
  const small = perM < SMALL
  const at = (line: LiveLine) => {
    const [lure, next] = nodesOf(line)
    return { x: x(lure!.northM, lure!.eastM), y: y(lure!.northM, lure!.eastM), next: next ?? lure! }
  }
  const names = spreadOut(
    now.lines.map((line) => ({
      id: line.lineId,
      x: at(line).x + 16,
      y: at(line).y - 11,
      ...NAME,
      width: small ? SHORT : NAME.width,
    })),
    [
      ...now.lines.map((line) => ({
        id: line.lineId,
        x: at(line).x - 10,
        y: at(line).y - 7,
        width: 20,
        height: 14,
      })),
      ...strokes(now.lines, { x, y }),
      ...edges(size),
      { id: 'hull', x: x(0, 0) - 26, y: y(0, 0) - 26, width: 52, height: 52 },
    ],
  )
  return now.lines.map((line) => {
    const lure = at(line)
    const { label, kind } = named.get(line.lineId) ?? { label: '…', kind: '' }
    const name = names.get(line.lineId)!
    const towards = Math.atan2(
      y(lure.next.northM, lure.next.eastM) - lure.y,
      x(lure.next.northM, lure.next.eastM) - lure.x,
    )
    return (
      <g key={line.lineId} data-live-line={label}>
        {called.includes(line.lineId) && (
          <circle cx={lure.x} cy={lure.y} r={15} fill="none" className="stroke-rust stroke-[3]" />
        )}
        <Silhouette kind={kind} x={lure.x} y={lure.y} turn={((towards + Math.PI) * 180) / Math.PI} />
        {Math.abs(name.y + 11 - lure.y) > 16 && (
          <line
            x1={lure.x + 8}
            y1={lure.y}
            x2={name.x - 2}
            y2={name.y + 11}
            className="stroke-ink/60 stroke-1"
          />
        )}
        <text
          x={name.x}
          y={name.y + 17}
          className="fill-ink stroke-water stroke-[4] text-[17px] [paint-order:stroke]"
        >
          <tspan className="font-bold">{label}</tspan>
          {!small && (
            <tspan dx={6} className="font-mono">
              {line.slack ? 'hangs' : depthWords(line.lureDepthM, units)}
            </tspan>
          )}
          {!small && <tspan>{BEND[line.bend]}</tspan>}
        </text>
      </g>
    )
  })
}

/** No name is to lie beyond the drawing. */
const edges = ({ width, height }: Size) =>
  [-1000, height].map((y) => ({ id: 'edge', x: -1000, y, width: width + 2000, height: 1000 }))

/** Small boxes along every line, on which no name is to lie. */
const strokes = (lines: readonly LiveLine[], { x, y }: Pick<PlanFrame, 'x' | 'y'>) =>
  lines.flatMap((line) => {
    const nodes = nodesOf(line).map(({ northM, eastM }) => ({ x: x(northM, eastM), y: y(northM, eastM) }))
    return nodes.slice(1).flatMap((to, i) => {
      const from = nodes[i]!
      const parts = Math.max(1, Math.ceil(Math.hypot(to.x - from.x, to.y - from.y) / BOX_PX))
      return Array.from({ length: parts }, (_, k) => ({
        id: 'stroke',
        x: from.x + ((to.x - from.x) * k) / parts - 2,
        y: from.y + ((to.y - from.y) * k) / parts - 2,
        width: 4,
        height: 4,
      }))
    })
  })

/** Farther off she is nobody's concern yet (m). */
const NEAR_M = 1500

const isNear = ({ northM, eastM }: LiveNow['others'][number]) => Math.hypot(northM, eastM) < NEAR_M

/** A wedge on its way, with what it is called; at the edge, with its distance, where it is beyond it. */
function OtherBoat({
  other,
  frame: { x, y, turn },
  size,
}: {
  other: LiveNow['others'][number]
  frame: PlanFrame
  size: Size
}) {
  const units = useUnits()
  const there = { x: x(other.northM, other.eastM), y: y(other.northM, other.eastM) }
  const at = within({ x: x(0, 0), y: y(0, 0) }, there, size)
  const beyond = at.x !== there.x || at.y !== there.y
  return (
    <g data-other={other.name}>
      <path
        d="M-16 0 L10 -8 L4 0 L10 8 Z"
        transform={`translate(${at.x} ${at.y}) rotate(${turn(other.courseDeg)})`}
        className="fill-foam stroke-ink stroke-2"
      />
      <text
        x={at.x}
        y={at.y + 28}
        textAnchor={at.x < 90 ? 'start' : at.x > size.width - 90 ? 'end' : 'middle'}
        className="fill-ink stroke-water stroke-[4] text-[15px] [paint-order:stroke]"
      >
        {other.name}
        {beyond && `, ${units.say('distance', Math.hypot(other.northM, other.eastM))} off`}
      </text>
    </g>
  )
}
