import 'fake-indexeddb/auto'
import { act, cleanup, renderHook, waitFor } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import * as queries from '../../rig/queries'
import { rig } from '../../rig/test/fixtures'
import { Problem } from '../../shared/api/client'
import { outbox } from '../../shared/outbox/outbox'
import { useTicks } from './useTicks'

afterEach(async () => {
  cleanup()
  vi.restoreAllMocks()
  for (const item of outbox.items()) await outbox.discard(item.id)
})

const one = (task: string, version = 1, done = true) => ({ task, version, done })

describe('ticks of the evening', () => {
  it('are shown at once and sent under the version they stand on', async () => {
    const kept = vi.spyOn(queries, 'tick').mockResolvedValue([one('a', 4)])
    const { result } = renderHook(() => useTicks('boat', 'spread', null))
    await act(() => result.current.set('a', true))
    expect(result.current.ticked.has('a')).toBe(true)
    await waitFor(() =>
      expect(kept).toHaveBeenCalledWith('boat', 'spread', { task: 'a', done: true, version: 0 }),
    )
    await waitFor(() => expect(outbox.items()).toEqual([]))
    expect(result.current.ticked.has('a')).toBe(true)
    kept.mockResolvedValue([one('a', 5, false)])
    await act(() => result.current.set('a', false))
    await waitFor(() =>
      expect(kept).toHaveBeenLastCalledWith('boat', 'spread', { task: 'a', done: false, version: 4 }),
    )
    await waitFor(() => expect(outbox.items()).toEqual([]))
    await waitFor(() => expect(result.current.ticked.has('a')).toBe(false))
  })

  it('stay while nobody answers, and are kept on the device', async () => {
    vi.spyOn(queries, 'tick').mockRejectedValue(new Problem(0, 'away'))
    const { result } = renderHook(() => useTicks('boat', 'spread', null))
    await act(() => result.current.set('a', true))
    await waitFor(() => expect(outbox.isFailing()).toBe(true))
    expect(result.current.ticked.has('a')).toBe(true)
    expect(outbox.items()).toHaveLength(1)
    await act(() => result.current.set('a', false))
    expect(outbox.items()).toEqual([])
  })

  it('stand as they were set elsewhere meanwhile, and it is said', async () => {
    vi.spyOn(queries, 'tick').mockRejectedValue(new Problem(409, 'stale', [], one('a', 7, false)))
    const { result } = renderHook(() => useTicks('boat', 'spread', null))
    await act(() => result.current.set('a', true))
    await waitFor(() => expect(result.current.problem).toContain('opened again elsewhere'))
    await waitFor(() => expect(result.current.ticked.has('a')).toBe(false))
  })

  it('do not go back for an answer that was on its way before', () => {
    const { result, rerender } = renderHook(({ answer }) => useTicks('boat', 'spread', answer), {
      initialProps: { answer: { ...rig(), ticked: [one('a', 3), one('b')] } },
    })
    expect([...result.current.ticked]).toEqual(['a', 'b'])
    rerender({ answer: { ...rig(), ticked: [one('a', 2, false), one('b', 2, false)] } })
    expect([...result.current.ticked]).toEqual(['a'])
  })
})
