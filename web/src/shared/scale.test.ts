import { expect, it } from 'vitest'
import { scaleLinear } from './scale'

it('goes there and back, also downwards', () => {
  const x = scaleLinear([-10, 190], [100, 900])
  expect(x(-10)).toBe(100)
  expect(x(190)).toBe(900)
  expect(x.invert(x(37.5))).toBeCloseTo(37.5, 12)
  const down = scaleLinear([0, 5], [300, 100])
  expect(down(5)).toBe(100)
  expect(down.invert(200)).toBeCloseTo(2.5, 12)
})

it('draws what has no extent at the beginning', () => {
  const flat = scaleLinear([3, 3], [10, 20])
  expect(flat(3)).toBe(10)
  expect(flat.invert(15)).toBe(3)
})
