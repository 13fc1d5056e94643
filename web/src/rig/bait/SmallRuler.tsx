import { useUnits } from '../../units/UnitsContext'

/** In the reader's own small unit. */
export function SmallRuler({ total, x, y }: { total: number; x(metres: number): number; y: number }) {
  const unit = useUnits().unit('small')
  const step = unit.id === 'INCH' ? 1 : total > 0.5 ? 5 : 1
  const every = unit.id === 'INCH' ? (total > 0.5 ? 4 : 2) : total > 0.5 ? 20 : 5
  const count = Math.floor(total / unit.factor / step)
  return (
    <g className="stroke-ink">
      <line x1={x(0)} x2={x(total)} y1={y} y2={y} />
      {Array.from({ length: count + 1 }, (_, i) => i * step).map((value) => (
        <g key={value}>
          <line
            x1={x(value * unit.factor)}
            x2={x(value * unit.factor)}
            y1={y}
            y2={y + (value % every === 0 ? 9 : 5)}
          />
          {value % every === 0 && (
            <text
              x={x(value * unit.factor)}
              y={y + 22}
              textAnchor="middle"
              stroke="none"
              className="fill-slate font-mono text-[12px]"
            >
              {value}
            </text>
          )}
        </g>
      ))}
      <text x={x(total) + 4} y={y + 4} stroke="none" className="fill-slate text-[12px]">
        {unit.symbol}
      </text>
    </g>
  )
}
