import type { SolvedLine } from '../../draft/queries'
import type { StageScales } from './scales'
import { lureOf } from './scales'

/** Lures drawn nearer than this to one another would hide it (px). */
const WORTH_DRAWING = 5

/** Where a lure may be, four times in five: a bar through it. */
export function LikelyBar({
  line,
  scales,
  selected,
}: {
  line: SolvedLine
  scales: StageScales
  selected: boolean
}) {
  const lure = lureOf(line)
  if (!lure || !line.likely) return null
  const x = scales.x(lure.asternM)
  const top = scales.side(-line.likely.lowM)
  const bottom = scales.side(-line.likely.highM)
  if (bottom - top < WORTH_DRAWING) return null
  const foot = (y: number) => `M ${x - 5} ${y} h 10`
  return (
    <path
      d={`M ${x} ${top} V ${bottom} ${foot(top)} ${foot(bottom)}`}
      fill="none"
      strokeWidth={selected ? 2 : 1.2}
      className={selected ? 'stroke-ink' : 'stroke-slate'}
      data-testid={`likely-${line.label}`}
    />
  )
}
