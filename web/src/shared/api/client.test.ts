import { afterEach, expect, it, vi } from 'vitest'
import { ask, onReach } from './client'

afterEach(() => vi.restoreAllMocks())

const failing = (error: unknown) => ask(() => Promise.reject(error as Error)).catch(() => 'failed')

/** A request that somebody gave up would be taken for a link that is gone, everything asked anew, and given up again. */
it('takes a link for gone where nobody answered, and not where the page itself gave up', async () => {
  const told = vi.fn()
  const off = onReach(told)
  await failing(new DOMException('given up', 'AbortError'))
  expect(told).not.toHaveBeenCalled()
  await failing(new TypeError('Failed to fetch'))
  expect(told.mock.calls).toEqual([[true, undefined]])
  off()
})
