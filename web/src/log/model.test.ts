import { describe, expect, it } from 'vitest'
import { besideWords } from './Beside'
import {
  oddsWords,
  packed,
  readWhere,
  roundEnd,
  shortened,
  toggled,
  unpacked,
  whereText,
  withWhere,
} from './model'

describe('conditions', () => {
  it('are read as they are written', () => {
    for (const text of [
      'DEPTH:4..8',
      'WATER:-3..8',
      'PACE:1.3..2.1',
      'SPECIES:king|mahi',
      'POSITION:Centre, far',
    ])
      expect(whereText(readWhere(text))).toBe(text)
    expect(readWhere('LURE:a..b')).toEqual({ facet: 'LURE', choices: ['a..b'] })
  })
  it('stay what they are in an address, whatever is in a name', () => {
    const all = ['POSITION:Centre, far', 'LURE:50 % ink & "gold", #2', 'DEPTH:4..8']
    const address = new URLSearchParams({ where: packed(all)! }).toString()
    expect(unpacked(new URLSearchParams(address).get('where'))).toEqual(all)
    expect(packed([])).toBeNull()
    expect(unpacked('%E0%A4%A')).toEqual([])
  })
  it('hold one of a facet, of choices as many as are wanted', () => {
    let all = toggled([], 'SPECIES', 'king')
    all = toggled(all, 'SPECIES', 'mahi')
    expect(all).toEqual(['SPECIES:king|mahi'])
    all = withWhere(all, 'DEPTH', { facet: 'DEPTH', from: 4, to: 8 })
    all = withWhere(all, 'DEPTH', { facet: 'DEPTH', from: 8, to: 15 })
    expect(all).toEqual(['SPECIES:king|mahi', 'DEPTH:8..15'])
    all = toggled(toggled(all, 'SPECIES', 'king'), 'SPECIES', 'mahi')
    expect(all).toEqual(['DEPTH:8..15'])
  })
})

describe('figures', () => {
  it('say odds only where they say something', () => {
    expect(oddsWords(0.9999)).toBe('odds 0.99')
    expect(oddsWords(0.1)).toBe('less, odds 0.90')
    expect(oddsWords(0.6)).toBe('not enough yet')
  })
  it('say which of two slices takes more only where that can be said', () => {
    expect(besideWords(0.93)).toBe('This slice takes more, odds 0.93.')
    expect(besideWords(0.02)).toBe('The other takes more, odds 0.98.')
    expect(besideWords(0.5)).toBe('Nothing says yet which takes more.')
  })
  it('end an axis on a round figure that holds them', () => {
    for (const value of [0.013, 0.4, 1, 1.2, 47, 990]) {
      expect(roundEnd(value)).toBeGreaterThanOrEqual(value)
      expect(roundEnd(value)).toBeLessThan(2.1 * value)
    }
    expect(roundEnd(0)).toBe(1)
  })

  it('keep two holders of a side apart where there is little room', () => {
    expect(shortened('Starboard rigger, outer clip', 18)).toBe('Starboa…outer clip')
    expect(shortened('Starboard rigger, inner clip', 18)).toBe('Starboa…inner clip')
    expect(shortened('Port stern', 18)).toBe('Port stern')
  })
})
