import { describe, expect, it } from 'vitest'
import {
  addLine,
  freeHolders,
  hinders,
  insertPiece,
  leastLetOut,
  nearerHolder,
  removeLine,
  removePiece,
  sameDoc,
  setBranch,
  setDeep,
  setHere,
  setHolder,
  setLetOut,
  setPiece,
  setSpeed,
  swapTackle,
  tieAs,
  type Doc,
} from './model'
import type { Gear, Holder, Line } from './queries'

const holder = (holderId: string, starboardM: number, kind: Holder['kind'] = 'FLAT'): Holder => ({
  holderId,
  name: holderId,
  kind,
  base: { asternM: 0, starboardM, heightM: 1 },
  tip: { asternM: 0, starboardM, heightM: 2 },
})

const holders = [holder('s', 6), holder('c', 0), holder('p', -6), holder('d', 2, 'DOWNRIGGER')]

const line = (lineId: string, holderId: string, letOutM = 60): Line => ({
  lineId,
  holderId,
  letOutM,
  strikeDragN: 40,
  tackle: [{ lureGearId: `lure ${lineId}`, lineGearId: 'leader', lengthM: 2 }, { lineGearId: 'main' }],
})

const doc = (...lines: Line[]): Doc => ({ name: 'x', draft: { speedThroughWaterMps: 3.5, lines } })
const gear = {
  lures: [
    { gearId: 'lead', kind: 'BALL_LEAD' },
    { gearId: 'feather', kind: 'FEATHER' },
  ],
  lines: [{ gearId: 'mono', kind: 'MONO' }],
} as unknown as Gear

