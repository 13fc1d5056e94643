import { onlineManager, QueryObserver } from '@tanstack/react-query'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { newQueries } from './asking'

const blink = async () => {
  onlineManager.setOnline(false)
  onlineManager.setOnline(true)
  await new Promise((done) => setTimeout(done, 0))
}

describe('a link that comes back', () => {
  afterEach(() => onlineManager.setOnline(true))

  it.each([
    ['asks nothing again that stood a moment ago', 10_000, 1],
    ['asks again what is older than a minute', 61_000, 2],
  ])('%s', async (_what, ageMs, asked) => {
    const queries = newQueries()
    queries.mount()
    const ask = vi.fn().mockResolvedValue('answer')
    const observer = new QueryObserver(queries, {
      queryKey: ['thing'],
      queryFn: ask as () => Promise<string>,
    })
    const stop = observer.subscribe(() => {})
    await vi.waitFor(() => expect(observer.getCurrentResult().data).toBe('answer'))
    queries.setQueryData(['thing'], 'answer', { updatedAt: Date.now() - ageMs })
    await blink()
    expect(ask).toHaveBeenCalledTimes(asked)
    stop()
    queries.unmount()
  })
})
