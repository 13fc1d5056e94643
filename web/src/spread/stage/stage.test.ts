import { describe, expect, it } from 'vitest'
import type { Boat } from '../../draft/queries'
import { spreadOut, type Label } from '../../shared/drawing/labels'
import { scalesFor } from './scales'

const boat = { lengthM: 10, beamM: 3, holders: [] } as unknown as Boat

describe('scales of the stage', () => {
  const extent = { asternM: 180, besideM: 7, deepM: 6, highM: 5 }
  const scales = scalesFor(boat, extent, 976, 526)

  it('shows the whole spread, true in plan', () => {
    expect(scales.x(180)).toBeLessThan(976 - 80)
    expect(scales.x(-10)).toBeGreaterThan(40)
    expect(scales.x(1) - scales.x(0)).toBeCloseTo(scales.plan(0) - scales.plan(1), 9)
  })

  it('puts starboard up and stretches depth by the factor it states', () => {
    expect(scales.plan(5)).toBeLessThan(scales.plan(-5))
    expect(scales.side(0) - scales.side(1)).toBeCloseTo(scales.stretch * scales.pxPerM, 9)
    expect(scales.side(-6)).toBeLessThan(526)
    expect(scales.side(5)).toBeGreaterThan(scales.sideTop)
  })
})

describe('labels', () => {
  const label = (id: string, x: number, y: number): Label => ({ id, x, y, width: 60, height: 16 })
  const overlap = (a: Label, b: Label) => Math.abs(a.x - b.x) < 60 && Math.abs(a.y - b.y) < 16

  it('never lie on each other, and the first keeps its place', () => {
    const crowd = Array.from({ length: 9 }, (_, i) => label(`l${i}`, (i % 3) * 20, 100))
    const placed = [...spreadOut(crowd).values()]
    placed.forEach((a, i) => placed.slice(i + 1).forEach((b) => expect(overlap(a, b)).toBe(false)))
    expect(placed[0]).toEqual(crowd[0])
  })

  it('keep clear of obstacles but not of their own', () => {
    const own = label('a', 0, 50)
    expect(spreadOut([own], [{ ...own }]).get('a')).toEqual(own)
    expect(spreadOut([own], [{ ...own, id: 'other' }]).get('a')!.y).not.toBe(50)
  })
})
