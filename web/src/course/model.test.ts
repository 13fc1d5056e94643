import { describe, expect, it } from 'vitest'
import { bandAbout, dragged, edgeBand, letGo, lineNear, otherWay, spotsOf, type Asked } from './model'
import type { Course } from './queries'

const at = (latitudeDeg: number, longitudeDeg = 0) => ({ latitudeDeg, longitudeDeg })
const ASKED: Asked = { kind: 'ALONG', start: at(0), lengthM: 9260 }
const COURSE = { way: [0, 0, 1, 0, 2, 0, 3, 0] } as unknown as Course

describe('a course that is dragged', () => {
  it('begins or ends where it is put', () => {
    expect(dragged(ASKED, COURSE, { of: 'START' }, at(5)).start).toEqual(at(5))
    expect(dragged(ASKED, COURSE, { of: 'END' }, at(6)).ends).toEqual(at(6))
  })

  it('is held to places in the order it passes them', () => {
    const once = dragged(ASKED, COURSE, { of: 'WAY', at: at(2) }, at(2, 0.1))
    const twice = dragged(once, COURSE, { of: 'WAY', at: at(1) }, at(1, 0.1))
    expect(twice.through).toEqual([at(1, 0.1), at(2, 0.1)])
    expect(dragged(twice, COURSE, { of: 'THROUGH', i: 1 }, at(2, 0.2)).through![1]).toEqual(at(2, 0.2))
    expect(letGo(twice, 0).through).toEqual([at(2, 0.1)])
  })
})

describe('a band', () => {
  it('is of round depths about where it begins', () => {
    expect(bandAbout(87)).toEqual({ depth: { fromM: 70, toM: 110 } })
    expect(bandAbout(6)).toEqual({ depth: { fromM: 5, toM: 8 } })
    expect(bandAbout(1)).toEqual({ depth: { fromM: 1, toM: 2 } })
  })

  it('of an edge takes so many points of it as are taken', () => {
    const long = Array.from({ length: 1500 }, (_, i) => at(i / 1000))
    const { line } = edgeBand(long).edge!
    expect(line.length).toBeLessThanOrEqual(401)
    expect(line.at(-1)).toEqual(long.at(-1))
  })

  it('is of the edge that comes nearest', () => {
    expect(
      lineNear(
        [
          [at(0), at(1)],
          [at(0, 5), at(2.9, 2)],
        ],
        at(3, 2),
      ),
    ).toEqual([at(0, 5), at(2.9, 2)])
    expect(lineNear([], at(0))).toBeUndefined()
  })
})

it('reads places that are told flat', () => {
  expect(spotsOf([1, 2, 3, 4])).toEqual([at(1, 2), at(3, 4)])
})

it('goes the other way', () => {
  expect(otherWay([at(0), at(1), at(2)]).towardsDeg).toBeCloseTo(180)
  expect(otherWay([at(0), at(0, 0.1), at(0, 0.2), at(0, 0.3)]).towardsDeg).toBeCloseTo(270)
})
