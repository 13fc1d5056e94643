import type { SolvedLine } from '../draft/queries'

/** Where a line's pad stands: rows as she lies, starboard, middle, port; columns from the transom outwards. */
export interface Pad {
  lineId: string
  label: string
  row: 0 | 1 | 2
  column: number
  /** `KeyboardEvent.code`; none where a side has more lines than a row has keys. */
  code?: string
}

/** Rows of the left hand, which lie as the lines lie behind the boat. */
const ROWS = [
  ['KeyQ', 'KeyW', 'KeyE', 'KeyR', 'KeyT'],
  ['KeyA', 'KeyS', 'KeyD', 'KeyF', 'KeyG'],
  ['KeyZ', 'KeyX', 'KeyC', 'KeyV', 'KeyB'],
] as const

/** Deep lines stand in the middle row: they hang under the others. */
const rowOf = (label: string): Pad['row'] => (label.startsWith('S') ? 0 : label.startsWith('P') ? 2 : 1)

/** Far lures right, near ones left, level ones under each other; no two pads share a place. */
export function padsOf(lines: readonly Pick<SolvedLine, 'lineId' | 'label' | 'tow' | 'tip'>[]): Pad[] {
  const far = (line: (typeof lines)[number]) => line.tow.path[0]?.asternM ?? 0
  const sorted = [...lines].sort((a, b) => far(a) - far(b) || a.label.localeCompare(b.label))
  const pads: Pad[] = []
  const next = [0, 0, 0]
  let column = -1
  let lastM = -Infinity
  for (const line of sorted) {
    const row = rowOf(line.label)
    // A level pair shares a column; what lies farther opens the next.
    if (far(line) > lastM + LEVEL_M || next[row]! > column) column = Math.max(column + 1, next[row]!)
    lastM = far(line)
    const code = ROWS[row][column]
    pads.push({ lineId: line.lineId, label: line.label, row, column, ...(code && { code }) })
    next[row] = column + 1
  }
  return pads
}

/** Lures this near to each other in distance swim level (m). */
const LEVEL_M = 2
