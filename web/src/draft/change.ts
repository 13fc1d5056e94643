/** What the tool offers, done to the document: one way for findings, turns and the bench. */
import { footOf, setFoot, setItem, setPieceLine, setRig } from './bench'
import { removeLine, setDeep, setDrag, setHolder, setLetOut, setPiece, setSpeed, type Doc } from './model'
import type { Change, Gear, Holder } from './queries'

export interface Aboard {
  holders: readonly Holder[]
  gear: Gear
}

/** Several changes belong together. One that lacks what it needs changes nothing. */
export const changed = (doc: Doc, changes: readonly Change[], aboard: Aboard): Doc =>
  changes.reduce((before, change) => once(before, change, aboard), doc)

type Doing = (doc: Doc, change: Required<Change>, aboard: Aboard) => Doc

const cm = (metres: number) => Math.round(metres * 100) / 100

const joined =
  (side: 'above' | 'below'): Doing =>
  (doc, { lineId, piece, joint }) =>
    setFoot(doc, lineId, piece, { ...footOf(doc, lineId, piece), [side]: joint })

const DOING: Record<Change['what'], { needs: readonly (keyof Change)[]; does: Doing }> = {
  SPEED: { needs: ['value'], does: (doc, { value }) => setSpeed(doc, value) },
  LET_OUT: {
    needs: ['lineId', 'value'],
    does: (doc, { lineId, value }) => setLetOut(doc, lineId, cm(value)),
  },
  STRIKE_DRAG: { needs: ['lineId', 'value'], does: (doc, { lineId, value }) => setDrag(doc, lineId, value) },
  CABLE_OUT: {
    needs: ['lineId', 'value'],
    does: (doc, { lineId, value }) => setDeep(doc, lineId, { cableOutM: cm(value) }),
  },
  HOLDER: {
    needs: ['lineId', 'holderId'],
    does: (doc, { lineId, holderId }, { holders, gear }) => {
      const holder = holders.find((one) => one.holderId === holderId)
      return holder ? setHolder(doc, lineId, holder, gear) : doc
    },
  },
  TAKE_IN: { needs: ['lineId'], does: (doc, { lineId }) => removeLine(doc, lineId) },
  TAKE: { needs: ['lineId', 'take'], does: (doc, { lineId, take }) => setRig(doc, lineId, { take }) },
  REEL: {
    needs: ['lineId', 'gearId'],
    does: (doc, { lineId, gearId }) => setRig(doc, lineId, { reelGearId: gearId }),
  },
  HOOKS: {
    needs: ['lineId', 'hooks'],
    does: (doc, { lineId, hooks }) =>
      setRig(doc, lineId, {
        hookKind: hooks,
        hookCount: hooks === 'SINGLE' ? 1 : 2,
        hookStrengthN: undefined,
      }),
  },
  SCENT: { needs: ['lineId', 'text'], does: (doc, { lineId, text }) => setRig(doc, lineId, { scent: text }) },
  LINE: {
    needs: ['lineId', 'piece', 'gearId'],
    does: (doc, { lineId, piece, gearId }) => setPieceLine(doc, lineId, piece, gearId),
  },
  LENGTH: {
    needs: ['lineId', 'piece', 'value'],
    does: (doc, { lineId, piece, value }) => setPiece(doc, lineId, piece, { lengthM: cm(value) }),
  },
  ITEM: {
    needs: ['lineId', 'piece', 'gearId'],
    does: (doc, { lineId, piece, gearId }) => setItem(doc, lineId, piece, gearId),
  },
  JOINT_ABOVE: { needs: ['lineId', 'piece', 'joint'], does: joined('above') },
  JOINT_BELOW: { needs: ['lineId', 'piece', 'joint'], does: joined('below') },
  FITTING: {
    needs: ['lineId', 'piece', 'value'],
    does: (doc, { lineId, piece, value }) => {
      const foot = footOf(doc, lineId, piece)
      return setFoot(doc, lineId, piece, { ...foot, fitting: foot.fitting ?? 'SWIVEL', fittingN: value })
    },
  },
}

function once(doc: Doc, change: Change, aboard: Aboard): Doc {
  const { needs, does } = DOING[change.what]
  return needs.every((member) => change[member] !== undefined)
    ? does(doc, change as Required<Change>, aboard)
    : doc
}
