import { describe, expect, it } from 'vitest'
import type { Fact } from '../strikes/fold/model'
import { clocksOf, countdown } from './clocks'
import type { Routine } from './queries'

const T0 = Date.parse('2026-06-18T08:00:00Z')
const MIN = 60_000
const routine = (name: string, everyMin: number, more: Partial<Routine> = {}): Routine => ({
  name,
  everyS: 60 * everyMin,
  says: { text: name, figures: [] },
  putBack: [],
  urgency: 1,
  ...more,
})
let made = 0
const fact = (kind: string, min: number, payload: Fact['payload'] = {}): Fact => ({
  factId: `f${made++}`,
  kind,
  happenedAt: new Date(T0 + min * MIN).toISOString(),
  payload,
})
const weed = routine('WEED', 20, { putBack: ['CHECKED'], urgency: 3 })
const drags = routine('DRAGS', 60)
const bait = routine('BAIT one', 30, { putBack: ['RENEWED'], lineId: 'one', urgency: 4 })
const out = new Map([
  ['one', T0 + 5 * MIN],
  ['two', T0],
])
const left = (facts: Fact[], min: number, lines = out) =>
  Object.fromEntries(
    clocksOf([weed, drags, bait], facts, T0 + min * MIN, lines).map(({ routine: { name }, leftS }) => [
      name,
      leftS / 60,
    ]),
  )

describe('clocks of the routine', () => {
  it('run from when lines went out, each line for itself', () => {
    expect(left([], 10)).toEqual({ WEED: 10, DRAGS: 50, 'BAIT one': 25 })
  })

  it('do not run while no line is out', () => {
    expect(left([], 10, new Map())).toEqual({})
    expect(Object.keys(left([], 10, new Map([['two', T0]])))).not.toContain('BAIT one')
  })

  it('are put back by what was reported, of that line only, and never by what is still to come', () => {
    const facts = [
      fact('CHECKED', 8),
      fact('TENDED', 9, { routine: 'DRAGS' }),
      fact('RENEWED', 9, { lineId: 'two' }),
      fact('CHECKED', 30),
    ]
    expect(left(facts, 10)).toEqual({ WEED: 18, DRAGS: 59, 'BAIT one': 25 })
  })

  it('put what asks before what waits, the more urgent first', () => {
    const names = clocksOf([weed, drags, bait], [], T0 + 40 * MIN, out).map((clock) => clock.routine.name)
    expect(names).toEqual(['BAIT one', 'WEED', 'DRAGS'])
  })

  it.each([
    [65, '1:05'],
    [-5, '0:05'],
    [3700, '1 h 1 min'],
  ])('%d s are said as %s', (seconds, words) => expect(countdown(seconds)).toBe(words))
})
