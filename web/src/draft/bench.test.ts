import { describe, expect, it } from 'vitest'
import { footOf, setFoot, setItem, setPieceLine, setRig, tieIn } from './bench'
import { docOf, lineOf, sameDoc, tieAs, type Doc } from './model'
import { gear, kept } from './test/fixtures'

const doc = docOf(kept)

const ID = doc.draft.lines[0]!.lineId
const line = (d: Doc) => lineOf(d, ID)!

describe('changes of the bench', () => {
  it('keep a choice until it is emptied', () => {
    const chosen = setRig(doc, ID, { hookKind: 'SINGLE', take: 'LOOSE' })
    expect(line(chosen).rig).toEqual({ hookKind: 'SINGLE', take: 'LOOSE' })
    const emptied = setRig(chosen, ID, { hookKind: undefined, take: undefined })
    expect(line(emptied).rig).toBeUndefined()
    expect(sameDoc(emptied, doc)).toBe(true)
  })

  it('make a piece fast another way, and as usual again', () => {
    const footed = setFoot(doc, ID, 1, { above: 'CRIMP' })
    expect(footOf(footed, ID, 1)).toEqual({ above: 'CRIMP' })
    expect(sameDoc(setFoot(footed, ID, 1, undefined), doc)).toBe(true)
    expect(sameDoc(setFoot(footed, ID, 1, {}), doc)).toBe(true)
  })

  it('forget joints that another line may not take', () => {
    const footed = setFoot(setFoot(doc, ID, 0, { above: 'CRIMP' }), ID, 1, { below: 'CRIMP' })
    const other = gear.lines.find((item) => item.gearId !== line(doc).tackle[0]!.lineGearId)!
    const changed = setPieceLine(footed, ID, 0, other.gearId)
    expect(line(changed).tackle[0]!.lineGearId).toBe(other.gearId)
    expect(line(changed).tackle.every((piece) => piece.foot === undefined)).toBe(true)
  })

  it('give way to metal where a weight is hung', () => {
    const joined = setFoot(doc, ID, 1, { above: 'SEVEN_TURN_JOIN' })
    expect(footOf(setItem(joined, ID, 1, 'lead'), ID, 1)).toEqual({})
    const swivelled = setFoot(doc, ID, 1, { fitting: 'SWIVEL', fittingN: 500 })
    expect(footOf(setItem(swivelled, ID, 1, 'lead'), ID, 1).fitting).toBe('SWIVEL')
  })

  it('tie in a leader, a weight and a swivel', () => {
    const pieces = line(doc).tackle.length
    expect(line(tieIn(doc, ID, 'leader', 0, gear)).tackle).toHaveLength(pieces + 1)
    const weighted = line(tieIn(doc, ID, 'weight', 1, gear)).tackle[1]!.lureGearId
    expect(gear.lures.find((lure) => lure.gearId === weighted)?.kind).toMatch(/_LEAD$/)
    const foot = footOf(tieIn(doc, ID, 'swivel', 1, gear), ID, 1)
    expect(foot.fitting).toBe('SWIVEL')
    expect(foot.fittingN).toBeGreaterThanOrEqual(100)
    expect(tieIn(doc, 'nobody', 'swivel', 1, gear)).toBe(doc)
  })

  it('are dropped when the line is tied anew', () => {
    const chosen = setRig(doc, ID, { hookKind: 'SINGLE' })
    const again = tieAs(chosen, ID, { tackle: line(doc).tackle, anyLure: true })
    expect(line(again).rig).toBeUndefined()
  })
})
