import { describe, expect, it } from 'vitest'
import { readDirection } from './direction'

const degrees = (typed: string) => {
  const rad = readDirection(typed)
  return rad === null ? null : Math.round(((rad * 180) / Math.PI) * 10) / 10
}

describe('a direction', () => {
  it.each([
    ['40', 40],
    ['040°', 40],
    ['22,5', 22.5],
    ['360', 360],
    ['NE', 45],
    ['north-east', 45],
    ['South south west', 202.5],
    ['n', 0],
  ])('%s is read', (typed, deg) => expect(degrees(typed)).toBe(deg))

  it.each(['361', '-20', '', 'nn', 'up', '4 kn', '40 m'])('%s is refused', (typed) =>
    expect(degrees(typed)).toBeNull(),
  )
})
