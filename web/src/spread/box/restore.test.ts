import { afterEach, describe, expect, it, vi } from 'vitest'
import * as queries from '../../draft/queries'
import { gear } from '../../draft/test/fixtures'
import { Problem } from '../../shared/api/client'
import { restore, type Box } from './restore'

const lure = gear.lures[0]!
const none: ReadonlySet<string> = new Set()
const box = (change: Partial<queries.Gear> = {}, away = none): Box => ({ gear: { ...gear, ...change }, away })

function spies() {
  const done: string[] = []
  const said =
    (word: string) =>
    (_boat: string, thing: string): Promise<never> => {
      done.push(`${word} ${thing}`)
      return Promise.resolve(undefined as never)
    }
  vi.spyOn(queries, 'putAway').mockImplementation(said('away'))
  vi.spyOn(queries, 'takeOut').mockImplementation(said('out'))
  const remove = vi.spyOn(queries, 'removeGear').mockImplementation(said('remove'))
  vi.spyOn(queries, 'saveLure').mockImplementation((_boat, body) => {
    done.push(`save ${body.gearId} ${body.name} ${body.version}`)
    return Promise.resolve(body)
  })
  return { done, remove }
}

afterEach(() => vi.restoreAllMocks())

describe('taking back what was done to the box', () => {
  const changed = { ...lure, name: 'Renamed', version: lure.version + 1 }
  const others = gear.lures.slice(1)

  it('writes the former words over the version that stands now', async () => {
    const { done } = spies()
    const now = box({ lures: [{ ...changed, version: 9 }, ...others] })
    await restore('boat', box(), box({ lures: [changed, ...others] }), now)
    expect(done).toEqual([`save ${lure.gearId} ${lure.name} 9`])
  })

  it('removes what came, and leaves it put away where something carries it by now', async () => {
    const { done, remove } = spies()
    await restore('boat', box({ lures: others }), box(), box())
    expect(done).toEqual([`away ${lure.gearId}`, `remove ${lure.gearId}`])
    remove.mockRejectedValueOnce(new Problem(409, 'needed', []))
    await restore('boat', box({ lures: others }), box(), box())
    remove.mockRejectedValueOnce(new Problem(400, 'broken', []))
    await expect(restore('boat', box({ lures: others }), box(), box())).rejects.toThrow()
  })

  it('makes again what went, under its id', async () => {
    const { done } = spies()
    const without = box({ lures: others })
    await restore('boat', box({}, new Set([lure.gearId])), without, without)
    expect(done).toEqual([`save ${lure.gearId} ${lure.name} 0`, `away ${lure.gearId}`])
  })

  it('takes out what was put away', async () => {
    const { done } = spies()
    await restore('boat', box(), box({}, new Set([lure.gearId])), box({}, new Set([lure.gearId])))
    expect(done).toEqual([`out ${lure.gearId}`])
  })
})
