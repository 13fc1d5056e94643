import { polyline } from '../../shared/drawing/polyline'
import type { SolvedLine } from '../../draft/queries'
import { inBoatFrame, lureOf, type BoatPoint, type StageScales } from './scales'

/** Where lines would run after a mend that is pointed at, over where they run now. */
export function AfterDrawing({
  after,
  scales,
  view,
}: {
  after: readonly SolvedLine[]
  scales: StageScales
  view: 'plan' | 'side'
}) {
  const y = (point: BoatPoint) =>
    view === 'plan' ? scales.plan(point.starboardM) : scales.side(point.heightM)
  const draw = polyline<BoatPoint>((point) => scales.x(point.asternM), y)
  return (
    <g className="pointer-events-none" data-testid={`after-${view}`}>
      {after.map((line) => {
        const lure = lureOf(line)
        return (
          <g key={line.lineId} fill="none" className="stroke-moss">
            <path
              d={draw(line.tow.path.map((point) => inBoatFrame(line, point)))}
              strokeWidth={2.5}
              strokeDasharray="7 5"
            />
            {lure && <circle cx={scales.x(lure.asternM)} cy={y(lure)} r={11} strokeWidth={2.5} />}
          </g>
        )
      })}
    </g>
  )
}
