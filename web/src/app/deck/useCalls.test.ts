import { act, renderHook } from '@testing-library/react'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useCalls, type Asking } from './useCalls'

describe('calls', () => {
  const beeps: number[] = []

  beforeEach(() => {
    localStorage.clear()
    beeps.length = 0
    vi.stubGlobal(
      'AudioContext',
      class {
        currentTime = 0
        destination = {}
        resume = () => Promise.resolve()
        createOscillator = () => ({
          frequency: {
            set value(hz: number) {
              beeps.push(hz)
            },
          },
          connect: () => {},
          start: () => {},
          stop: () => {},
        })
      },
    )
  })

  const asking = (warnings: string[], clocks: string[]): Asking => ({ warnings, clocks })

  it('are heard for what asks anew, a warning more than a clock, and only where they are wanted', () => {
    const { result, rerender } = renderHook(useCalls, { initialProps: asking([], ['WEED']) })
    rerender(asking([], ['WEED', 'DRAGS']))
    expect(beeps).toEqual([])
    act(() => result.current.toggleCalls())
    expect(beeps).toEqual([780])
    rerender(asking([], ['WEED', 'DRAGS']))
    expect(beeps).toHaveLength(1)
    rerender(asking([], ['WEED', 'DRAGS', 'LEADERS']))
    expect(beeps).toEqual([780, 780])
    rerender(asking(['CROSSED one'], ['WEED']))
    expect(beeps.slice(2)).toEqual([1180, 1180, 1180])
    act(() => result.current.toggleCalls())
    rerender(asking(['CROSSED two'], []))
    expect(beeps).toHaveLength(5)
  })
})
