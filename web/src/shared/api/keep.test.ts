import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { Problem } from './client'
import { holds, keep, unknownWrites } from './keep'

const answered = (status: number, body: unknown) => ({
  ...(status < 300 ? { data: body } : { error: body }),
  response: new Response(null, { status }),
})

describe('a change that is kept', () => {
  beforeEach(() => void vi.useFakeTimers())
  afterEach(() => void vi.useRealTimers())

  it('is sent again until somebody says what became of it', async () => {
    const call = vi
      .fn()
      .mockRejectedValueOnce(new TypeError('no link'))
      .mockResolvedValueOnce(answered(503, { detail: 'away' }))
      .mockResolvedValueOnce(answered(200, { version: 1 }))
    const kept = keep(call)
    await vi.advanceTimersByTimeAsync(100)
    expect(unknownWrites.count()).toBe(1)
    await vi.advanceTimersByTimeAsync(10_000)
    expect(await kept).toEqual({ version: 1 })
    expect(call).toHaveBeenCalledTimes(3)
    expect(unknownWrites.count()).toBe(0)
  })

  it('meets itself when it had been kept, and is not a conflict', async () => {
    const theirs = { name: 'mine', version: 4, savedAt: 'now' }
    const call = vi
      .fn()
      .mockResolvedValueOnce(answered(503, {}))
      .mockResolvedValueOnce(answered(409, { yours: { name: 'mine', version: 3 }, theirs }))
    const kept = keep(call)
    await vi.advanceTimersByTimeAsync(5000)
    expect(await kept).toEqual(theirs)
  })

  it('that another overtook is refused with both sides', async () => {
    const body = { yours: { name: 'mine', version: 3 }, theirs: { name: 'other', version: 4 } }
    const call = vi.fn().mockResolvedValueOnce(answered(503, {})).mockResolvedValueOnce(answered(409, body))
    const kept = keep(call).catch((error: unknown) => error)
    await vi.advanceTimersByTimeAsync(5000)
    expect(await kept).toMatchObject({ status: 409, theirs: body.theirs })
  })

  it('that is refused is not sent again', async () => {
    const call = vi.fn().mockResolvedValue(answered(400, { detail: 'no' }))
    await expect(keep(call)).rejects.toBeInstanceOf(Problem)
    expect(call).toHaveBeenCalledOnce()
  })
})

it('looks into lists and objects, and not at the version', () => {
  expect(holds({ a: [1, { b: 2, c: 3 }], version: 9 }, { a: [1, { b: 2 }], version: 8 })).toBe(true)
  expect(holds({ a: [1, 2] }, { a: [1] })).toBe(false)
  expect(holds({ a: null }, { a: undefined })).toBe(true)
  expect(holds(null, { a: 1 })).toBe(false)
})
