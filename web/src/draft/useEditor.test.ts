import { act, renderHook } from '@testing-library/react'
import { beforeEach, describe, expect, it } from 'vitest'
import { setLetOut, setName } from './model'
import { kept } from './test/fixtures'
import { useEditor } from './useEditor'

const letOut = (editor: ReturnType<typeof useEditor>) => editor.doc.draft.lines[0]!.letOutM

describe('the editor', () => {
  beforeEach(() => localStorage.clear())

  it('is dirty from the first change until saved', () => {
    const { result } = renderHook(() => useEditor(kept))
    expect(result.current.dirty).toBe(false)
    act(() => result.current.edit((doc) => setLetOut(doc, 'one', 66)))
    expect(result.current.dirty).toBe(true)
    act(() => result.current.saved({ ...kept, version: 4, draft: result.current.doc.draft }))
    expect(result.current.dirty).toBe(false)
    expect(result.current.canUndo).toBe(true)
  })

  it('undoes a drag in one step', () => {
    const { result } = renderHook(() => useEditor(kept))
    act(() => result.current.preview((doc) => setLetOut(doc, 'one', 61)))
    act(() => result.current.preview((doc) => setLetOut(doc, 'one', 75)))
    expect(result.current.dragging).toBe(true)
    act(() => result.current.settle())
    expect(letOut(result.current)).toBe(75)
    act(() => result.current.undo())
    expect(letOut(result.current)).toBe(60)
    act(() => result.current.redo())
    expect(letOut(result.current)).toBe(75)
  })

  it('takes up unsaved work, and stands apart from what was saved meanwhile', () => {
    const first = renderHook(() => useEditor(kept))
    act(() => first.result.current.edit((doc) => setName(doc, 'mine')))
    first.unmount()
    const again = renderHook(() => useEditor(kept))
    expect(again.result.current.doc.name).toBe('mine')
    expect(again.result.current.restored).toBe(true)
    act(() => again.result.current.undo())
    expect(again.result.current.doc.name).toBe('Test spread')
    act(() => again.result.current.redo())
    again.unmount()
    const newer = renderHook(() => useEditor({ ...kept, version: 9 }))
    expect(newer.result.current.doc.name).toBe('mine')
    expect(newer.result.current.parted?.version).toBe(9)
    // Saved, it is the stale write that it is.
    expect(newer.result.current.base.version).toBe(kept.version)
    newer.unmount()
    const undecided = renderHook(() => useEditor({ ...kept, version: 9 }))
    expect(undecided.result.current.parted?.version).toBe(9)
    act(() => undecided.result.current.reload({ ...kept, version: 9 }))
    expect(undecided.result.current.parted).toBeNull()
    undecided.unmount()
    expect(renderHook(() => useEditor({ ...kept, version: 9 })).result.current.doc.name).toBe('Test spread')
  })

  it('starts again from what the server has', () => {
    const { result } = renderHook(() => useEditor(kept))
    act(() => result.current.edit((doc) => setName(doc, 'mine')))
    act(() => result.current.reload({ ...kept, name: 'theirs', version: 5 }))
    expect(result.current.doc.name).toBe('theirs')
    expect(result.current.canUndo).toBe(false)
    expect(localStorage.length).toBe(0)
  })

  it('survives a broken store', () => {
    localStorage.setItem('moss.draft.spread', '{not json')
    const { result } = renderHook(() => useEditor(kept))
    expect(result.current.doc.name).toBe('Test spread')
  })
})
