import { beforeEach, describe, expect, it, vi } from 'vitest'
import { Problem } from '../shared/api/client'
import type { EventBody } from './queries'

const sendEvents = vi.fn()
vi.mock('./queries', () => ({ sendEvents: (...sent: unknown[]) => sendEvents(...sent) }))

const pending = (eventId: string) => ({
  boat: 'b',
  trip: 't',
  words: eventId,
  event: { eventId, kind: 'STRUCK' } as EventBody,
})

async function fresh() {
  vi.resetModules()
  return import('./outbox')
}

describe('outbox', () => {
  beforeEach(() => {
    localStorage.clear()
    sendEvents.mockReset()
  })

  it('sends oldest first and empties itself', async () => {
    const { outbox, flush } = await fresh()
    sendEvents.mockResolvedValue({ trip: {}, strikes: [] })
    outbox.add(pending('one'))
    outbox.add(pending('two'))
    await flush()
    expect(sendEvents.mock.calls.map((call) => call[2][0].eventId)).toEqual(['one', 'two'])
    expect(outbox.pending()).toEqual([])
  })

  it('keeps what did not get through, also over a reload', async () => {
    const { outbox, flush } = await fresh()
    sendEvents.mockRejectedValue(new Problem(0, 'away'))
    outbox.add(pending('one'))
    await expect(flush()).rejects.toThrow('away')
    expect(outbox.pending()).toHaveLength(1)
    const again = await fresh()
    expect(again.outbox.pending()).toHaveLength(1)
  })

  it('keeps what is refused with the reason, sends the rest, and lets it be thrown away', async () => {
    const { outbox, flush } = await fresh()
    const { Problem: Refusal } = await import('../shared/api/client')
    sendEvents
      .mockRejectedValueOnce(new Refusal(400, 'no such line'))
      .mockResolvedValue({ trip: {}, strikes: [] })
    outbox.add(pending('one'))
    outbox.add(pending('two'))
    await flush()
    expect(outbox.pending().map((p) => [p.words, p.refused])).toEqual([['one', 'no such line']])
    await flush()
    expect(sendEvents).toHaveBeenCalledTimes(2)
    outbox.discard('one')
    expect(outbox.pending()).toEqual([])
  })

  it('flushes once however often it is asked', async () => {
    const { outbox, flush } = await fresh()
    sendEvents.mockResolvedValue({ trip: {}, strikes: [] })
    outbox.add(pending('one'))
    await Promise.all([flush(), flush(), flush()])
    expect(sendEvents).toHaveBeenCalledTimes(1)
  })
})
