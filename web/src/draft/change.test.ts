import { describe, expect, it } from 'vitest'
import { changed, type Aboard } from './change'
import { docOf, lineOf, sameDoc, type Doc } from './model'
import type { Change, Holder } from './queries'
import { gear, kept } from './test/fixtures'

const doc = docOf(kept)
const lineId = doc.draft.lines[0]!.lineId
const line = (d: Doc) => lineOf(d, lineId)!
const centre = { holderId: 'centre', kind: 'CENTRE', name: 'Centre' } as unknown as Holder
const aboard: Aboard = { holders: [centre], gear }
const done = (...changes: Change[]) => changed(doc, changes, aboard)

describe('what is offered', () => {
  it('is done together', () => {
    const after = done(
      { what: 'SPEED', value: 3 },
      { what: 'LET_OUT', lineId, value: 44.444 },
      { what: 'STRIKE_DRAG', lineId, value: 33.3 },
      { what: 'TAKE', lineId, take: 'FIRM' },
      { what: 'LENGTH', lineId, piece: 0, value: 3.456 },
      { what: 'JOINT_ABOVE', lineId, piece: 0, joint: 'CRIMP' },
      { what: 'JOINT_BELOW', lineId, piece: 1, joint: 'CRIMP' },
      { what: 'FITTING', lineId, piece: 1, value: 700 },
      { what: 'REEL', lineId, gearId: 'reel' },
      { what: 'HOOKS', lineId, hooks: 'SINGLE' },
    )
    expect(after.draft.speedThroughWaterMps).toBe(3)
    expect(line(after)).toMatchObject({
      letOutM: 44.44,
      strikeDragN: 33.3,
      rig: { take: 'FIRM', reelGearId: 'reel', hookKind: 'SINGLE', hookCount: 1 },
    })
    expect(line(after).tackle[0]).toMatchObject({ lengthM: 3.46, foot: { above: 'CRIMP' } })
    expect(line(after).tackle[1]!.foot).toEqual({ below: 'CRIMP', fitting: 'SWIVEL', fittingN: 700 })
  })

  it('moves a line to another holder, or takes it in', () => {
    expect(line(done({ what: 'HOLDER', lineId, holderId: 'centre' })).holderId).toBe('centre')
    const without = done({ what: 'TAKE_IN', lineId })
    expect(without.draft.lines).toHaveLength(doc.draft.lines.length - 1)
    expect(lineOf(without, lineId)).toBeUndefined()
  })

  it('changes nothing where something is missing, and never takes a line in for it', () => {
    const odd: Change[] = [
      { what: 'LET_OUT', lineId },
      { what: 'HOLDER', lineId, holderId: 'gone' },
      { what: 'HOLDER', lineId },
      { what: 'TAKE_IN' },
      { what: 'STRIKE_DRAG', lineId: 'nobody', value: 5 },
    ]
    for (const change of odd) expect(sameDoc(done(change), doc)).toBe(true)
  })
})
