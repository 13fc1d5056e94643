import { act, cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { Lock } from './Lock'

describe('the lock', () => {
  afterEach(() => {
    cleanup()
    vi.useRealTimers()
  })

  it('opens by two touches at two places, soon after one another', () => {
    vi.useFakeTimers()
    const lock = vi.fn()
    render(<Lock locked onLock={lock} />)
    fireEvent.click(screen.getByText('Unlock'))
    fireEvent.click(screen.getByText('Unlock'))
    expect(lock).not.toHaveBeenCalled()
    act(() => void vi.advanceTimersByTime(4100))
    expect(screen.queryByText('And here: unlock')).toBeNull()
    fireEvent.click(screen.getByText('Unlock'))
    fireEvent.click(screen.getByText('And here: unlock'))
    expect(lock).toHaveBeenCalledExactlyOnceWith(false)
  })
})
