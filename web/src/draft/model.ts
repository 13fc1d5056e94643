/** A spread as it is edited: pure changes of a document, no drawing and no physics. Lengths in metres. */
import type { Branch, Deep, Draft, Gear, Here, Holder, Kept, Line, Lure, Piece } from './queries'
import { RANGES } from '../shared/api/generated/ranges'

export interface Doc {
  name: string
  draft: Draft
}

export const MOST_LINES = 12
export const LONGEST_LET_OUT_M = RANGES.LineDraft.letOutM.most
/** Main line always left above the leaders, as core asks. */
export const LEAST_MAIN_LINE_M = 0.5
const SPEED_MPS = RANGES.SpreadDraft.speedThroughWaterMps
const DRAG_N = RANGES.LineDraft.strikeDragN

const docs = new WeakMap<Kept, Doc>()

/** The same document each time, so that what was not touched is known to be equal without being read. */
export function docOf(kept: Kept): Doc {
  const before = docs.get(kept)
  if (before) return before
  const doc = { name: kept.name, draft: kept.draft }
  docs.set(kept, doc)
  return doc
}

/** Equal in content, whatever the order of the fields and however absence is written. */
export const sameDoc = (a: Doc, b: Doc): boolean => a === b || canonical(a) === canonical(b)

const texts = new WeakMap<Doc, string>()

/** A document is never changed, so that its text is made once. */
function canonical(doc: Doc): string {
  const text = texts.get(doc) ?? textOf(doc)
  texts.set(doc, text)
  return text
}

const textOf = (doc: Doc): string =>
  JSON.stringify(doc, (_key, value: unknown) =>
    value !== null && typeof value === 'object' && !Array.isArray(value)
      ? Object.fromEntries(
          Object.entries(value)
            .filter(([, held]) => held != null)
            .sort(([one], [other]) => (one < other ? -1 : 1)),
        )
      : value,
  )

/** Shortest let-out that leaves some main line. */
export const leastLetOut = (line: Line): number =>
  Math.max(1, line.tackle.reduce((sum, piece) => sum + (piece.lengthM ?? 0), 0) + LEAST_MAIN_LINE_M)

const clamp = (value: number, least: number, most: number) => Math.min(most, Math.max(least, value))

/** The item at the end of a line, aboard or not. */
export const tiedOn = (line: Line | undefined): string | undefined => line?.tackle[0]?.lureGearId

/** The lure at the end of a line, where it is aboard. */
export function lureAtEnd(gear: Gear, line: Line | undefined): Lure | undefined {
  const tied = tiedOn(line)
  return gear.lures.find(({ gearId }) => gearId === tied)
}

export const lineOf = (doc: Doc, lineId: string | null): Line | undefined =>
  doc.draft.lines.find((line) => line.lineId === lineId)

function withLines(doc: Doc, lines: Line[]): Doc {
  return { ...doc, draft: { ...doc.draft, lines } }
}

const withLine = (doc: Doc, lineId: string, change: (line: Line) => Line): Doc =>
  withLines(
    doc,
    doc.draft.lines.map((line) => (line.lineId === lineId ? change(line) : line)),
  )

export const setName = (doc: Doc, name: string): Doc => ({ ...doc, name })

export const setSpeed = (doc: Doc, mps: number): Doc => ({
  ...doc,
  draft: { ...doc.draft, speedThroughWaterMps: clamp(mps, SPEED_MPS.least, SPEED_MPS.most) },
})

export const setLetOut = (doc: Doc, lineId: string, metres: number): Doc =>
  withLine(doc, lineId, (line) => ({
    ...line,
    letOutM: clamp(metres, leastLetOut(line), LONGEST_LET_OUT_M),
  }))

/** A locked line stays as it is when the rest is called anew. */
export const setLocked = (doc: Doc, lineId: string, locked: boolean): Doc =>
  withLine(doc, lineId, ({ locked: _was, ...line }) => (locked ? { ...line, locked } : line))

export const setDrag = (doc: Doc, lineId: string, newtons: number): Doc =>
  withLine(doc, lineId, (line) => ({ ...line, strikeDragN: clamp(newtons, DRAG_N.least, DRAG_N.most) }))

/**
 * Takes the holder; whoever had it gets this line's. What takes a line down belongs to the downrigger: it changes hands
 * with it, or is made up of what is aboard.
 */