describe('a spread as edited', () => {
  it('keeps let-outs between the leaders and the spool', () => {
    const before = doc(line('a', 's'))
    expect(setLetOut(before, 'a', 1).draft.lines[0]!.letOutM).toBe(2.5)
    expect(setLetOut(before, 'a', 5000).draft.lines[0]!.letOutM).toBe(400)
    expect(setSpeed(before, 99).draft.speedThroughWaterMps).toBe(11)
    expect(before.draft.lines[0]!.letOutM).toBe(60)
  })

  it('swaps holders with whoever has them', () => {
    const after = setHolder(doc(line('a', 's'), line('b', 'p')), 'a', holders[2]!, gear)
    expect(after.draft.lines.map((l) => l.holderId)).toEqual(['p', 's'])
  })

  it('swaps tackle but not holders', () => {
    const after = swapTackle(doc(line('a', 's', 60), line('b', 'p', 90)), 'a', 'b')
    expect(after.draft.lines.map((l) => [l.holderId, l.letOutM, l.tackle[0]!.lureGearId])).toEqual([
      ['s', 90, 'lure b'],
      ['p', 60, 'lure a'],
    ])
  })

  it('adds a line on a free holder, first simply, then like the one before', () => {
    const first = addLine(doc(), 'a', holders, gear)
    expect(first.draft.lines[0]!.tackle[0]!.lureGearId).toBe('feather')
    const second = addLine(setLetOut(first, 'a', 75), 'b', holders, gear)
    expect(second.draft.lines[1]).toMatchObject({ holderId: 'c', letOutM: 75 })
    const third = addLine(second, 'c', holders, gear)
    expect(addLine(third, 'e', holders, gear)).toBe(third)
    expect(freeHolders(third, holders, gear)).toEqual([])
    expect(removeLine(third, 'b').draft.lines.map((l) => l.lineId)).toEqual(['a', 'c'])
  })

  it('adds nothing without gear', () => {
    expect(addLine(doc(), 'a', holders, { lures: [], lines: [], reels: [] }).draft.lines).toEqual([])
  })

  it('lets out more where leaders outgrow the let-out, and keeps lure and main line', () => {
    const longer = setPiece(doc(line('a', 's', 10)), 'a', 0, { lengthM: 30 })
    expect(longer.draft.lines[0]!.letOutM).toBe(leastLetOut(longer.draft.lines[0]!))
    const tied = insertPiece(doc(line('a', 's')), 'a', 0)
    expect(tied.draft.lines[0]!.tackle).toHaveLength(3)
    expect(tied.draft.lines[0]!.tackle[1]).toEqual({ lineGearId: 'leader', lengthM: 2 })
    expect(removePiece(tied, 'a', 1).draft.lines[0]!.tackle).toHaveLength(2)
    expect(removePiece(tied, 'a', 0)).toEqual(tied)
    expect(removePiece(tied, 'a', 2)).toEqual(tied)
  })

  it('takes the nearest free holder, if nearer than its own', () => {
    const only = doc(line('a', 'c'))
    expect(nearerHolder(only, only.draft.lines[0]!, holders, gear, 5)?.holderId).toBe('s')
    expect(nearerHolder(only, only.draft.lines[0]!, holders, gear, 0.4)).toBeUndefined()
    const taken = doc(line('a', 'c'), line('b', 's'))
    expect(nearerHolder(taken, taken.draft.lines[0]!, holders, gear, 5)).toBeUndefined()
  })

  it('is the same in content whatever the order of its fields', () => {
    const one = doc(line('a', 's'))
    const piece = { lengthM: 2, lineGearId: 'leader', lureGearId: 'lure a' }
    const other = doc({ ...line('a', 's'), tackle: [piece, { lineGearId: 'main', lengthM: undefined }] })
    expect(sameDoc(one, other)).toBe(true)
    expect(sameDoc(one, setLetOut(other, 'a', 61))).toBe(false)
  })

  it('hands ball and cable over with the downrigger', () => {
    const deepGear = {
      lures: [...gear.lures, { gearId: 'ball', kind: 'BALL_LEAD', massKg: 4.5 }],
      lines: [...gear.lines, { gearId: 'cable', kind: 'DOWNRIGGER_CABLE' }],
    } as unknown as Gear
    expect(freeHolders(doc(), holders, gear).map((h) => h.holderId)).toEqual(['s', 'c', 'p'])
    expect(freeHolders(doc(), holders, deepGear)).toHaveLength(4)
    const down = setHolder(doc(line('a', 's'), line('b', 'p')), 'a', holders[3]!, deepGear)
    expect(down.draft.lines[0]!.deep).toMatchObject({ ballGearId: 'ball', cableGearId: 'cable' })
    const deeper = setDeep(down, 'a', { cableOutM: 500 })
    expect(deeper.draft.lines[0]!.deep!.cableOutM).toBe(180)
    const swapped = setHolder(deeper, 'b', holders[3]!, deepGear)
    expect(swapped.draft.lines.map((l) => l.deep?.cableOutM)).toEqual([undefined, 180])
    expect(swapped.draft.lines[0]!.holderId).toBe('p')
  })

  it('ties a chain by name with the lure it had, and one second lure', () => {
    const chain = {
      anyLure: true,
      tackle: [{ lureGearId: 'other', lineGearId: 'thin', lengthM: 70 }, { lineGearId: 'wire' }],
    }
    const tied = tieAs(doc(line('a', 's')), 'a', chain).draft.lines[0]!
    expect(tied.tackle.map((piece) => piece.lureGearId)).toEqual(['lure a', undefined])
    expect(tied.letOutM).toBe(70.5)
    const branch = { lureGearId: 'jig', lineGearId: 'thin', lengthM: 3 }
    const two = setBranch(doc(line('a', 's')), 'a', 1, branch)
    expect(two.draft.lines[0]!.tackle[1]!.branch).toEqual(branch)
    expect(setBranch(two, 'a', 1, undefined)).toEqual(doc(line('a', 's')))
  })

  it('leaves out what is no longer known of the water', () => {
    const known = setHere(doc(), { bottomM: 30, layerM: 9 })
    expect(setHere(known, { layerM: undefined }).draft.here).toEqual({ bottomM: 30 })
  })
})

describe('what hinders another line', () => {
  it('is said, with where it is mended', () => {
    expect(hinders(doc(), holders, gear)).toBeNull()
    expect(hinders(doc(), [], gear)).toMatchObject({ at: 'boat' })
    expect(hinders(doc(), holders, { ...gear, lures: [] })).toMatchObject({
      at: 'box',
      says: 'The box has no lure yet. Fill it first.',
    })
    expect(hinders(doc(), holders, { ...gear, lines: [] })?.says).toContain('no line')
    const twelve = Array.from({ length: 12 }, (_, i) => line(`l${i}`, 's'))
    expect(hinders(doc(...twelve), holders, gear)?.at).toBeNull()
  })
})
