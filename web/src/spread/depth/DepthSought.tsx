import { useUnits } from '../../units/UnitsContext'
import type { StageScales } from '../stage/scales'
import { stopWords } from './sentences'
import type { Seeking } from './model'

/** The depth being asked for, and what ends the depths that can be had. */
export function DepthSought({ seeking, scales }: { seeking: Seeking; scales: StageScales }) {
  const units = useUnits()
  const y = scales.side(-seeking.depthM)
  const stop = seeking.sought ? stopWords(seeking.sought, seeking.knob, units) : null
  return (
    <g data-testid="depth-sought" className="pointer-events-none">
      <line
        x1={scales.x(0)}
        x2={scales.width}
        y1={y}
        y2={y}
        className="stroke-ink stroke-[1.5]"
        strokeDasharray="6 4"
      />
      <text
        x={scales.x(0) + 6}
        y={y - 6}
        className={`stroke-under stroke-[4] text-[14px] font-bold [paint-order:stroke] ${stop ? 'fill-rust-text' : 'fill-ink'}`}
      >
        {units.say('distance', seeking.depthM)} wanted{stop ? `. ${stop}` : ''}
      </text>
    </g>
  )
}
