import { describe, expect, it } from 'vitest'
import { defaultUnits, unitsOf } from '../../units/UnitsContext'
import type { Finding } from '../../draft/queries'
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

  it('deep lines, in their own words', () => {
    const touching = say({
      kind: 'TOUCHES_BOTTOM',
      lineIds: ['d1'],
      depthM: 1.4,
      mend: { change: 'CABLE_OUT', lineId: 'd1', value: 19.5 },
    })
    expect(touching.title).toBe('D1 is on the bottom')
    expect(touching.action).toBe("Bring D1's cable to 19.5 m")
    const clip = say({ kind: 'CLIP_LETS_GO', lineIds: ['d1'], pullN: 24, dragN: 25, limitN: 36 })
    expect(clip.text).toContain('The line pulls 2.4 kg at the clip, which holds 2.5 kg. It wants 3.7 kg')
    const bait = (depthM: number) => say({ kind: 'BAIT_LAYER', lineIds: ['d1'], depthM }).title
    expect(bait(0)).toBe('D1 swims in the bait')
    expect(bait(-1.7)).toBe('D1 swims 1.7 m over the bait')
    expect(bait(2)).toBe('D1 swims 2.0 m under the bait')
    expect(say({ kind: 'OFF_BOTTOM', lineIds: ['d1'], depthM: 3 }).title).toBe('3.0 m off the bottom')
  })

  it('speeds that suit, and ways to go slower than idle', () => {
    const knot = 1852 / 3600
    const speeds = (kind: Finding['kind'], least: number, most: number, change = {}) =>
      say({ kind, leastMps: least * knot, mostMps: most * knot, ...change })
    const up = speeds('OUT_OF_WINDOW', 6, 9, { mend: { change: 'SPEED', value: 6 * knot } })
    expect(up.text).toBe('Every lure out works from 6.0 kn to 9.0 kn.')
    expect(up.action).toBe('Speed up to 6.0 kn')
    const down = speeds('OUT_OF_WINDOW', 6, 9, { mend: { change: 'SPEED', value: 9 * knot } })
    expect(down.action).toBe('Slow to 9.0 kn')
    expect(speeds('OUT_OF_WINDOW', 10, 3).text).toContain('No speed suits every lure out')
    const names = ['a', 'b', 'c', 'd', 'e']
    expect(speeds('SPEED_WINDOW', 6, 9, { lineIds: names }).text).toContain('A, B, C and 2 more narrow it')
    expect(speeds('SWIMS_UP', 1.2, 2, { lineIds: ['d1'] }).text).toContain('At 2.0 kn it stays behind')
    expect(speeds('STREAM_STOPS', 0.2, 2.4, { lineIds: [] }).text).toContain(
      '0.2 kn against 2.4 kn of stream',
    )
    const slower = { toMps: 2 * knot, drogueAreaM2: 0.42, oneEngineMps: 2.8 * knot, shareInGear: 0.25 }
    const idle: Finding = {
      kind: 'IDLE_TOO_FAST',
      warns: true,
      lineIds: ['d1'],
      leastMps: 2.5 * knot,
      mostMps: 4 * knot,
    }
    expect(sentence(idle, defaultUnits, label, () => undefined, slower).text).toBe(
      'Idle is 4.0 kn; D1 works to 2.5 kn. A drogue of 0.42 m² of drag area slows her to 2.0 kn; keep its line clear of the propellers. One engine alone makes 2.8 kn. Or in gear 25 % of the time.',
    )
  })

  it('a wake over a shoal', () => {
    expect(say({ kind: 'WAKE_SHALLOW', lineIds: [], depthM: 4.6, asternM: 3 }).text).toContain(
      'deeper than 4.6 m. Here it is 3.0 m',
    )
  })

  it('joins names', () => {
    expect(list([])).toBe('')
    expect(list(['S1'])).toBe('S1')
    expect(list(['S1', 'P1', 'C1'])).toBe('S1, P1 and C1')
  })
})
