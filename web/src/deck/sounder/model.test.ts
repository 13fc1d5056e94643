import { expect, it } from 'vitest'
import { archOf, runsBy } from './model'

it('says how a lure runs by a layer', () => {
  const layer = { topM: 20, heightM: 5, columns: 10 }
  expect(runsBy(17, layer)).toEqual({ by: 'OVER', m: 3 })
  expect(runsBy(22, layer)).toEqual({ by: 'IN', m: 0 })
  expect(runsBy(27, layer)).toEqual({ by: 'UNDER', m: 2 })
})

it('draws an arch that sags at its ends, and a line where she lies still', () => {
  const arch = archOf({ shape: 'ARCH', columns: 10, sagM: 0.4 })
  expect(arch[0]).toEqual([0, 0.4])
  expect(arch[12]).toEqual([0.5, 0])
  expect(arch.at(-1)).toEqual([1, 0.4])
  expect(archOf({ shape: 'LINE', sagM: 0.4 })).toEqual([
    [0, 0],
    [1, 0],
  ])
})
