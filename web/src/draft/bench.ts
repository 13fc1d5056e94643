/** Changes the bench makes to a spread: pure, on the document. Lengths in metres, strengths in newtons. */
import { insertPiece, lineOf, setPiece, type Doc } from './model'
import type { Foot, Gear, Line, LineRig, Piece } from './queries'

const withLine = (doc: Doc, lineId: string, change: (line: Line) => Line): Doc => ({
  ...doc,
  draft: {
    ...doc.draft,
    lines: doc.draft.lines.map((line) => (line.lineId === lineId ? change(line) : line)),
  },
})

/** What the bench chose for a line; an emptied choice goes back to the usual. */
export const setRig = (doc: Doc, lineId: string, change: Partial<LineRig>): Doc =>
  withLine(doc, lineId, ({ rig, ...line }) => {
    const next = defined({ ...rig, ...change })
    return Object.keys(next).length > 0 ? { ...line, rig: next } : line
  })

const defined = <T extends object>(value: T): T =>
  Object.fromEntries(Object.entries(value).filter(([, held]) => held !== undefined)) as T

/** How a piece is made fast below; undefined: as usual. */
export const setFoot = (doc: Doc, lineId: string, piece: number, foot: Foot | undefined): Doc =>
  withLine(doc, lineId, (line) => ({
    ...line,
    tackle: line.tackle.map((one, i) => (i === piece ? footed(one, foot) : one)),
  }))

function footed({ foot: _had, ...piece }: Piece, foot: Foot | undefined): Piece {
  const next = foot && defined(foot)
  return next && Object.keys(next).length > 0 ? { ...piece, foot: next } : piece
}

export const footOf = (doc: Doc, lineId: string, piece: number): Foot =>
  lineOf(doc, lineId)?.tackle[piece]?.foot ?? {}

/** Another line for a piece: a joint chosen for the old one may not suit it and is tied as usual again. */
export function setPieceLine(doc: Doc, lineId: string, piece: number, lineGearId: string): Doc {
  const next = setPiece(doc, lineId, piece, { lineGearId })
  return setFoot(setFoot(next, lineId, piece, undefined), lineId, piece + 1, undefined)
}

/** A weight, attractor or lure at the foot of a piece; a plain join there gives way to metal. */
export function setItem(doc: Doc, lineId: string, piece: number, lureGearId: string | undefined): Doc {
  const foot = footOf(doc, lineId, piece)
  const next = setPiece(doc, lineId, piece, { lureGearId })
  return piece > 0 && foot.above && !foot.fitting ? setFoot(next, lineId, piece, undefined) : next
}

/** A leader, a weight or a swivel tied in at a piece. */
export function tieIn(
  doc: Doc,
  lineId: string,
  what: 'leader' | 'weight' | 'swivel',
  piece: number,
  gear: Gear,
): Doc {
  const line = lineOf(doc, lineId)
  if (!line) return doc
  const last = line.tackle.length - 1
  const seam = Math.min(last, Math.max(1, piece))
  if (what === 'leader') {
    const at = Math.min(piece, last - 1)
    const next = insertPiece(doc, lineId, at)
    return at < 0 ? doc : setFoot(next, lineId, at + 2, undefined)
  }
  if (what === 'weight') {
    const lead =
      gear.lures.find((lure) => lure.kind === 'TORPEDO_LEAD') ??
      gear.lures.find((lure) => lure.kind.endsWith('_LEAD'))
    return lead && !line.tackle[seam]?.branch ? setItem(doc, lineId, seam, lead.gearId) : doc
  }
  const upper = gear.lines.find((item) => item.gearId === line.tackle[seam]?.lineGearId)
  const lower = gear.lines.find((item) => item.gearId === line.tackle[seam - 1]?.lineGearId)
  const holds = Math.max(upper?.strengthN ?? 0, lower?.strengthN ?? 0, 100)
  return setFoot(doc, lineId, seam, { fitting: 'SWIVEL', fittingN: Math.ceil(holds) })
}
