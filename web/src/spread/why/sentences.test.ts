import { describe, expect, it } from 'vitest'
import { defaultUnits, unitsOf } from '../../units/UnitsContext'
import type { Finding } from '../queries'
import { list, sentence } from './sentences'

const label = (id: string) => id.toUpperCase()
const say = (finding: Partial<Finding> & Pick<Finding, 'kind'>, units = defaultUnits) =>
  sentence({ warns: true, lineIds: ['s2', 'p2'], ...finding }, units, label)

describe('what is said', () => {
  it('skips, with the speed that keeps them under', () => {
    const said = say({ kind: 'SKIPS', share: 0.23, mend: { change: 'SPEED', value: 3.4 } })
    expect(said.title).toBe('S2 and P2 leave the water')
    expect(said.text).toBe('Out of the water 23 % of the time. At 6.6 kn they stay under.')
    expect(said.action).toBe('Slow to 6.6 kn')
  })

  it('speaks of one line in the singular', () => {
    expect(say({ kind: 'SKIPS', lineIds: ['s2'], share: 0.5 }).title).toBe('S2 leaves the water')
  })

  it('pull against drag, in the units of the reader', () => {
    const pounds = unitsOf({ ...defaultUnits.choice, pull: 'POUND_FORCE' })
    const said = say({ kind: 'DRAG_SLIPS', lineIds: ['c1'], pullN: 100, dragN: 110, limitN: 120 }, pounds)
    expect(said.text).toContain('22 lb')
    expect(said.text).toContain('27 lb')
  })

  it('what speed does, up, down or not at all', () => {
    const effect = (depthM: number) => say({ kind: 'SPEED_EFFECT', lineIds: ['d1'], depthM, pullN: 4 }).text
    expect(effect(-0.3)).toContain('D1 rises 0.3 m')
    expect(effect(0.3)).toContain('D1 sinks 0.3 m')
    expect(effect(0.01)).toContain('D1 stays where it is')
  })

  it('level, down or at the surface', () => {
    expect(say({ kind: 'LEVEL', depthM: 0, asternM: 38 }).text).toBe(
      'Both at the surface, 38 m behind the transom.',
    )
  })

  it('joins names', () => {
    expect(list([])).toBe('')
    expect(list(['S1'])).toBe('S1')
    expect(list(['S1', 'P1', 'C1'])).toBe('S1, P1 and C1')
  })
})
