import { act, cleanup, renderHook } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import * as queries from '../rig/queries'
import { rig } from '../rig/test/fixtures'
import { Problem } from '../shared/api/client'
import { useTicks } from './useTicks'

afterEach(() => {
  cleanup()
  vi.restoreAllMocks()
})

const one = (task: string) => ({ task, version: 1 })

describe('ticks of the evening', () => {
  it('are shown at once and kept', async () => {
    const kept = vi.spyOn(queries, 'tick').mockResolvedValue([{ task: 'a', version: 1 }])
    const { result } = renderHook(() => useTicks('boat', 'spread', null))
    await act(() => result.current.set('a', true))
    expect(result.current.ticked.has('a')).toBe(true)
    expect(kept).toHaveBeenCalledWith('boat', 'spread', { task: 'a', done: true, version: 0 })
    await act(() => result.current.set('a', false))
    expect(kept).toHaveBeenLastCalledWith('boat', 'spread', { task: 'a', done: false, version: 1 })
    await act(() => result.current.set('a', true))
    expect(result.current.problem).toBeNull()
  })

  it('go back where they could not be kept, and say so', async () => {
    vi.spyOn(queries, 'tick').mockRejectedValue(new Error('away'))
    const { result } = renderHook(() => useTicks('boat', 'spread', null))
    await act(() => result.current.set('a', true))
    expect(result.current.ticked.has('a')).toBe(false)
    expect(result.current.problem).toContain('not kept')
  })

  it('stand as they were set elsewhere meanwhile', async () => {
    const theirs = { task: 'a', done: false, version: 0 }
    vi.spyOn(queries, 'tick').mockRejectedValue(new Problem(409, 'stale', [], theirs))
    const { result } = renderHook(() => useTicks('boat', 'spread', null))
    await act(() => result.current.set('a', true))
    expect(result.current.ticked.has('a')).toBe(false)
    expect(result.current.problem).toContain('opened again elsewhere')
  })

  it('follow what the server says', () => {
    const { result, rerender } = renderHook(({ answer }) => useTicks('boat', 'spread', answer), {
      initialProps: { answer: { ...rig(), ticked: [one('a'), one('b')] } },
    })
    expect([...result.current.ticked]).toEqual(['a', 'b'])
    rerender({ answer: { ...rig(), ticked: [one('b')] } })
    expect([...result.current.ticked]).toEqual(['b'])
  })
})
