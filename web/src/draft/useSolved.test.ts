import { act, renderHook, waitFor } from '@testing-library/react'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { Problem } from '../shared/api/client'
import type { Draft, Solved } from './queries'
import { solveAhead } from './ahead'
import { draft, kept, solved } from './test/fixtures'
import { useSolved } from './useSolved'

const solve = vi.fn<(boat: string, draft: Draft) => Promise<Solved>>()
const solvedOf = vi.fn<(boat: string, spread: string) => Promise<{ version: number; solved: Solved }>>()
vi.mock('./queries', () => ({
  solve: (boat: string, asked: Draft) => solve(boat, asked),
  solvedOf: (boat: string, spread: string) => solvedOf(boat, spread),
}))

const hold = vi.fn()
vi.mock('../shared/held', () => ({
  hold: (...of: unknown[]) => hold(...of),
  held: () => Promise.resolve(null),
}))

const keptAs = (of: Draft) => ({ ...kept, draft: of })
const at = (mps: number): Draft => ({ ...draft, speedThroughWaterMps: mps })

describe('solving as the draft changes', () => {
  beforeEach(() => {
    solve.mockReset()
    hold.mockReset()
  })

  it('answers together with what was asked', async () => {
    solve.mockResolvedValue(solved)
    const { result } = renderHook(() => useSolved('boat', draft, 0))
    await waitFor(() => expect(result.current.solved).toBe(solved))
    expect(result.current.asked).toBe(draft)
  })

  it('asks one at a time and always the newest next', async () => {
    const answers: ((value: Solved) => void)[] = []
    solve.mockImplementation(() => new Promise((resolve) => answers.push(resolve)))
    const { rerender } = renderHook(({ d }) => useSolved('boat', d, 0), { initialProps: { d: at(1) } })
    rerender({ d: at(2) })
    rerender({ d: at(3) })
    rerender({ d: at(4) })
    expect(solve).toHaveBeenCalledTimes(1)
    await act(async () => answers[0]!(solved))
    expect(solve.mock.calls.map((call) => call[1].speedThroughWaterMps)).toEqual([1, 4])
  })

  it('keeps the drawing and says what is wrong', async () => {
    solve.mockResolvedValueOnce(solved)
    const { result, rerender } = renderHook(({ d }) => useSolved('boat', d, 0), {
      initialProps: { d: at(1) },
    })
    await waitFor(() => expect(result.current.solved).toBe(solved))
    solve.mockRejectedValueOnce(new Problem(400, 'no'))
    rerender({ d: at(2) })
    await waitFor(() => expect(result.current.problem?.message).toBe('no'))
    expect(result.current.solved).toBe(solved)
  })

  it('leaves an absent server to the banner', async () => {
    solve.mockRejectedValue(new Problem(503, 'away'))
    const { result } = renderHook(() => useSolved('boat', draft, 0))
    await waitFor(() => expect(solve).toHaveBeenCalled())
    expect(result.current.problem).toBeNull()
  })

  it('holds for a day without a link what was opened at once, and what was changed when it rests', async () => {
    solve.mockResolvedValue(solved)
    const { result, rerender } = renderHook(({ d }) => useSolved('boat', d, 0), {
      initialProps: { d: at(1) },
    })
    await waitFor(() => expect(hold).toHaveBeenCalledWith('solve', { boat: 'boat', draft: at(1) }, solved))
    vi.useFakeTimers()
    rerender({ d: at(2) })
    await act(() => vi.advanceTimersByTimeAsync(1000))
    expect(result.current.asked).toEqual(at(2))
    expect(hold).toHaveBeenCalledTimes(1)
    await act(() => vi.advanceTimersByTimeAsync(2000))
    expect(hold).toHaveBeenLastCalledWith('solve', { boat: 'boat', draft: at(2) }, solved)
    vi.useRealTimers()
  })

  it('takes what was asked ahead once, and nothing that may stand on other gear', async () => {
    const fresh = at(5)
    const old = at(6)
    solve.mockResolvedValue(solved)
    solvedOf.mockResolvedValue({ version: kept.version, solved })
    void solveAhead('boat', keptAs(fresh))
    const { rerender } = renderHook(({ stamp }) => useSolved('boat', fresh, stamp), {
      initialProps: { stamp: 1 },
    })
    await act(async () => {})
    expect(solve).not.toHaveBeenCalled()
    rerender({ stamp: 2 })
    await waitFor(() => expect(solve).toHaveBeenCalledTimes(1))

    vi.useFakeTimers({ toFake: ['Date'] })
    void solveAhead('boat', keptAs(old))
    vi.setSystemTime(Date.now() + 11_000)
    renderHook(() => useSolved('boat', old, 1))
    vi.useRealTimers()
    await waitFor(() => expect(solve).toHaveBeenCalledTimes(2))
  })

  it('is drawn at once with what is here, and not drawn again for it', async () => {
    const here = at(7)
    solvedOf.mockResolvedValue({ version: kept.version, solved })
    await solveAhead('boat', keptAs(here))
    let drawn = 0
    const { result } = renderHook(() => {
      drawn++
      return useSolved('boat', here, 0)
    })
    expect(result.current).toMatchObject({ solved, asked: here })
    const first = drawn
    await act(async () => {})
    expect(drawn).toBe(first)
    expect(solve).not.toHaveBeenCalled()
  })

  it('asks for the draft itself where another version was solved', async () => {
    const newer = at(8)
    const other = { ...solved, lines: [] }
    solve.mockResolvedValue(solved)
    solvedOf.mockResolvedValue({ version: kept.version + 1, solved: other })
    await solveAhead('boat', keptAs(newer))
    const { result } = renderHook(() => useSolved('boat', newer, 0))
    expect(result.current.solved).toBe(solved)
    expect(solve).toHaveBeenCalledWith('boat', newer)
  })
})
