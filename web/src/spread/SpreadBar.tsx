import { Button } from '../shared/ui/Button'
import { MenuButton } from '../shared/ui/MenuButton'
import { TypedField } from '../shared/ui/TypedField'
import { EditState } from '../draft/EditState'
import { setName } from '../draft/model'
import type { Title } from '../draft/queries'
import type { Editor } from '../draft/useEditor'

/** Which spread this is, and what can be done with it as a whole. */
export function SpreadBar({
  editor,
  titles,
  saving,
  table,
  onAdd,
  onOpen,
  onNew,
  onCopy,
  onSave,
  onRevert,
  onTable,
  onGear,
  onWater,
  onRefill,
  onSetting,
  onClearing,
  order,
}: {
  editor: Editor
  titles: readonly Title[]
  saving: boolean
  table: boolean
  /** Absent where no line can be added. */
  onAdd: (() => void) | undefined
  onOpen(spreadId: string): void
  onNew(): void
  onCopy(): void
  onSave(): void
  onRevert(): void
  onTable(): void
  onGear(): void
  onWater(): void
  /** Absent while it runs, or where no day is planned. */
  onRefill: (() => void) | undefined
  onSetting(): void
  /** Absent where no line is selected. */
  onClearing: (() => void) | undefined
  /** Which order is shown. */
  order: 'set' | 'clear' | null
}) {
  const rename = (typed: string): string | null => {
    const name = typed.trim()
    if (name === '' || name.length > 60) return 'Give it a name of up to 60 characters.'
    editor.edit((doc) => setName(doc, name))
    return null
  }
  return (
    <div className="flex shrink-0 flex-wrap items-center gap-1 border-b border-ink/20 px-4 py-1">
      <TypedField
        label="Name of the spread"
        value={editor.doc.name}
        onCommit={rename}
        size={20}
        className="h-9 border-transparent font-sans text-base font-bold hover:border-ink/50"
      />
      <SpreadMenu
        {...{ titles, onOpen, onNew, onCopy }}
        onRevert={editor.dirty ? onRevert : undefined}
        current={editor.base.spreadId}
      />
      <Button small onClick={onAdd} disabled={!onAdd}>
        Add a line
      </Button>
      <Button
        small
        onClick={onRefill}
        disabled={!onRefill}
        title="Calls every line that is not locked anew, from the day's plan"
      >
        Call the rest
      </Button>
      <Button small onClick={onWater}>
        Water
      </Button>
      <Button small onClick={onSetting} aria-pressed={order === 'set'}>
        Setting order
      </Button>
      <Button small onClick={onClearing} disabled={!onClearing} aria-pressed={order === 'clear'}>
        Clearing order
      </Button>
      <span className="grow" />
      <EditState editor={editor} saving={saving} />
      <Button small onClick={onTable} aria-pressed={table}>
        {table ? 'Drawing' : 'Table'}
      </Button>
      <Button small onClick={onGear}>
        Gear
      </Button>
      <Button small tone="strong" onClick={onSave} disabled={!editor.dirty || saving}>
        Save
      </Button>
    </div>
  )
}

function SpreadMenu({
  titles,
  current,
  onOpen,
  onNew,
  onCopy,
  onRevert,
}: {
  titles: readonly Title[]
  current: string
  onOpen(spreadId: string): void
  onNew(): void
  onCopy(): void
  /** Absent where nothing is unsaved. */
  onRevert: (() => void) | undefined
}) {
  return (
    <MenuButton
      label="Spreads"
      align="start"
      items={[
        ...titles.map((title) => ({
          key: title.spreadId,
          words: (
            <>
              <span className={title.spreadId === current ? 'font-bold' : ''}>{title.name}</span>
              <span className="ml-auto text-slate">
                {title.lines === 1 ? 'one line' : `${title.lines} lines`}
              </span>
            </>
          ),
          onSelect: () => onOpen(title.spreadId),
        })),
        { key: 'new', words: 'New, from nothing', onSelect: onNew, apart: true },
        { key: 'copy', words: 'New, from this one', onSelect: onCopy },
        ...(onRevert ? [{ key: 'saved', words: 'Back to saved', onSelect: onRevert }] : []),
      ]}
    />
  )
}
