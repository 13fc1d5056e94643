import { describe, expect, it } from 'vitest'
import { printPosition, readPosition } from './position'

describe('a position', () => {
  it.each([
    ['27 36.5 N, 47 18.2 W', 27.60833, -47.30333],
    ['27.6083, -47.3', 27.6083, -47.3],
    ['27.6083 47.3', 27.6083, 47.3],
    ['27,6083, -47,3', 27.6083, -47.3],
    ['27.6083,-47.3', 27.6083, -47.3],
    ['27.6N 47.3W', 27.6, -47.3],
    ['27°36\'30"N 47°18\'12"W', 27.60833, -47.30333],
    ['27°36.5′N, 47°18.2′W', 27.60833, -47.30333],
    ['N27 36.5 W47 18.2', 27.60833, -47.30333],
    ['27-36.5N 047-18.2W', 27.60833, -47.30333],
    ['47 18.2 W, 27 36.5 N', 27.60833, -47.30333],
    ['27 36 30 N 47 18 12 W', 27.60833, -47.30333],
    ['S 12 30 E 5 10.5', -12.5, 5.175],
    ['-12 30, 5 10.5', -12.5, 5.175],
    ['−43.4 −38.9', -43.4, -38.9],
    ['0 0', 0, 0],
  ])('%s is read', (typed, latitude, longitude) => {
    const read = readPosition(typed)
    expect(read?.latitudeDeg).toBeCloseTo(latitude, 4)
    expect(read?.longitudeDeg).toBeCloseTo(longitude, 4)
  })

  it.each([
    '',
    '27 36.5 N',
    '27,6',
    '95 N 20 E',
    '20 N 181 E',
    '27 61 N 40 E',
    '27.5 36 N 47 18 W',
    '27 N 28 N',
    '-27 N 47 W',
    '27 -36 47 18',
    'home',
    '27 36.5 N, 47 18.2 W, 12',
    '27/36 N 47/18 W',
    '1 2 3',
  ])('%s is refused', (typed) => expect(readPosition(typed)).toBeNull())

  it('is printed so that it reads back within some metres', () => {
    for (const [latitudeDeg, longitudeDeg] of [
      [27.6, -47.3],
      [-0.004, 0.004],
      [89.99999, 179.99999],
      [-43.123456, -38.987654],
    ] as const) {
      const back = readPosition(printPosition({ latitudeDeg, longitudeDeg }))
      expect(Math.abs(back!.latitudeDeg - latitudeDeg)).toBeLessThan(1 / 6000)
      expect(Math.abs(back!.longitudeDeg - longitudeDeg)).toBeLessThan(1 / 6000)
    }
    expect(printPosition({ latitudeDeg: 27.6, longitudeDeg: -47.3 })).toBe('27°36.00′ N, 47°18.00′ W')
  })
})
