import { Button } from '../shared/ui/Button'
import type { MenuItem } from '../shared/ui/Menu'
import { MenuButton } from '../shared/ui/MenuButton'
import { TypedField } from '../shared/ui/TypedField'
import { SavedWords } from '../draft/EditState'
import { setName } from '../draft/model'
import type { Editor } from '../draft/useEditor'

/** Which spread this is, whether it is kept, and the few things done every minute; the rest under More. */
export function SpreadBar({
  editor,
  saving,
  onAdd,
  onSave,
  more,
}: {
  editor: Editor
  saving: boolean
  onAdd(): void
  onSave(): void
  more: readonly MenuItem[]
}) {
  const rename = (typed: string): string | null => {
    const name = typed.trim()
    if (name === '' || name.length > 60) return 'Give it a name of up to 60 characters.'
    editor.edit((doc) => setName(doc, name))
    return null
  }
  return (
    <div className="flex shrink-0 items-center gap-1.5 border-b border-ink/20 px-4 py-1 max-md:px-2.5">
      <span className="relative min-w-0 flex-1">
        <TypedField
          label="Name of the spread"
          value={editor.doc.name}
          onCommit={rename}
          size={20}
          className="h-11 w-full max-w-64 border-transparent pb-4 font-sans text-base font-bold hover:border-ink/50"
        />
        <span className="pointer-events-none absolute bottom-0.5 left-2 max-w-60 truncate text-sm leading-tight text-slate">
          <SavedWords editor={editor} saving={saving} />
        </span>
      </span>
      <Button onClick={onAdd} aria-label="Add a line" className="max-md:hidden">
        Add
      </Button>
      <Button onClick={editor.undo} disabled={!editor.canUndo}>
        Undo
      </Button>
      <Button tone="strong" onClick={onSave} disabled={!editor.dirty || saving}>
        Save
      </Button>
      <MenuButton label="More" align="end" items={more} />
    </div>
  )
}
