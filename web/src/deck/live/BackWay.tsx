import { polyline } from '../../shared/drawing/polyline'
import { wayOf, type PlanFrame } from './frame'

/** A way of hers over ground, and what it leads to. */
export interface WayTo {
  northM: number
  eastM: number
  way: readonly number[]
}

/** Her way over a mark or to what moves, and where that is. */
export function BackWay({ back, frame: { x, y } }: { back: WayTo; frame: PlanFrame }) {
  const draw = polyline<[number, number]>(
    ([north, east]) => x(north, east),
    ([north, east]) => y(north, east),
  )
  const at = { x: x(back.northM, back.eastM), y: y(back.northM, back.eastM) }
  return (
    <g data-testid="live-back">
      <path d={draw(wayOf(back))} fill="none" strokeDasharray="10 6" className="stroke-moss stroke-[3]" />
      <path
        d="M-9 -7 H9 L0 9 Z"
        transform={`translate(${at.x} ${at.y})`}
        className="fill-lichen stroke-ink stroke-2"
      />
    </g>
  )
}
