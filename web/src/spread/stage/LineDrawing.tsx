import type { Doc } from '../../draft/model'
import type { Lure, SolvedLine } from '../../draft/queries'
import { BranchDrawing, DeepDrawing } from './DeepDrawing'
import { pathOf, type Projection } from './projection'

/** A solved line with all that hangs on it, by what is plotted against what. */
export function LineDrawing({
  line,
  doc,
  lures,
  selected,
  ...projection
}: Projection & {
  line: SolvedLine
  doc: Doc
  lures: ReadonlyMap<string, Lure>
  selected: boolean
}) {
  const skips = (line.tow.skippingShare ?? 0) > 0.005
  return (
    <>
      <DeepDrawing {...{ line, selected }} {...projection} />
      <BranchDrawing {...{ line, doc, lures }} {...projection} />
      {/* Dashed where the lure leaves the water. */}
      <path
        d={pathOf(line, line.tow.path, projection)}
        fill="none"
        strokeWidth={selected ? 3 : 1.6}
        strokeDasharray={skips ? '7 5' : undefined}
        className="stroke-ink"
      />
    </>
  )
}
