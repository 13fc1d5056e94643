import { describe, expect, it } from 'vitest'
import { axisEnd, axisTicks, labelled, PIECE_M, placed, profileTop, stretched } from './model'
import { ladder } from './test/fixtures'

const KG = 9.80665
const words = (part: { name: string }) => ({ title: part.name, detail: 'some words' })

describe('a chain laid out', () => {
  it('fills the width from reel to lure without gaps', () => {
    const parts = placed(ladder().parts, 20, 960)
    expect(parts[0]!.x).toBe(20)
    parts.slice(1).forEach((part, at) => expect(part.x).toBeCloseTo(parts[at]!.x + parts[at]!.width, 6))
    expect(parts.at(-1)!.x + parts.at(-1)!.width).toBeCloseTo(960, 6)
  })

  it('gives a longer line more room, and a hundred metres not a hundred times', () => {
    const parts = placed(ladder().parts, 20, 960)
    const width = (sort: string) => parts.find((one) => one.part.sort === sort)!.width
    expect(width('MAIN')).toBeGreaterThan(width('WIND_ON'))
    expect(width('WIND_ON')).toBeGreaterThan(width('BITE_LEADER'))
    expect(width('MAIN') / width('BITE_LEADER')).toBeLessThan(10)
  })

  it('shrinks into what there is', () => {
    const parts = placed(ladder().parts, 0, 320)
    expect(parts.at(-1)!.x + parts.at(-1)!.width).toBeLessThanOrEqual(320.001)
  })

  it('leaves second leaders to be drawn apart', () => {
    const line = ladder()
    const twigged = [...line.parts, { ...line.parts[3]!, twig: true }]
    expect(placed(twigged, 0, 900)).toHaveLength(line.parts.length)
  })

  it('writes no label over another', () => {
    const parts = placed(ladder().parts, 20, 960)
    const labels = labelled(parts, words, 20, 960, 2)
    labels.forEach((a, i) =>
      labels.slice(i + 1).forEach((b) => {
        if (a.row !== b.row) return
        const reach = ((Math.max(a.title.length, 10) + Math.max(b.title.length, 10)) * 6) / 2
        expect(Math.abs(a.x - b.x)).toBeGreaterThan(reach)
      }),
    )
    const weakest = ladder().parts.findIndex((part) => part.weakest)
    expect(labels.some((label) => label.at === weakest && Math.abs(label.row) === 1)).toBe(true)
  })
})

describe('figures of a drawing', () => {
  it('has an axis that holds every mark and ends round', () => {
    const end = axisEnd(ladder(), KG) / KG
    expect(end).toBeGreaterThanOrEqual(22.5)
    expect(end).toBeCloseTo(30, 9)
    expect(axisTicks(30 * KG, KG).map((tick) => Math.round(tick / KG))).toEqual([0, 5, 10, 15, 20, 25, 30])
  })

  it('leaves a rod that is far too strong off the axis', () => {
    const weak = ladder({ strikeDragN: 0.5 * KG, pullN: 0.1 * KG, rodClassN: 22 * KG })
    weak.window = { ...weak.window!, leastN: 0.2 * KG, mostN: 2 * KG, firmN: 0.2 * KG }
    expect(axisEnd(weak, KG) / KG).toBeLessThan(4)
  })

  it('holds small drags too', () => {
    const small = ladder({ strikeDragN: 3, pullN: 1, window: undefined, rodClassN: undefined } as never)
    expect(axisEnd(small, KG)).toBeGreaterThan(3)
    expect(axisTicks(axisEnd(small, KG), KG).length).toBeGreaterThan(3)
  })

  it('doubles a leader for every 120 px', () => {
    expect(stretched(8, 120)).toBe(16)
    expect(stretched(8, -120)).toBe(4)
    expect(stretched(8, 0)).toBe(8)
    expect(stretched(50, 900)).toBe(PIECE_M.most)
    expect(stretched(0.8, -900)).toBe(0.5)
  })

  it('keeps one very strong part from flattening the rest', () => {
    const parts = ladder().parts
    expect(profileTop(parts)).toBeLessThan(3 * 56 * KG)
    expect(profileTop(parts)).toBeGreaterThan(56 * KG)
  })
})
