import { lineOf, type Doc } from '../../draft/model'
import type { Lure, SolvedLine } from '../../draft/queries'
import { pathOf, type Projection } from './projection'
import { inBoatFrame } from './scales'
import { Silhouette } from '../../shared/drawing/Silhouette'

/** Cable and ball of a downrigger, and the belly of line from its clip up to the rod. */
export function DeepDrawing({
  line,
  selected,
  ...projection
}: Projection & { line: SolvedLine; selected: boolean }) {
  const { deep } = line
  const foot = deep?.cable[0]
  if (!deep || !foot) return null
  const ball = inBoatFrame(line, foot)
  const clip = inBoatFrame(line, {
    asternM: deep.clipAsternM,
    lateralM: 0,
    heightM: -deep.clipDepthM,
  })
  return (
    <g data-testid="downrigger">
      <path
        d={pathOf(line, deep.cable, projection)}
        fill="none"
        strokeWidth={selected ? 2.6 : 2}
        className="stroke-slate"
      />
      <path d={pathOf(line, deep.belly, projection)} fill="none" strokeWidth={1} className="stroke-slate" />
      <Silhouette kind="BALL_LEAD" x={projection.x(ball)} y={projection.y(ball)} />
      <circle
        cx={projection.x(clip)}
        cy={projection.y(clip)}
        r={3.5}
        className="fill-foam stroke-ink stroke-[1.5]"
      />
    </g>
  )
}

/** The second lure of a three-way on its own leader. */
export function BranchDrawing({
  line,
  doc,
  lures,
  ...projection
}: Projection & { line: SolvedLine; doc: Doc; lures: ReadonlyMap<string, Lure> }) {
  const end = line.branch?.path[0]
  if (!line.branch || !end) return null
  const lure = lineOf(doc, line.lineId)?.tackle.find((piece) => piece.branch)?.branch?.lureGearId
  const at = inBoatFrame(line, end)
  return (
    <g data-testid="branch">
      <path
        d={pathOf(line, line.branch.path, projection)}
        fill="none"
        strokeWidth={1.4}
        className="stroke-ink"
      />
      <Silhouette kind={lures.get(lure ?? '')?.kind ?? ''} x={projection.x(at)} y={projection.y(at)} />
    </g>
  )
}
