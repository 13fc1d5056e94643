/** What can be fitted of a line, and what was seen of it. */
import type { Calibration, CalibrationBody, Gear, Line } from '../../draft/queries'

export type Coefficient = CalibrationBody['coefficient']
export type Seen = CalibrationBody['observations'][number]
export type SeenKind = Seen['kind']

export const SEEN_WORDS: Record<SeenKind, string> = {
  BOTTOM: 'The lure touched bottom at',
  ECHO: 'Its echo stood at',
  RATED: 'The maker rates it for',
  OFFSET: 'Seen to the side by',
}

export const COEFFICIENT_WORDS: Record<Coefficient, string> = {
  NORMAL_DRAG: 'drag across the line',
  DRAG_AREA: 'drag area',
  DIVE_AREA: 'dive area',
  SIDE_AREA: 'side area',
}

/** A coefficient of an item that hangs on a line. */
export interface Fittable {
  gearId: string
  name: string
  coefficient: Coefficient
}

/** What of a line can be fitted, the least sure first: dive of a plug, side of a bar, wire and cable, then drags. */
export function fittables(line: Line, gear: Gear): Fittable[] {
  const lures = line.tackle
    .flatMap((piece) => [piece.lureGearId, piece.branch?.lureGearId])
    .flatMap((id) => gear.lures.filter((item) => item.gearId === id))
  const lines = [line.deep?.cableGearId, ...line.tackle.map((piece) => piece.lineGearId).reverse()].flatMap(
    (id) => gear.lines.filter((item) => item.gearId === id),
  )
  const of = (coefficient: Coefficient) => (item: { gearId: string; name: string }) => ({
    gearId: item.gearId,
    name: item.name,
    coefficient,
  })
  const hums = (kind: string) => ['TROLLING_WIRE', 'COPPER', 'DOWNRIGGER_CABLE'].includes(kind)
  const all = [
    ...lures.filter((item) => item.diveAreaM2 !== 0).map(of('DIVE_AREA')),
    ...lures.filter((item) => item.sideAreaM2 !== 0).map(of('SIDE_AREA')),
    ...lines.filter((item) => hums(item.kind)).map(of('NORMAL_DRAG')),
    ...lures.map(of('DRAG_AREA')),
    ...lines.filter((item) => !hums(item.kind)).map(of('NORMAL_DRAG')),
  ]
  return all.filter((one, i) => all.findIndex((other) => keyOf(other) === keyOf(one)) === i)
}

export const keyOf = (item: Pick<Fittable, 'gearId' | 'coefficient'>) => `${item.gearId} ${item.coefficient}`

/** A coefficient in the unit people write it in. */
export const sayCoefficient = (coefficient: Coefficient, value: number): string =>
  coefficient === 'NORMAL_DRAG' ? value.toFixed(2) : `${(value * 1e4).toFixed(1)} cm²`

/** The latest fit of a coefficient that stands: only that one can be taken back. */
export const standing = (all: readonly Calibration[], fit: Calibration): boolean =>
  all.find((other) => !other.takenBackAt && keyOf(other) === keyOf(fit))?.calibrationId === fit.calibrationId
