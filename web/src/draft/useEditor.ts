import { useCallback, useMemo, useState } from 'react'
import { edited, previewed, redone, settled, startHistory, undone, type History } from './history'
import { docOf, sameDoc, type Doc } from './model'
import type { Kept } from './queries'

interface Opened {
  base: Kept
  history: History<Doc>
  /** True where unsaved work from before was taken up again. */
  restored: boolean
  /** What was saved elsewhere while the unsaved work lay here; the two stand apart until somebody decides. */
  parted: Kept | null
}

const keyOf = (spreadId: string) => `moss.draft.${spreadId}`

/** What was edited and not saved when the page went, as text. */
export const heldText = (spread: string): string | null => localStorage.getItem(keyOf(spread))

/**
 * Unsaved work survives a reload, on the version it was made from. Where another was saved meanwhile it is taken up all
 * the same, and both sides are shown.
 */
function open(kept: Kept): Opened {
  const fresh = docOf(kept)
  try {
    const held = JSON.parse(heldText(kept.spreadId) ?? 'null') as {
      version: number
      doc: Doc
    } | null
    if (held && !sameDoc(held.doc, fresh)) {
      return {
        base: { ...kept, version: held.version },
        history: { ...startHistory(held.doc), past: [fresh] },
        restored: true,
        parted: held.version === kept.version ? null : kept,
      }
    }
  } catch {
    localStorage.removeItem(keyOf(kept.spreadId))
  }
  return { base: kept, history: startHistory(fresh), restored: false, parted: null }
}

function hold(editing: Opened): Opened {
  const key = keyOf(editing.base.spreadId)
  const doc = editing.history.now
  if (sameDoc(doc, docOf(editing.base))) localStorage.removeItem(key)
  else localStorage.setItem(key, JSON.stringify({ version: editing.base.version, doc }))
  return editing
}

export type Change = (doc: Doc) => Doc

/** A document and the way to change it. */
export interface Editing {
  doc: Doc
  edit(change: Change): void
}

export interface Editor extends Editing {
  base: Kept
  dirty: boolean
  restored: boolean
  parted: Kept | null
  dragging: boolean
  canUndo: boolean
  canRedo: boolean
  preview(change: Change): void
  settle(): void
  undo(): void
  redo(): void
  /** The server has it: from now on this is the base. */
  saved(kept: Kept): void
  /** Starts again from what the server has. */
  reload(kept: Kept): void
}

export function useEditor(kept: Kept): Editor {
  const [editing, setEditing] = useState(() => open(kept))
  const change = useCallback(
    (step: (history: History<Doc>) => History<Doc>, keep = true) =>
      setEditing((before) => {
        const after = { ...before, history: step(before.history) }
        return keep ? hold(after) : after
      }),
    [],
  )
  const steps = useMemo(
    () => ({
      edit: (by: Change) => change((history) => edited(history, by(history.now))),
      preview: (by: Change) => change((history) => previewed(history, by(history.now)), false),
      settle: () => change(settled),
      undo: () => change(undone),
      redo: () => change(redone),
      saved: (next: Kept) =>
        setEditing((before) => hold({ ...before, base: next, restored: false, parted: null })),
      reload: (next: Kept) =>
        setEditing(() =>
          hold({ base: next, history: startHistory(docOf(next)), restored: false, parted: null }),
        ),
    }),
    [change],
  )
  const { base, history, restored, parted } = editing
  return {
    ...steps,
    doc: history.now,
    base,
    restored,
    parted,
    dirty: !sameDoc(history.now, docOf(base)),
    dragging: history.dragFrom !== null,
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
  }
}
