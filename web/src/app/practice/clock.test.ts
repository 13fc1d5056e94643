import { afterEach, describe, expect, it } from 'vitest'
import { sources } from '../../shared/device'
import { practiceClock } from './clock'

const { wall } = sources
afterEach(() => {
  sources.wall = wall
})

describe('the clock of a practice day', () => {
  it('goes with the wall’s, and not far ahead of what was told', () => {
    sources.wall = () => 10_500
    expect(practiceClock('a', 1000, 10_000)()).toBe(1500)
    sources.wall = () => 20_000
    expect(practiceClock('a', 1000, 10_000)()).toBe(2200)
  })

  it('never goes back, and never stands still', () => {
    sources.wall = () => 30_900
    const before = practiceClock('b', 1000, 30_000)()
    const waits = practiceClock('b', 1000, 30_900)
    expect(waits()).toBe(before)
    sources.wall = () => 31_000
    expect(waits()).toBe(before + 2)
  })

  it('is another for another boat', () => {
    sources.wall = () => 40_000
    practiceClock('c', 9_000_000, 40_000)()
    expect(practiceClock('d', 5000, 40_000)()).toBe(5000)
  })
})
