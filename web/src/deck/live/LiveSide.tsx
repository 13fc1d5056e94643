import { polyline } from '../../shared/drawing/polyline'
import { spreadOut } from '../../shared/drawing/labels'
import { Silhouette } from '../../shared/drawing/Silhouette'
import { scaleLinear } from '../../shared/scale'
import { useUnits } from '../../units/UnitsContext'
import { astern, nodesOf, type Node } from './frame'
import type { LiveProps } from './LivePlan'

/** Air over the surface (px). */
const AIR = 22
/** Shown so many times as deep as the deepest lure, and at least so deep (m). */
const DEEPER = 1.6
const LEAST_M = 4

/**
 * From the side, bow to the left, on the distance astern: lures over the bottom that was sounded where she was.
 *
 * @param x of a distance astern (m)
 */
export function LiveSide({
  now,
  named,
  called,
  x,
  top,
  width,
  height,
}: LiveProps & { x(asternM: number): number; top: number; width: number; height: number }) {
  const units = useUnits()
  const deepest = Math.max(0, ...now.lines.map(({ lureDepthM }) => lureDepthM))
  const range = Math.max(LEAST_M, DEEPER * deepest)
  const surface = top + AIR
  const depth = scaleLinear([0, range], [surface, top + height - 4])
  const bottom = now.bottom.filter(({ asternM }) => asternM >= 0)
  const shoal = bottom.some(({ depthM }) => depthM < range)
  const draw = polyline<Node>(
    ({ northM, eastM }) => x(astern(now, northM, eastM).asternM),
    ({ heightM }) => depth(Math.max(-heightM, -range * 0.1)),
  )
  const ground = polyline<(typeof bottom)[number]>(
    ({ asternM }) => x(asternM),
    ({ depthM }) => depth(Math.min(range, depthM)),
  )
  const lures = now.lines.map((line) => {
    const lure = nodesOf(line)[0]!
    return { line, x: x(astern(now, lure.northM, lure.eastM).asternM), y: depth(line.lureDepthM) }
  })
  const names = spreadOut(
    lures.map(({ line, x, y }) => ({ id: line.lineId, x: x + 14, y: y + 2, width: 26, height: 17 })),
    lures.map(({ line, x, y }) => ({ id: line.lineId, x: x - 10, y: y - 7, width: 20, height: 14 })),
  )
  const below = Math.min(...bottom.map(({ depthM }) => depthM))
  return (
    <g data-testid="live-side">
      <rect x={0} y={surface} width={width} height={height - AIR} className="fill-under" />
      <line x1={0} x2={width} y1={surface} y2={surface} className="stroke-ink stroke-2" />
      {shoal && (
        <path
          data-testid="live-bottom"
          d={`${ground(bottom)}L${x(bottom.at(-1)!.asternM)},${top + height}L${x(bottom[0]!.asternM)},${top + height}Z`}
          className="fill-slate/60 stroke-ink stroke-2"
        />
      )}
      {now.lines.map((line) => (
        <path
          key={line.lineId}
          d={draw(nodesOf(line))}
          fill="none"
          className={called.includes(line.lineId) ? 'stroke-rust stroke-[3]' : 'stroke-ink stroke-[1.5]'}
        />
      ))}
      {lures.map(({ line, x, y }) => {
        const { label, kind } = named.get(line.lineId) ?? { label: '…', kind: '' }
        const name = names.get(line.lineId)!
        return (
          <g key={line.lineId}>
            <Silhouette kind={kind} x={x} y={y} small />
            <text
              x={name.x}
              y={name.y + 13}
              className="fill-ink stroke-under stroke-[4] text-[14px] font-bold [paint-order:stroke]"
            >
              {label}
            </text>
          </g>
        )
      })}
      <text
        x={width - 10}
        y={top + height - 10}
        textAnchor="end"
        className="fill-ink stroke-under stroke-[4] text-[15px] [paint-order:stroke]"
      >
        {bottom.length === 0
          ? 'No bottom sounded'
          : shoal
            ? 'Bottom as sounded where she was'
            : `Bottom at ${units.say('distance', below)} and deeper`}
      </text>
    </g>
  )
}
