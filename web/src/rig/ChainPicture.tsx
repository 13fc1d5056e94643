import { useUnits } from '../units/UnitsContext'
import { labelled, placed } from './model'
import { PartGlyph } from './chain/PartGlyph'
import type { BenchLine } from './queries'
import { partLabel } from './words'

const WIDTH = 900
const Y = 78

/** The chain for paper: the drawing without handles. */
export function ChainPicture({ line }: { line: BenchLine }) {
  const units = useUnits()
  const parts = placed(line.parts, 8, WIDTH - 8)
  const labels = labelled(parts, (part) => partLabel(part, units, line.offM), 8, WIDTH - 8, 2)
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 170`}
      className="w-full"
      role="img"
      aria-label={`Chain of ${line.label}, drawn`}
    >
      {parts.map((one) => (
        <PartGlyph key={one.at} placed={one} y={Y} />
      ))}
      {labels.map((label) => {
        const y = label.row > 0 ? Y - 26 - (label.row - 1) * 30 : Y + 34 + (-label.row - 1) * 32
        return (
          <text
            key={label.at}
            x={label.x}
            y={y - (label.row > 0 ? 12 : 0)}
            textAnchor="middle"
            className="text-[14px]"
          >
            <tspan className="font-bold">{label.title}</tspan>
            <tspan x={label.x} dy={14}>
              {label.detail}
            </tspan>
          </text>
        )
      })}
    </svg>
  )
}
