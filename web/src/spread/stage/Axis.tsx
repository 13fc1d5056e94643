import { useUnits } from '../../units/UnitsContext'
import { fromSi, toSi } from '../../units/model'
import { AXIS_HEIGHT, type StageScales } from './scales'

/** Distance astern of the transom, in the reader's unit, shared by both views. */
export function Axis({ scales }: { scales: StageScales }) {
  const units = useUnits()
  const unit = units.unit('distance')
  const farthest = fromSi(scales.x.invert(scales.width), unit)
  const step = [5, 10, 20, 25, 50, 100, 200].find((s) => toSi(s, unit) * scales.pxPerM >= 108) ?? 500
  const marks = Array.from({ length: Math.max(0, Math.floor(farthest / step) + 1) }, (_, i) => i * step)
  const top = scales.planHeight
  return (
    <g>
      <rect x={0} y={top} width={scales.width} height={AXIS_HEIGHT} className="fill-foam" />
      {marks.map((value) => {
        const x = scales.x(toSi(value, unit))
        const minor = Array.from({ length: 4 }, (_, i) => scales.x(toSi(value + ((i + 1) * step) / 5, unit)))
        return (
          <g key={value} className="stroke-ink">
            <line x1={x} x2={x} y1={top} y2={top + 12} strokeWidth={2} />
            {minor.map((at) => (
              <line key={at} x1={at} x2={at} y1={top} y2={top + 6} strokeWidth={1} />
            ))}
            {x + 4 + 9 * `${value}`.length < scales.width && (
              <text x={x + 4} y={top + 20} stroke="none" className="fill-slate font-mono text-[13px]">
                {value === 0 ? `0 ${unit.symbol} astern` : value}
              </text>
            )}
          </g>
        )
      })}
    </g>
  )
}