export function setHolder(doc: Doc, lineId: string, holder: Holder, gear: Gear): Doc {
  const moving = lineOf(doc, lineId)
  if (!moving || moving.holderId === holder.holderId) return doc
  const other = doc.draft.lines.find((line) => line.holderId === holder.holderId)
  const deep = holder.kind === 'DOWNRIGGER' ? (other?.deep ?? usualDeep(gear)) : undefined
  return withLines(
    doc,
    doc.draft.lines.map((line) => {
      if (line === moving) return rigged({ ...line, holderId: holder.holderId }, deep)
      return line === other ? rigged({ ...line, holderId: moving.holderId }, moving.deep) : line
    }),
  )
}

const rigged = (line: Line, deep: Deep | undefined): Line => {
  const { deep: _had, ...rest } = line
  return deep ? { ...rest, deep } : rest
}

const isBall = (kind: string, massKg: number) => kind === 'BALL_LEAD' && massKg >= 1

/** Ten metres of cable with the heaviest ball. Undefined where ball or cable is missing. */
export function usualDeep(gear: Gear): Deep | undefined {
  const ball = gear.lures
    .filter((item) => isBall(item.kind, item.massKg))
    .sort((a, b) => b.massKg - a.massKg)[0]
  const cable = gear.lines.find((item) => item.kind === 'DOWNRIGGER_CABLE')
  if (!ball || !cable) return undefined
  return { cableOutM: 10, clipAboveM: 1, ballGearId: ball.gearId, cableGearId: cable.gearId, seat: 'FULL' }
}

export const LONGEST_CABLE_M = RANGES.DeepDraft.cableOutM.most

export const setDeep = (doc: Doc, lineId: string, change: Partial<Deep>): Doc =>
  withLine(doc, lineId, (line) => {
    if (!line.deep) return line
    const deep = { ...line.deep, ...change }
    const least = Math.max(2, deep.clipAboveM + 0.5)
    return { ...line, deep: { ...deep, cableOutM: clamp(deep.cableOutM, least, LONGEST_CABLE_M) } }
  })

/** What is known of the water; an emptied field is left out. */
export const setHere = (doc: Doc, change: Partial<Here>): Doc => {
  const here = Object.fromEntries(
    Object.entries({ ...doc.draft.here, ...change }).filter(([, value]) => value !== undefined),
  ) as Here
  return { ...doc, draft: { ...doc.draft, here } }
}

export const setEngines = (doc: Doc, enginesRunning: number): Doc => ({
  ...doc,
  draft: { ...doc.draft, enginesRunning },
})

/** What two lines carry changes places: tackle, let-out and drag; holders stay. */
export function swapTackle(doc: Doc, a: string, b: string): Doc {
  const first = lineOf(doc, a)
  const second = lineOf(doc, b)
  if (!first || !second) return doc
  const take = ({ rig: _had, ...line }: Line, from: Line): Line => ({
    ...line,
    tackle: from.tackle,
    letOutM: from.letOutM,
    strikeDragN: from.strikeDragN,
    ...(from.rig && { rig: from.rig }),
  })
  return withLines(
    doc,
    doc.draft.lines.map((line) =>
      line === first ? take(line, second) : line === second ? take(line, first) : line,
    ),
  )
}

export const removeLine = (doc: Doc, lineId: string): Doc =>
  withLines(
    doc,
    doc.draft.lines.filter((line) => line.lineId !== lineId),
  )

/** A downrigger is of use with a ball and a cable aboard. */
export const usableHolders = (holders: readonly Holder[], gear: Gear): Holder[] =>
  holders.filter((holder) => holder.kind !== 'DOWNRIGGER' || usualDeep(gear))

export function freeHolders(doc: Doc, holders: readonly Holder[], gear: Gear): Holder[] {
  const taken = new Set(doc.draft.lines.map((line) => line.holderId))
  return usableHolders(holders, gear).filter((holder) => !taken.has(holder.holderId))
}

/** Why no line can be added, and where that is mended; null where one can be. */
export function hinders(
  doc: Doc,
  holders: readonly Holder[],
  gear: Gear,
): { says: string; at: 'box' | 'boat' | null } | null {
  if (doc.draft.lines.length >= MOST_LINES)
    return { says: `${MOST_LINES} lines are out: no more are kept.`, at: null }
  if (!plainTackle(gear)) {
    const lacks = gear.lures.some((item) => !isLead(item.kind)) ? 'no line' : 'no lure'
    return { says: `The box has ${lacks} yet. Fill it first.`, at: 'box' }
  }
  return freeHolders(doc, holders, gear).length === 0
    ? { says: 'Every holder has a line. Draw another on the boat.', at: 'boat' }
    : null
}

