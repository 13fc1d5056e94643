import { useUnits } from '../../units/UnitsContext'
import { lineOf, type Doc } from '../../draft/model'
import type { SolvedLine } from '../../draft/queries'
import { joined, spreadOut, type Label } from '../../shared/drawing/labels'
import { buttonBox } from './WholeButtons'
import { hangersOf, lureOf, type StageScales } from './scales'

/** Half a label's height: it stands beside its lure. */
export const LABEL_RISE_PX = 9

/** Where the labels of the plan stand; names that would lie on each other share one where there is little room. */
export function usePlanLabels(lines: readonly SolvedLine[], doc: Doc, scales: StageScales) {
  const units = useUnits()
  const boxes = lines.map((line): Label => {
    const lure = lureOf(line)
    const letOutM = lineOf(doc, line.lineId)?.letOutM ?? 0
    const text = scales.narrow ? line.label : `${line.label} ${units.say('distance', letOutM)}`
    return {
      id: line.lineId,
      x: scales.x(lure?.asternM ?? line.tip.asternM + letOutM) + 18,
      y: scales.plan(lure?.starboardM ?? line.tip.starboardM) - LABEL_RISE_PX,
      width: text.length * 8.4 + 8,
      height: 17,
      names: line.label,
    }
  })
  const across = lines.map((line): Label => {
    const start = scales.x(line.tip.asternM)
    const end = scales.x(lureOf(line)?.asternM ?? line.tip.asternM)
    return {
      id: line.lineId,
      x: start,
      y: scales.plan(line.tip.starboardM) - 2,
      width: end - start,
      height: 4,
    }
  })
  const bodies = boxes.map((box) => ({ ...box, x: box.x - 30, width: 26, y: box.y + 2, height: 13 }))
  const hangers = lines.flatMap((line) =>
    hangersOf(line).map((at) => ({
      id: `${line.lineId} hanging`,
      x: scales.x(at.asternM) - 14,
      y: scales.plan(at.starboardM) - 7,
      width: 28,
      height: 14,
    })),
  )
  return spreadOut(scales.narrow ? joined(boxes) : boxes, [
    buttonBox(scales, 'plan'),
    ...bodies,
    ...hangers,
    ...across,
  ])
}
