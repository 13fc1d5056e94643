import { polyline } from '../../shared/drawing/polyline'
import type { PathPoint, SolvedLine } from '../../draft/queries'
import { inBoatFrame, type BoatPoint } from './scales'

/** What is plotted against what (px). */
export interface Projection {
  x(point: BoatPoint): number
  y(point: BoatPoint): number
}

/** A path behind a line's tip, to a tenth of a pixel. */
export const pathOf = (line: SolvedLine, path: readonly PathPoint[], { x, y }: Projection): string =>
  polyline(x, y)(path.map((point) => inBoatFrame(line, point)))
