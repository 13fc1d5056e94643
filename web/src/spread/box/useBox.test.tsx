import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, renderHook, waitFor } from '@testing-library/react'
import type { ReactNode } from 'react'
import { describe, expect, it, vi } from 'vitest'
import type { Gear } from '../../draft/queries'
import { restore } from './restore'
import { useBox } from './useBox'

vi.mock('./restore', () => ({ restore: vi.fn(() => Promise.resolve()) }))

const GEAR = { lures: [], lines: [], reels: [] } as unknown as Gear

function box() {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false, enabled: false } } })
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
  )
  return renderHook(() => useBox('boat', GEAR), { wrapper })
}

describe('undo in the box', () => {
  it('is of what was asked for last, though that is not done yet', async () => {
    const { result } = box()
    await act(() => result.current.act(() => Promise.resolve('put away')))
    expect(result.current.undo).not.toBeNull()
    let removed = (_: string) => {}
    const removing = new Promise<string>((resolve) => (removed = resolve))
    await act(async () => {
      const acted = result.current.act(() => removing)
      const undone = result.current.undo!()
      removed('removed')
      await acted
      await undone
    })
    await waitFor(() => expect(result.current.said).toEqual(['Undone: removed']))
    expect(restore).toHaveBeenCalledTimes(1)
    await act(() => result.current.undo!())
    await waitFor(() => expect(result.current.said).toEqual(['Undone: put away']))
    expect(result.current.undo).toBeNull()
  })

  it('goes on after something was refused', async () => {
    const { result } = box()
    await act(() => result.current.act(() => Promise.reject(new Error('refused'))))
    expect(result.current.said).toEqual(['refused'])
    await act(() => result.current.act(() => Promise.resolve('kept')))
    expect(result.current.said).toEqual(['kept'])
  })
})
