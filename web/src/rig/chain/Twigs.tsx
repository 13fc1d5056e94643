import { useUnits } from '../../units/UnitsContext'
import { isLine, type Placed } from '../model'
import type { BenchLine } from '../queries'
import { lengthWords } from '../words'

/** Second leaders hang below the three-way they are tied to. */
export function Twigs({ parts, line, y }: { parts: readonly Placed[]; line: BenchLine; y: number }) {
  const units = useUnits()
  const twig = line.parts.find((part) => part.twig && isLine(part.sort))
  const lure = line.parts.find((part) => part.twig && part.sort === 'LURE')
  const from = twig && parts.find((one) => one.part.sort === 'FITTING' && one.part.piece === twig.piece)
  if (!twig || !from) return null
  const x = from.x + from.width / 2
  return (
    <g className="pointer-events-none">
      <path d={`M ${x} ${y + 12} v 26 h 90`} fill="none" className="stroke-ink stroke-[3]" />
      <path
        d={`M ${x + 90} ${y + 38} q 14 -9 34 -2 l 12 -5 v 14 l -12 -5 q -20 7 -34 -2`}
        className="fill-slate"
      />
      <text x={x + 8} y={y + 33} className="stroke-water stroke-[4] text-[13px] [paint-order:stroke]">
        {`${lengthWords(units, twig.lengthM ?? 0)}, ${units.say('pull', twig.strengthN ?? 0)}${lure ? ` to ${lure.name}` : ''}`}
      </text>
    </g>
  )
}
