import { useUnits } from '../../units/UnitsContext'
import type { Bait } from '../queries'

/** Hooks where they belong, each with how far it is from the one before. */
export function HooksOnBait({
  bait,
  x,
  y,
  depth,
}: {
  bait: Bait
  x(metres: number): number
  y: number
  depth: number
}) {
  const units = useUnits()
  return (
    <>
      {bait.hooks.map((hook, at) => {
        const hx = x(hook.alongM)
        const hy = y - hook.acrossShare * depth * 0.8
        const before = bait.hooks[at - 1]
        return (
          <g key={`${hook.alongM} ${hook.words}`}>
            {before && (
              <path
                d={`M ${x(before.alongM)} ${y - before.acrossShare * depth * 0.8} Q ${(x(before.alongM) + hx) / 2} ${hy + 14} ${hx} ${hy}`}
                fill="none"
                className="stroke-ink stroke-[1.5]"
              />
            )}
            <path
              d={`M ${hx} ${hy} h 8 q 9 0 9 9 q 0 9 -9 9 q -7 0 -7 -6`}
              fill="none"
              className="stroke-foam stroke-[6]"
            />
            <path
              d={`M ${hx} ${hy} h 8 q 9 0 9 9 q 0 9 -9 9 q -7 0 -7 -6`}
              fill="none"
              className="stroke-ink stroke-[2.5]"
            />
            <line x1={hx} x2={hx} y1={hy} y2={100} className="stroke-ink/40" />
            <text
              x={at === 0 ? hx + 4 : hx - 5}
              y={97}
              textAnchor={at === 0 ? 'start' : 'end'}
              className="fill-ink stroke-foam stroke-[4] text-[13px] font-bold [paint-order:stroke]"
            >
              {before
                ? `+ ${units.say('small', hook.alongM - before.alongM)}`
                : units.say('small', hook.alongM)}
            </text>
          </g>
        )
      })}
    </>
  )
}
