import { polyline } from '../../shared/drawing/polyline'
import { wayOf, type PlanFrame } from './frame'
import type { Live } from './queries'

/** What of the course lies before her, and where it turns. */
export function CourseWay({
  along,
  frame: { x, y },
}: {
  along: NonNullable<Live['along']>
  frame: PlanFrame
}) {
  const draw = polyline<[number, number]>(
    ([north, east]) => x(north, east),
    ([north, east]) => y(north, east),
  )
  const way = wayOf(along)
  return (
    <g data-testid="live-course" className="stroke-moss">
      <path d={draw(way)} fill="none" className="stroke-[5]" strokeOpacity={0.45} strokeLinejoin="round" />
      {way.slice(1).map(([north, east]) => (
        <circle
          key={`${north} ${east}`}
          cx={x(north, east)}
          cy={y(north, east)}
          r={4}
          className="fill-foam stroke-2"
        />
      ))}
    </g>
  )
}
