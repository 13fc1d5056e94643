import { polyline } from '../../shared/drawing/polyline'
import { Silhouette } from '../../shared/drawing/Silhouette'
import { scaleLinear } from '../../shared/scale'
import { useSize } from '../../shared/useWidth'
import { archOf, togetherOf, type Trace } from './model'
import type { Sounded } from './queries'

const HEIGHT = 250
/** Where the cone's middle stands (px). */
const BOAT_X = 62
/** Of the width, the picture of the screen. */
const SCREEN = 0.3
const AIR = 26
/** Shown so much deeper than the lower rim of the trace. */
const DEEPER = 1.25
/** Columns are drawn so wide, where they fit (px). */
const COLUMN_PX = 6

/** The cone and the lures behind her from the side, bow to the left; and what one fish draws there, as the screen shows it. */
export function SounderDrawing({
  sounded,
  trace,
  kinds,
}: {
  sounded: Sounded
  trace: Trace
  /** Of each line's lure, for its shape. */
  kinds: ReadonlyMap<string, string>
}) {
  const [frame, width] = useSize()
  const screen = width * (1 - SCREEN)
  const { lures, footprintM, fish } = sounded
  const deepest = Math.max(trace.topM + trace.heightM, ...lures.map(({ depthM }) => depthM))
  const y = scaleLinear([0, DEEPER * deepest], [AIR, HEIGHT - 6])
  const farthest = Math.max(20, ...lures.map(({ asternM }) => asternM))
  const x = scaleLinear([0, farthest], [BOAT_X, screen - 46])
  const half = Math.max(3, (x(footprintM) - x(0)) / 2)
  const top = y(trace.topM)
  const bottom = Math.max(top + 3, y(trace.topM + trace.heightM))
  const columns = Math.min(width - screen - 20, (fish.columns ?? 1e6) * COLUMN_PX)
  const draw = polyline<[number, number]>(
    ([across]) => screen + 12 + across * columns,
    ([, sag]) => y(trace.topM + sag),
  )
  return (
    <div ref={frame} className="min-w-0 overflow-hidden">
      <svg
        width={width}
        height={HEIGHT}
        className="block bg-water"
        role="img"
        aria-label="The cone under her, her lures behind her, and how one fish would show"
      >
        <rect x={0} y={AIR} width={width} height={HEIGHT} className="fill-under" />
        <path
          d={`M${BOAT_X} ${AIR} L${BOAT_X - half} ${top} H${BOAT_X + half} Z`}
          className="fill-lichen/40 stroke-ink"
        />
        <rect
          x={BOAT_X - half - 16}
          y={top}
          width={2 * half + 32}
          height={bottom - top}
          rx={3}
          className="fill-moss/70"
        />
        <line x1={0} x2={screen - 6} y1={AIR} y2={AIR} className="stroke-ink stroke-2" />
        <path
          d={`M${BOAT_X - 44} ${AIR - 9} H${BOAT_X + 12} V${AIR} H${BOAT_X - 34} Z`}
          className="fill-foam stroke-ink stroke-2"
        />
        {togetherOf(lures).map(({ lure, label }) => (
          <g key={lure.lineId}>
            <Silhouette kind={kinds.get(lure.lineId) ?? ''} x={x(lure.asternM)} y={y(lure.depthM)} turn={0} />
            <text
              x={x(lure.asternM)}
              y={y(lure.depthM) + 22}
              textAnchor="middle"
              className="fill-ink text-[13px] font-bold"
            >
              {label}
            </text>
          </g>
        ))}
        <rect
          x={screen}
          y={1}
          width={width - screen - 1}
          height={HEIGHT - 2}
          className="fill-foam stroke-ink stroke-2"
        />
        <text x={screen + 8} y={18} className="fill-slate text-[13px]">
          one fish
        </text>
        <path d={draw(archOf(fish))} fill="none" strokeLinecap="round" className="stroke-ink stroke-[5]" />
      </svg>
    </div>
  )
}
