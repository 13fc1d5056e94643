import { useUnits } from '../../units/UnitsContext'
import type { PlanFrame } from './frame'
import type { LiveNow } from './queries'

/** Less is no stream (m/s). */
const STILL_MPS = 0.05

/** Which way the water goes on this drawing, and how fast. */
export function StreamArrow({ now, frame, x }: { now: LiveNow; frame: PlanFrame; x: number }) {
  const units = useUnits()
  if (now.streamMps < STILL_MPS) return null
  return (
    <g data-testid="live-stream">
      <path
        d="M16 0 H-14 M-6 -7 L-16 0 L-6 7"
        fill="none"
        transform={`translate(${x} 24) rotate(${frame.turn(now.streamTowardsDeg)})`}
        className="stroke-slate stroke-2"
      />
      <text
        x={x - 26}
        y={29}
        textAnchor="end"
        className="fill-ink stroke-water stroke-[4] text-[15px] [paint-order:stroke]"
      >
        stream {units.say('speed', now.streamMps)}
      </text>
    </g>
  )
}
