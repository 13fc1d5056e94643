import { act, cleanup, renderHook } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import * as queries from '../rig/queries'
import { rig } from '../rig/test/fixtures'
import { useTicks } from './useTicks'

afterEach(() => {
  cleanup()
  vi.restoreAllMocks()
})

describe('ticks of the evening', () => {
  it('are shown at once and kept', async () => {
    const kept = vi.spyOn(queries, 'tick').mockResolvedValue(['a'])
    const { result } = renderHook(() => useTicks('boat', 'spread', null))
    await act(() => result.current.set('a', true))
    expect(result.current.ticked.has('a')).toBe(true)
    expect(kept).toHaveBeenCalledWith('boat', 'spread', 'a', true)
    expect(result.current.problem).toBeNull()
  })

  it('go back where they could not be kept, and say so', async () => {
    vi.spyOn(queries, 'tick').mockRejectedValue(new Error('away'))
    const { result } = renderHook(() => useTicks('boat', 'spread', null))
    await act(() => result.current.set('a', true))
    expect(result.current.ticked.has('a')).toBe(false)
    expect(result.current.problem).toContain('not kept')
  })

  it('follow what the server says', () => {
    const { result, rerender } = renderHook(({ answer }) => useTicks('boat', 'spread', answer), {
      initialProps: { answer: { ...rig(), ticked: ['a', 'b'] } },
    })
    expect([...result.current.ticked]).toEqual(['a', 'b'])
    rerender({ answer: { ...rig(), ticked: ['b'] } })
    expect([...result.current.ticked]).toEqual(['b'])
  })
})
