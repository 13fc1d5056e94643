import { useUnits } from '../../units/UnitsContext'
import type { Placed } from '../model'
import type { BenchLine } from '../queries'

/** Strength along the chain; what is weakest is marked by colour, hatch and word. */
export function Profile({
  parts,
  base,
  rise,
  weakestY,
  wordsY,
  width,
  pad,
  line,
}: {
  parts: readonly Placed[]
  base: number
  rise(newtons: number): number
  weakestY: number
  wordsY: number
  width: number
  /** Beside the chain (px). */
  pad: number
  line: BenchLine
}) {
  const units = useUnits()
  const weakest = line.parts.find((part) => part.weakest)
  return (
    <g className="pointer-events-none">
      <defs>
        <pattern
          id="weakest"
          width="6"
          height="6"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="6" height="6" className="fill-rust" />
          <rect width="2" height="6" className="fill-foam/40" />
        </pattern>
      </defs>
      {parts.map(({ part, at, x, width: wide }) =>
        part.strengthN === undefined ? null : (
          <rect
            key={at}
            x={x}
            y={base - rise(part.strengthN)}
            width={wide + 0.5}
            height={rise(part.strengthN)}
            className={part.weakest ? '' : 'fill-moss/40'}
            {...(part.weakest && { fill: 'url(#weakest)' })}
          />
        ),
      )}
      <line x1={pad} x2={width - pad} y1={base} y2={base} className="stroke-ink/40" />
      <line
        x1={pad}
        x2={width - pad}
        y1={weakestY}
        y2={weakestY}
        strokeDasharray="6 4"
        className="stroke-rust stroke-[1.5]"
      />
      <text
        x={pad}
        y={wordsY}
        className="fill-slate stroke-water stroke-[4] text-[13px] [paint-order:stroke]"
      >
        strength along the chain
      </text>
      <text
        x={width - pad}
        y={wordsY}
        textAnchor="end"
        className="fill-rust-text stroke-water stroke-[4] text-[13.5px] font-bold [paint-order:stroke]"
      >
        {`weakest: ${weakest?.name ?? ''}, ${units.say('pull', line.strengthN)}`}
      </text>
    </g>
  )
}
