import { Button } from '../shared/ui/Button'
import type { Editor } from './useEditor'

/** Whether what is seen is saved. */
export function SavedWords({ editor, saving }: { editor: Editor; saving: boolean }) {
  return (
    <span className="text-sm text-slate" role="status">
      {saving
        ? 'Saving…'
        : editor.dirty
          ? editor.restored
            ? 'Unsaved work from before'
            : 'Not saved'
          : `Saved, revision ${editor.base.revision}`}
    </span>
  )
}

/** The same with the steps back and forth. */
export function EditState({ editor, saving }: { editor: Editor; saving: boolean }) {
  return (
    <>
      <SavedWords {...{ editor, saving }} />
      <Button small onClick={editor.undo} disabled={!editor.canUndo}>
        Undo
      </Button>
      <Button small onClick={editor.redo} disabled={!editor.canRedo}>
        Redo
      </Button>
    </>
  )
}
