import { describe, expect, it } from 'vitest'
import { padsOf } from './pads'

const line = (label: string, asternM: number) =>
  ({ lineId: label, label, tow: { path: [{ asternM }] }, tip: {} }) as never

describe('pads lie as the lines lie', () => {
  it('near ones left, level pairs under each other', () => {
    const pads = padsOf([
      line('C1', 176),
      line('S1', 84),
      line('P1', 84),
      line('S2', 38),
      line('P2', 38),
      line('D1', 30),
    ])
    const at = Object.fromEntries(pads.map(({ label, row, column, code }) => [label, [row, column, code]]))
    expect(at).toEqual({
      D1: [1, 0, 'KeyA'],
      P2: [2, 1, 'KeyX'],
      S2: [0, 1, 'KeyW'],
      P1: [2, 2, 'KeyC'],
      S1: [0, 2, 'KeyE'],
      C1: [1, 3, 'KeyF'],
    })
  })

  it('gives twelve lines twelve places and no key twice', () => {
    const lines = ['S', 'P', 'C'].flatMap((side) =>
      [1, 2, 3, 4].map((n) => line(`${side}${n}`, 120 - 20 * n)),
    )
    const pads = padsOf(lines)
    expect(new Set(pads.map(({ row, column }) => `${row} ${column}`)).size).toBe(12)
    const codes = pads.flatMap(({ code }) => (code ? [code] : []))
    expect(new Set(codes).size).toBe(codes.length)
    expect(codes).toHaveLength(12)
  })

  it('puts lures of one distance and one side beside each other', () => {
    const pads = padsOf([line('S1', 50), line('S2', 50), line('S3', 50)])
    expect(pads.map(({ column }) => column)).toEqual([0, 1, 2])
  })
})
