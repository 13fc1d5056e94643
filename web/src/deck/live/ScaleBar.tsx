import { useUnits } from '../../units/UnitsContext'

/** Round lengths in the reader's unit, of which the longest that fits is drawn. */
const ROUND = [5, 10, 20, 50, 100, 200, 500, 1000, 2000]
const LONGEST_PX = 120

export function ScaleBar({ perM, x, y }: { perM: number; x: number; y: number }) {
  const units = useUnits()
  const { factor, symbol } = units.unit('distance')
  const length = ROUND.filter((one) => one * factor * perM <= LONGEST_PX).at(-1) ?? ROUND[0]!
  const px = length * factor * perM
  return (
    <g>
      <path d={`M${x} ${y - 6} V${y} H${x + px} V${y - 6}`} fill="none" className="stroke-ink stroke-2" />
      <text x={x + px + 8} y={y} className="fill-ink font-mono text-[15px]">
        {length} {symbol}
      </text>
    </g>
  )
}
