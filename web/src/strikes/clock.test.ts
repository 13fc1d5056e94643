import { describe, expect, it } from 'vitest'
import { nearest } from './clock'

const about = Date.parse('2026-06-18T23:50:30Z')
const at = (typed: string) => {
  const found = nearest(about, '20:50', typed)
  return found === null ? null : new Date(found).toISOString()
}

describe('a time typed anew', () => {
  it.each([
    ['20:40', '2026-06-18T23:40:30.000Z'],
    ['9.05', '2026-06-18T12:05:30.000Z'],
    ['0010', '2026-06-19T03:10:30.000Z'],
    ['20:50', '2026-06-18T23:50:30.000Z'],
  ])('%s', (typed, moment) => expect(at(typed)).toBe(moment))

  it.each(['', '24:00', '12:60', 'noon', '1', '12:3'])('refuses %s', (typed) => expect(at(typed)).toBeNull())
})
