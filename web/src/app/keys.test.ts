import { cleanup, fireEvent, renderHook } from '@testing-library/react'
import { useLayoutEffect } from 'react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { keyName, remap, singleKeys, useKeys } from './keys'

describe('keys', () => {
  beforeEach(() => localStorage.clear())
  afterEach(() => {
    cleanup()
    document.body.innerHTML = ''
  })

  it('go by their place on the keyboard', () => {
    const act = vi.fn()
    renderHook(() => useKeys({ KeyT: act }))
    fireEvent.keyDown(document.body, { code: 'KeyT', key: 'т' })
    expect(act).toHaveBeenCalledTimes(1)
    fireEvent.keyDown(document.body, { code: 'KeyT', shiftKey: true })
    fireEvent.keyDown(document.body, { code: 'KeyT', altKey: true })
    expect(act).toHaveBeenCalledTimes(1)
  })

  it('are silent while someone types', () => {
    const act = vi.fn()
    renderHook(() => useKeys({ KeyT: act }))
    const input = document.body.appendChild(document.createElement('input'))
    fireEvent.keyDown(input, { code: 'KeyT' })
    expect(act).not.toHaveBeenCalled()
  })

  it('can be switched off, but not those with Ctrl', () => {
    const single = vi.fn()
    const save = vi.fn()
    renderHook(() => useKeys({ KeyT: single, 'Ctrl+KeyS': save }))
    singleKeys.set(false)
    fireEvent.keyDown(document.body, { code: 'KeyT' })
    fireEvent.keyDown(document.body, { code: 'KeyS', ctrlKey: true })
    expect(single).not.toHaveBeenCalled()
    expect(save).toHaveBeenCalledTimes(1)
  })

  it('do what is on the screen, though pressed the moment it is there', () => {
    const [before, now] = [vi.fn(), vi.fn()]
    const { rerender } = renderHook(
      ({ act }) => {
        useKeys({ KeyT: act })
        useLayoutEffect(() => void fireEvent.keyDown(document.body, { code: 'KeyT' }), [act])
      },
      { initialProps: { act: before } },
    )
    rerender({ act: now })
    expect(now).toHaveBeenCalledTimes(1)
    expect(before).not.toHaveBeenCalled()
  })

  it('can be put elsewhere: what was there changes place with them', () => {
    const act = { KeyT: vi.fn(), KeyG: vi.fn() }
    remap.put('KeyT', 'KeyG')
    renderHook(() => useKeys(act))
    fireEvent.keyDown(document.body, { code: 'KeyG' })
    expect(act.KeyT).toHaveBeenCalledTimes(1)
    fireEvent.keyDown(document.body, { code: 'KeyT' })
    expect(act.KeyG).toHaveBeenCalledTimes(1)
    expect([keyName('KeyT'), keyName('KeyG')]).toEqual(['G', 'T'])
    remap.put('KeyT', 'KeyB')
    expect([keyName('KeyT'), keyName('KeyG')]).toEqual(['B', 'T'])
    fireEvent.keyDown(document.body, { code: 'KeyG' })
    expect(act.KeyT).toHaveBeenCalledTimes(1)
    remap.put('KeyT', 'KeyT')
    remap.clear()
    expect(keyName('KeyT')).toBe('T')
  })
})
