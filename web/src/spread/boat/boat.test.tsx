import { describe, expect, it } from 'vitest'
import { boat } from '../../draft/test/fixtures'
import {
  added,
  engineOffsets,
  moved,
  propSpread,
  raised,
  removed,
  spreadEngines,
  withFigure,
  withoutDrogue,
} from './model'

const first = boat.holders[0]!

describe('a boat as it is changed', () => {
  it('moves one end on the plan and keeps its height', () => {
    const after = moved(boat, first.holderId, 'tip', 1.234, -3.06).holders[0]!
    expect(after.tip).toEqual({ asternM: 1.2, starboardM: -3.1, heightM: first.tip.heightM })
    expect(after.base).toEqual(first.base)
  })

  it('raises one end from the side, never under water', () => {
    expect(raised(boat, first.holderId, 'base', -1, -3).holders[0]!.base.heightM).toBe(0)
    expect(raised(boat, first.holderId, 'base', -1, 40).holders[0]!.base.heightM).toBe(12)
  })

  it('adds a holder within the boat, or the mirror image of one', () => {
    const grown = added(boat, 'new')
    expect(grown.holders.at(-1)!.base.starboardM).toBeLessThanOrEqual(boat.beamM / 2)
    const mirrored = added(boat, 'twin', { ...first, name: 'Starboard corner' }).holders.at(-1)!
    expect(mirrored.name).toBe('Port corner')
    expect(mirrored.tip.starboardM).toBe(-first.tip.starboardM)
    expect(removed(grown, 'new')).toEqual(boat)
  })

  it('spreads her engines evenly about the middle', () => {
    const triple = { ...boat, engines: 3 }
    expect(propSpread(triple)).toBe(1.5)
    const wide = spreadEngines(triple, -1)
    expect(engineOffsets(wide)).toEqual([-1, 0, 1])
    expect(engineOffsets({ ...boat, engines: 1 })).toEqual([0])
    expect(propSpread({ ...boat, engines: 1 })).toBe(0)
  })

  it('takes a figure out instead of guessing one', () => {
    const tried = { ...boat, idleMps: 1.5, drogueAreaM2: 0.3, drogueSpeedMps: 1 }
    expect(withoutDrogue(tried)).toEqual({ ...boat, idleMps: 1.5 })
    expect('idleMps' in withFigure(tried, 'idleMps', undefined)).toBe(false)
  })
})
