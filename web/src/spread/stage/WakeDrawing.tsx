import { polyline } from '../../shared/drawing/polyline'
import type { Wake } from '../../draft/queries'
import type { StageScales } from './scales'

/** Wash, wedge and crests as computed, under the lines. */
export function WakeDrawing({ wake, scales }: { wake: Wake; scales: StageScales }) {
  const { x, plan, planHeight, width } = scales
  const farthest = x.invert(width)
  const reach = farthest * Math.tan((wake.wedgeHalfAngleDeg * Math.PI) / 180)
  return (
    <g data-testid="wake" aria-hidden="true">
      <clipPath id="plan-water">
        <rect x={0} y={0} width={width} height={planHeight} />
      </clipPath>
      <g clipPath="url(#plan-water)">
        <path d={washOutline(wake, scales)} className="fill-foam" opacity={0.75} />
        {wake.crestsM
          .filter((at) => at < farthest)
          .map((at, n) => (
            <path
              key={at}
              d={crest(wake, at, scales)}
              fill="none"
              className="stroke-[#9db3a6]"
              strokeWidth={1.2}
              opacity={Math.max(0.25, 1 - n * 0.04)}
            />
          ))}
        {[reach, -reach].map((side) => (
          <line
            key={side}
            x1={x(0)}
            y1={plan(0)}
            x2={width}
            y2={plan(side)}
            className="stroke-[#8aa093]"
            strokeDasharray="2 5"
          />
        ))}
      </g>
    </g>
  )
}

function crest(wake: Wake, at: number, scales: StageScales): string {
  const draw = polyline<{ asternM: number; starboardM: number }>(
    (p) => scales.x(p.asternM * at),
    (p) => scales.plan(p.starboardM * at),
  )
  return draw(wake.crestShape)
}

function washOutline(wake: Wake, scales: StageScales): string {
  const side = (sign: number) =>
    wake.wash.map((p) => `${scales.x(p.asternM).toFixed(1)} ${scales.plan((sign * p.widthM) / 2).toFixed(1)}`)
  const points = [...side(1), ...side(-1).reverse()]
  return points.length < 4 ? '' : `M${points.join(' L')} Z`
}
