import { useUnits, type Units } from '../../units/UnitsContext'
import type { PathPoint, SolvedLine } from '../../draft/queries'
import { percent } from '../why/sentences'
import { spreadOut, type Label } from '../../shared/drawing/labels'
import { buttonBox } from './WholeButtons'
import { inBoatFrame, lureOf, type StageScales } from './scales'

/** A stroke is kept off in pieces of this length (px). */
const PIECE_PX = 14

interface Group {
  key: string
  names: string
  words: string
  asternM: number
  heightM: number
}

/** Lures that swim together share a label. */
export function grouped(
  lines: readonly SolvedLine[],
): (Omit<Group, 'words'> & { line: SolvedLine; words: string })[] {
  const groups: { lines: SolvedLine[] }[] = []
  for (const line of lines) {
    const here = lureOf(line)
    const near = groups.find((group) => {
      const there = lureOf(group.lines[0]!)
      return (
        there &&
        here &&
        Math.abs(there.asternM - here.asternM) < 2 &&
        Math.abs(there.heightM - here.heightM) < 0.3
      )
    })
    if (near) near.lines.push(line)
    else groups.push({ lines: [line] })
  }
  const seconds = lines.flatMap((line) => {
    const second = line.branch?.path[0]
    return second ? [{ ...secondLabel(line), ...placeOf(line, second) }] : []
  })
  const firsts = groups.map(({ lines: members }) => {
    const first = members[0]!
    const lure = lureOf(first)!
    return {
      key: first.lineId,
      line: first,
      names: members.map((line) => line.label).join(' '),
      words: '',
      asternM: lure.asternM,
      heightM: lure.heightM,
    }
  })
  return [...firsts, ...seconds]
}

const secondLabel = (line: SolvedLine) => ({
  key: `${line.lineId} second`,
  line,
  names: `${line.label} second`,
  words: '',
})

const placeOf = (line: SolvedLine, point: PathPoint) => {
  const { asternM, heightM } = inBoatFrame(line, point)
  return { asternM, heightM }
}

/** Where the labels of the side view stand; their words are set. */
export function useSideLabels(
  groups: (Group & { line: SolvedLine })[],
  scales: StageScales,
  /** Of the water, which stand where they stand. */
  words: readonly Label[],
) {
  const units = useUnits()
  for (const group of groups)
    group.words = group.key.endsWith('second')
      ? units.say('distance', -group.heightM)
      : depthWords(group.line, units)
  const boxes = groups.map((group): Label => ({
    id: group.key,
    x: scales.x(group.asternM) + 18,
    y: scales.side(group.heightM) + 4,
    width: (group.names.length + (scales.narrow ? 0 : group.words.length + 1)) * 8.4 + 8,
    height: 17,
  }))
  const bodies = boxes.map((box) => ({ ...box, x: box.x - 34, y: box.y - 13, width: 32, height: 18 }))
  return spreadOut(boxes, [
    buttonBox(scales, 'side'),
    ...words,
    ...bodies,
    ...groups.flatMap((group) => strokesOf(group.line, scales)),
  ])
}

/** A line as it is drawn, in short pieces that labels keep off. */
function strokesOf(line: SolvedLine, scales: StageScales): Label[] {
  const points = line.tow.path.map((point) => {
    const { asternM, heightM } = inBoatFrame(line, point)
    return { x: scales.x(asternM), y: scales.side(heightM) }
  })
  return points.slice(1).flatMap((to, at) => {
    const from = points[at]!
    const pieces = Math.max(1, Math.ceil(Math.hypot(to.x - from.x, to.y - from.y) / PIECE_PX))
    return Array.from({ length: pieces }, (_, i) => {
      const share = (i + 0.5) / pieces
      const x = from.x + (to.x - from.x) * share
      const y = from.y + (to.y - from.y) * share
      return { id: line.lineId, x: x - 3, y: y - 3, width: 6, height: 6 }
    })
  })
}

function depthWords(line: SolvedLine, units: Units): string {
  const share = line.tow.skippingShare ?? 0
  if (share > 0.005) return `airborne ${percent(share)}`
  if (line.tow.surfacing === 'FLOATS') return 'floats'
  return units.say('distance', line.tow.depthM ?? 0)
}
