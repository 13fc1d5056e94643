import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, cleanup, renderHook } from '@testing-library/react'
import { createElement, type ReactNode } from 'react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { Problem } from '../shared/api/client'
import type { Plan } from './queries'
import * as queries from './queries'
import { usePlan } from './usePlan'

const kept: Plan = { day: '2026-06-18', version: 1, answers: [], runOutMin: 60 }
const wrapper = ({ children }: { children: ReactNode }) =>
  createElement(QueryClientProvider, { client: new QueryClient() }, children)
const open = (plan = kept) => renderHook(() => usePlan('boat', plan), { wrapper })
const crew =
  (value: number) =>
  (plan: Plan): Plan => ({ ...plan, answers: [{ topic: 'CREW', value }] })

describe('a plan as it is edited', () => {
  beforeEach(() => {
    vi.useFakeTimers()
    localStorage.clear()
  })
  afterEach(() => {
    cleanup()
    vi.useRealTimers()
    vi.restoreAllMocks()
  })

  it('is kept when it rests, once for several changes', async () => {
    const save = vi
      .spyOn(queries, 'savePlan')
      .mockImplementation((_boat, body) => Promise.resolve({ ...body, version: 2 }))
    const { result } = open()
    act(() => result.current.edit(crew(2)))
    act(() => result.current.edit(crew(3)))
    await act(() => vi.advanceTimersByTimeAsync(1000))
    expect(save).toHaveBeenCalledOnce()
    expect(save.mock.calls[0]![1]).toMatchObject({ version: 1, answers: [{ topic: 'CREW', value: 3 }] })
    expect(localStorage.length).toBe(0)
  })

  it('is there again when the page went away before it was kept', async () => {
    vi.spyOn(queries, 'savePlan').mockReturnValue(new Promise(() => {}))
    const { result, unmount } = open()
    act(() => result.current.edit(crew(2)))
    unmount()
    expect(open().result.current.plan.answers).toEqual([{ topic: 'CREW', value: 2 }])
    const parted = open({ ...kept, version: 2, runOutMin: 90 }).result.current
    expect(parted.plan.answers).toEqual([{ topic: 'CREW', value: 2 }])
    expect(parted.theirs).toMatchObject({ version: 2, runOutMin: 90 })
  })

  it('takes one step back at a time', () => {
    vi.spyOn(queries, 'savePlan').mockReturnValue(new Promise(() => {}))
    const { result } = open()
    act(() => result.current.edit(crew(2)))
    act(() => result.current.edit(crew(2)))
    act(() => result.current.edit(crew(3)))
    act(() => result.current.undo())
    expect(result.current.plan.answers).toEqual([{ topic: 'CREW', value: 2 }])
    act(() => result.current.undo())
    expect(result.current.plan.answers).toEqual([])
    expect(result.current.canUndo).toBe(false)
  })

  it('shows both sides of a conflict and keeps the one chosen', async () => {
    const theirs: Plan = { ...kept, version: 5, runOutMin: 90 }
    const save = vi
      .spyOn(queries, 'savePlan')
      .mockRejectedValueOnce(new Problem(409, 'stale', [], theirs))
      .mockImplementation((_boat, body) => Promise.resolve({ ...body, version: 6 }))
    const { result } = open()
    act(() => result.current.edit(crew(4)))
    await act(() => vi.advanceTimersByTimeAsync(1000))
    expect(result.current.theirs).toEqual(theirs)
    await act(async () => result.current.keepMine())
    expect(save.mock.calls[1]![1]).toMatchObject({ version: 5, answers: [{ topic: 'CREW', value: 4 }] })
    expect(result.current.theirs).toBeNull()
  })

  it('says that it is not kept while the server is away, and tries again', async () => {
    const save = vi.spyOn(queries, 'savePlan').mockRejectedValue(new Problem(0, 'away'))
    const { result } = open()
    act(() => result.current.edit(crew(2)))
    await act(() => vi.advanceTimersByTimeAsync(500))
    expect(result.current.problem).toContain('away')
    save.mockImplementation((_boat, body) => Promise.resolve({ ...body, version: 2 }))
    await act(() => vi.advanceTimersByTimeAsync(4000))
    expect(result.current.problem).toBeNull()
  })
})
