/** Where the parts of a chain are drawn: pure, in px. Lengths in metres, strengths in newtons. */
import type { BenchLine, Part } from './queries'
import { RANGES } from '../shared/api/generated/ranges'

/** The shortest piece that is reckoned with, and the longest leader (m). */
export const PIECE_M = RANGES.PieceDraft.lengthM

export interface Placed {
  part: Part
  /** Its place in the chain. */
  at: number
  x: number
  width: number
}

const FIXED: Partial<Record<Part['sort'], number>> = {
  SPOOL: 66,
  END_ABOVE: 30,
  END_BELOW: 30,
  JOIN: 56,
  FITTING: 40,
  WEIGHT: 70,
  ATTRACTOR: 62,
  HOOKS: 44,
  LURE: 78,
}
const LEAST_LINE = 40

export const isLine = (sort: Part['sort']): boolean =>
  sort === 'BACKING' ||
  sort === 'MAIN' ||
  sort === 'WIND_ON' ||
  sort === 'SHOCK_LEADER' ||
  sort === 'LEADER' ||
  sort === 'BITE_LEADER'

export const isJoint = (sort: Part['sort']): boolean =>
  sort === 'JOIN' || sort === 'END_ABOVE' || sort === 'END_BELOW'

/** A line's share of the room grows with the logarithm of its length: a metre and a hundred both stay readable. */
const weight = (part: Part): number => 1 + Math.log1p(part.lengthM ?? 1)

/** From left to right; second leaders of a three-way are drawn apart. */
export function placed(parts: readonly Part[], left: number, right: number): Placed[] {
  const main = parts.map((part, at) => ({ part, at })).filter(({ part }) => !part.twig)
  const fixed = main.reduce((sum, { part }) => sum + (isLine(part.sort) ? 0 : (FIXED[part.sort] ?? 40)), 0)
  const weights = main.reduce((sum, { part }) => sum + (isLine(part.sort) ? weight(part) : 0), 0)
  const lines = main.filter(({ part }) => isLine(part.sort)).length
  const room = Math.max(lines * LEAST_LINE, right - left - fixed)
  const shrink = Math.min(1, (right - left) / (fixed + room))
  let x = left
  return main.map(({ part, at }) => {
    const width = shrink * (isLine(part.sort) ? (weight(part) / weights) * room : (FIXED[part.sort] ?? 40))
    const here = { part, at, x, width }
    x += width
    return here
  })
}

export interface Label {
  at: number
  x: number
  /** Counted outwards from the chain: positive above it, negative below. */
  row: number
  title: string
  detail: string
}

const CHAR = 7.1

/** Half the room two lines of words take. */
const half = (title: string, detail: string) => (Math.max(title.length * CHAR, detail.length * 6.5) + 14) / 2

/**
 * Each label in the nearest row where no other lies; what is pushed to the edge moves inwards. Those that find no row
 * within `rows` are left to the table and the strip.
 */
export function labelled(
  parts: readonly Placed[],
  words: (part: Part) => { title: string; detail: string },
  left: number,
  right: number,
  rows: number,
): Label[] {
  const taken = new Map<number, [number, number][]>()
  const order = [...parts].sort((a, b) => rank(a.part) - rank(b.part) || a.at - b.at)
  const made: Label[] = []
  for (const { part, at, x, width } of order) {
    const { title, detail } = words(part)
    if (title === '') continue
    const reach = half(title, detail)
    const middle = Math.min(right - reach, Math.max(left + reach, x + width / 2))
    const row = choices(part, rows).find((candidate) =>
      (taken.get(candidate) ?? []).every(([from, to]) => middle + reach <= from || middle - reach >= to),
    )
    if (row === undefined) continue
    taken.set(row, [...(taken.get(row) ?? []), [middle - reach, middle + reach]])
    made.push({ at, x: middle, row, title, detail })
  }
  return made
}

/** What must be read first gets the nearest row: the weakest, then lines, then metal, then joints. */
const rank = (part: Part): number =>
  part.weakest ? 0 : isLine(part.sort) || part.sort === 'SPOOL' ? 1 : isJoint(part.sort) ? 3 : 2

/** Joints are told above the chain first, the rest below. */
function choices(part: Part, rows: number): number[] {
  const sign = isLine(part.sort) || part.sort === 'FITTING' ? -1 : 1
  return Array.from({ length: rows }, (_, i) => [sign * (i + 1), -sign * (i + 1)]).flat()
}

/** A rod of so many times the rest would crowd it into a corner: it is left off the axis. */
const FAR_ROD = 2.5

/** Upper end of a drag axis: a round figure over everything that is marked on it. */
export function axisEnd(line: BenchLine, perUnit: number): number {
  const told = Math.max(line.strikeDragN, line.pullN ?? 0, line.window?.mostN ?? 0, line.window?.firmN ?? 0)
  const rod = line.rodClassN ?? 0
  const most = rod <= FAR_ROD * told ? Math.max(told, rod) : told
  const wanted = (1.12 * most) / perUnit
  const step = 10 ** Math.floor(Math.log10(Math.max(wanted, 0.1)))
  const nice = [1, 1.5, 2, 3, 4, 5, 6, 8, 10].find((k) => k * step >= wanted) ?? 10
  return nice * step * perUnit
}

/** Even round steps of an axis, in newtons. */
export function axisTicks(endN: number, perUnit: number): number[] {
  const end = endN / perUnit
  const raw = end / 6
  const step10 = 10 ** Math.floor(Math.log10(raw))
  const step = ([1, 2, 5, 10].find((k) => k * step10 >= raw * (1 - 1e-9)) ?? 10) * step10
  const ticks = []
  for (let value = 0; value <= end + 1e-9; value += step) ticks.push(value * perUnit)
  return ticks
}

/** A length stretched by a drag of so many px: twice as long for every 120. */
export const stretched = (metres: number, px: number): number => {
  const raw = metres * 2 ** (px / 120)
  const grain = raw < 3 ? 0.05 : raw < 12 ? 0.25 : 1
  return Math.min(PIECE_M.most, Math.max(PIECE_M.least, Math.round(raw / grain) * grain))
}

/** Strengths are drawn up to a little over the strongest that is not far out of the rest. */
export function profileTop(parts: readonly Part[]): number {
  const strengths = parts.flatMap((part) => (part.strengthN === undefined ? [] : [part.strengthN]))
  const weakest = Math.min(...strengths)
  return Math.min(Math.max(...strengths), 2.6 * weakest) * 1.08
}
