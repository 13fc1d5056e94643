import { line as curve } from 'd3-shape'
import type { SolvedLine } from '../queries'
import { inBoatFrame, type BoatPoint } from './scales'

/** A solved line as a path, by what is plotted against what. Dashed where the lure leaves the water. */
export function LineDrawing({
  line,
  x,
  y,
  selected,
}: {
  line: SolvedLine
  x(point: BoatPoint): number
  y(point: BoatPoint): number
  selected: boolean
}) {
  const draw = curve<BoatPoint>()
    .x((p) => Math.round(x(p) * 10) / 10)
    .y((p) => Math.round(y(p) * 10) / 10)
  const d = draw(line.tow.path.map((point) => inBoatFrame(line, point)))
  const skips = (line.tow.skippingShare ?? 0) > 0.005
  return (
    <path
      d={d ?? ''}
      fill="none"
      strokeWidth={selected ? 3 : 1.6}
      strokeDasharray={skips ? '7 5' : undefined}
      className="stroke-ink"
    />
  )
}
