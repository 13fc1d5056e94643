import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Item, Outcome } from './outbox'

const fault = (code: string) => [{ code, field: 'payload.x', value: '', message: 'no', mend: 'mend' }]

async function fresh() {
  vi.resetModules()
  const { outbox, flush } = await import('./outbox')
  const { Problem } = await import('../api/client')
  const { store } = await import('./db')
  return { outbox, flush, Problem, ids: async () => (await store.all()).map((item) => item.id) }
}

const item = (id: string, way = 'fact') => ({ id, way, boat: 'b', body: { id }, words: id })
const kept = (items: readonly Item[]): Outcome[] => items.map(() => 'kept')

describe('outbox', () => {
  beforeEach(() => {
    indexedDB = new IDBFactory()
  })

  it('sends oldest first, what follows each other together, and empties itself', async () => {
    const { outbox, flush, ids } = await fresh()
    for (const one of [item('day', 'trip'), item('one'), item('two')]) await outbox.add(one)
    const sent: string[][] = []
    const send = async (items: readonly Item[]) => {
      sent.push(items.map((one) => one.id))
      return kept(items)
    }
    outbox.sends('trip', send)
    outbox.sends('fact', send)
    await flush()
    expect(sent).toEqual([['day'], ['one', 'two']])
    expect(await ids()).toEqual([])
  })

  it.each([
    [0, []],
    [401, []],
    [429, []],
    [500, []],
    [400, []],
    [409, fault('SOMETHING_NEW')],
  ])('keeps everything over a %i, also over a reload, and tries again', async (status, faults) => {
    const { outbox, flush, Problem, ids } = await fresh()
    outbox.sends('fact', () => Promise.reject(new Problem(status, 'no', faults)))
    await outbox.add(item('one'))
    await flush()
    expect(await ids()).toEqual(['one'])
    const again = await fresh()
    again.outbox.sends('fact', async (items) => kept(items))
    await again.flush()
    expect(await again.ids()).toEqual([])
  })

  it('is not held up by one that the server stumbles over', async () => {
    const { outbox, flush, Problem, ids } = await fresh()
    for (const id of ['one', 'poison', 'two']) await outbox.add(item(id))
    outbox.sends('fact', async (items) => {
      if (items.some((one) => one.id === 'poison')) throw new Problem(500, 'our mistake')
      return kept(items)
    })
    await flush()
    expect(await ids()).toEqual(['poison'])
  })

  it('keeps what is refused with its reason, and sends it again once it is mended', async () => {
    const { outbox, flush, Problem, ids } = await fresh()
    await outbox.add(item('one'))
    await outbox.add(item('two'))
    outbox.sends('fact', async (items) =>
      items.map((one) => (one.id === 'one' ? { says: 'no such thing', faults: [] } : 'kept')),
    )
    await flush()
    expect(await ids()).toEqual(['one'])
    const refused = outbox.items()[0]!
    expect(refused.refused?.says).toBe('no such thing')
    await flush()
    outbox.sends('fact', () => Promise.reject(new Problem(400, 'no', fault('MISSING'))))
    await outbox.again(refused)
    await flush()
    expect(outbox.items()[0]?.refused?.faults[0]?.field).toBe('payload.x')
    const bodies: unknown[] = []
    outbox.sends('fact', async (items) => {
      bodies.push(...items.map((one) => one.body))
      return kept(items)
    })
    await outbox.again(outbox.items()[0]!, { id: 'one', mended: true })
    await flush()
    expect(bodies).toEqual([{ id: 'one', mended: true }])
    expect(await ids()).toEqual([])
  })

  it('holds things as long as the page lives where the browser keeps nothing', async () => {
    indexedDB = {
      open: () => {
        throw new Error('not here')
      },
    } as unknown as IDBFactory
    const { outbox, flush, Problem } = await fresh()
    outbox.sends('fact', () => Promise.reject(new Problem(0, 'away')))
    await outbox.add(item('one'))
    await flush()
    expect(outbox.keepsNothing()).toBe(true)
    expect(outbox.items()).toHaveLength(1)
    outbox.sends('fact', async (items) => kept(items))
    await flush()
    expect(outbox.items()).toEqual([])
  })

  it('holds what the disk has no room for, beside what is on it', async () => {
    const { outbox, flush, ids } = await fresh()
    await outbox.add(item('one'))
    const full = vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('no room', 'QuotaExceededError')
    })
    await outbox.add(item('two'))
    full.mockRestore()
    expect(outbox.items().map((one) => one.id)).toEqual(['one', 'two'])
    expect(outbox.keepsNothing()).toBe(true)
    outbox.sends('fact', async (items) => kept(items))
    await flush()
    expect(await ids()).toEqual([])
    expect(outbox.keepsNothing()).toBe(false)
  })

  it('sends what was put anew while the old one was on its way', async () => {
    const { outbox, flush, ids } = await fresh()
    const bodies: unknown[] = []
    outbox.sends('fact', async (items) => {
      bodies.push(...items.map((one) => one.body))
      if (bodies.length === 1) await outbox.add({ ...item('tick'), body: 2 })
      return kept(items)
    })
    await outbox.add({ ...item('tick'), body: 1 })
    await flush()
    expect(bodies).toEqual([1, 2])
    expect(await ids()).toEqual([])
  })

  it('replaces what has the same id, in the place of the old one', async () => {
    const { outbox, flush } = await fresh()
    await outbox.add({ ...item('tick'), body: 1 })
    await outbox.add({ ...item('tick'), body: 2 })
    const bodies: unknown[] = []
    outbox.sends('fact', async (items) => {
      bodies.push(...items.map((one) => one.body))
      return kept(items)
    })
    await flush()
    expect(bodies).toEqual([2])
  })
})