/** A new line on the first free holder, tied like the one before it, or simply where it is the first. */
export function addLine(doc: Doc, lineId: string, holders: readonly Holder[], gear: Gear): Doc {
  const holder = freeHolders(doc, holders, gear)[0]
  const before = doc.draft.lines.at(-1)
  const deep = holder?.kind === 'DOWNRIGGER' ? usualDeep(gear) : undefined
  const copied = deep && before?.tackle.some((piece) => piece.branch) ? undefined : before?.tackle
  const tackle = copied ?? plainTackle(gear)
  if (!holder || !tackle || doc.draft.lines.length >= MOST_LINES) return doc
  const line: Line = {
    lineId,
    holderId: holder.holderId,
    letOutM: before?.letOutM ?? 30,
    strikeDragN: before?.strikeDragN ?? 39.2266,
    tackle,
    ...(deep && { deep }),
  }
  return withLines(doc, [...doc.draft.lines, line])
}

/** The first lure on two metres of the strongest clear line, and the thinnest main line. Null without gear. */
function plainTackle(gear: Gear): Piece[] | null {
  const lure = gear.lures.find((item) => !isLead(item.kind))
  const main = gear.lines.find((item) => item.kind === 'MONO' || item.kind === 'BRAID') ?? gear.lines[0]
  const leader = gear.lines.filter((item) => item.kind === 'FLUOROCARBON').at(-1) ?? main
  if (!lure || !main || !leader) return null
  return [{ lureGearId: lure.gearId, lineGearId: leader.gearId, lengthM: 2 }, { lineGearId: main.gearId }]
}

export const isLead = (kind: string): boolean => kind.endsWith('_LEAD')

export const setPiece = (doc: Doc, lineId: string, index: number, change: Partial<Piece>): Doc =>
  fitted(
    withLine(doc, lineId, (line) => ({
      ...line,
      tackle: line.tackle.map((piece, i) => (i === index ? { ...piece, ...change } : piece)),
    })),
    lineId,
  )

/** A further leader above piece `index`, of the same line, with nothing tied in yet. */
export const insertPiece = (doc: Doc, lineId: string, index: number): Doc =>
  fitted(
    withLine(doc, lineId, (line) => {
      const like = line.tackle[index]
      if (!like) return line
      const made: Piece = { lineGearId: like.lineGearId, lengthM: 2 }
      return { ...line, tackle: [...line.tackle.slice(0, index + 1), made, ...line.tackle.slice(index + 1)] }
    }),
    lineId,
  )

/** The lure's piece and the main line stay. */
export const removePiece = (doc: Doc, lineId: string, index: number): Doc =>
  withLine(doc, lineId, (line) =>
    index === 0 || index === line.tackle.length - 1
      ? line
      : { ...line, tackle: line.tackle.filter((_, i) => i !== index) },
  )

/** Ties the whole line anew. Any lure of the chain becomes the lure it had. */
export const tieAs = (doc: Doc, lineId: string, chain: { tackle: Piece[]; anyLure: boolean }): Doc =>
  fitted(
    // What the bench chose belonged to the old chain.
    withLine(doc, lineId, ({ rig: _had, ...line }) => ({
      ...line,
      tackle: chain.tackle.map((piece, i) =>
        i === 0 && chain.anyLure ? { ...piece, lureGearId: line.tackle[0]?.lureGearId } : piece,
      ),
    })),
    lineId,
  )

/** A second lure tied in where piece `index` begins; one for each line. */
export const setBranch = (doc: Doc, lineId: string, index: number, branch: Branch | undefined): Doc =>
  withLine(doc, lineId, (line) => ({
    ...line,
    tackle: line.tackle.map((piece, i) => {
      const { branch: _had, ...rest } = piece
      return i === index && branch ? { ...rest, branch } : rest
    }),
  }))

/** Lets out more where leaders have outgrown the let-out. */
const fitted = (doc: Doc, lineId: string): Doc =>
  withLine(doc, lineId, (line) => ({ ...line, letOutM: Math.max(line.letOutM, leastLetOut(line)) }))

/** The free holder whose tip lies nearest to so far starboard, if nearer than the line's own. */
export function nearerHolder(
  doc: Doc,
  line: Line,
  holders: readonly Holder[],
  gear: Gear,
  starboardM: number,
): Holder | undefined {
  const away = (holder: Holder) => Math.abs(holder.tip.starboardM - starboardM)
  const own = holders.find((holder) => holder.holderId === line.holderId)
  const best = freeHolders(doc, holders, gear).sort((a, b) => away(a) - away(b))[0]
  return best && (!own || away(best) < away(own) - 0.05) ? best : undefined
}
