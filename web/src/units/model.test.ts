import { describe, expect, it } from 'vitest'
import vectors from '../../../core/src/test/resources/units/vectors.json'
import { fromSi, parse, print, toSi, UNITS, unitOf, type Quantity } from './model'

describe('quantities', () => {
  it.each(vectors.parse)('reads $text as core does', ({ quantity, text, inUse, si }) => {
    const q = quantity as Quantity
    expect(parse(q, text, unitOf(q, inUse))).toBeCloseTo(si, 9)
  })

  it.each(vectors.refuse)('refuses "$text" as $quantity', ({ quantity, text }) => {
    const q = quantity as Quantity
    expect(parse(q, text, UNITS[q][0]!)).toBeNull()
  })

  it.each(vectors.print)('prints $text as core does', ({ quantity, si, unit, text }) => {
    const q = quantity as Quantity
    expect(print(q, si, unitOf(q, unit))).toBe(text)
  })

  it('goes there and back in every unit', () => {
    for (const units of Object.values(UNITS)) {
      for (const u of units) expect(fromSi(toSi(12.5, u), u)).toBeCloseTo(12.5, 9)
    }
  })
})
