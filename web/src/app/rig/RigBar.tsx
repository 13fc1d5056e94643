import type { BenchLine } from '../../rig/queries'
import { Button } from '../../shared/ui/Button'
import { MenuButton } from '../../shared/ui/MenuButton'
import { Select } from '../../shared/ui/Select'
import { usePhone } from '../../shared/usePhone'
import { EditState, SavedWords } from '../../draft/EditState'
import type { Title } from '../../draft/queries'
import type { Editor } from '../../draft/useEditor'

const CARDS: readonly (readonly [string, string])[] = [
  ['rig', 'Rig card'],
  ['spread', 'Spread card'],
  ['list', 'List of the evening'],
]

/** Which spread is on the bench, which line of it, and what can be done with it as a whole. */
export function RigBar({
  editor,
  titles,
  lines,
  chosen,
  table,
  saving,
  onChoose,
  onOpen,
  onSave,
  onTable,
  onNumbers,
  onPrint,
}: {
  editor: Editor
  titles: readonly Title[]
  lines: readonly BenchLine[]
  chosen: string | null
  table: boolean
  saving: boolean
  onChoose(lineId: string): void
  onOpen(spreadId: string): void
  onSave(): void
  onTable(): void
  onNumbers(): void
  onPrint(card: string): void
}) {
  const phone = usePhone()
  const cards = CARDS.map(([card, words]) => ({ key: card, words, onSelect: () => onPrint(card) }))
  const rest = [
    ...(editor.canRedo ? [{ key: 'redo', words: 'Redo', onSelect: editor.redo }] : []),
    { key: 'table', words: table ? 'Drawing' : 'Table', onSelect: onTable },
    { key: 'numbers', words: 'Numbers', onSelect: onNumbers },
  ]
  return (
    <div className="flex shrink-0 flex-wrap items-center gap-1.5 border-b border-ink/20 px-4 py-1">
      <Select
        aria-label="Spread"
        className="min-h-11 max-w-52 border-transparent font-bold hover:border-ink/60"
        value={editor.base.spreadId}
        onChange={(event) => onOpen(event.target.value)}
      >
        {titles
          .filter((title) => !title.putAway || title.spreadId === editor.base.spreadId)
          .map((title) => (
            <option key={title.spreadId} value={title.spreadId}>
              {title.name}
            </option>
          ))}
      </Select>
      <div role="group" aria-label="Line" className="flex flex-wrap">
        {lines.map((line) => (
          <button
            key={line.lineId}
            type="button"
            aria-pressed={line.lineId === chosen}
            title={`${line.label}, ${line.lure}`}
            className={`min-h-11 min-w-11 border-2 px-2 font-semibold ${line.lineId === chosen ? 'border-ink bg-lichen' : 'border-transparent hover:border-ink/40'}`}
            onClick={() => onChoose(line.lineId)}
          >
            {line.label}
            {line.window?.empty && (
              <span className="text-rust-text">
                {' !'}
                <span className="sr-only">, no strike drag works</span>
              </span>
            )}
          </button>
        ))}
      </div>
      <span className="grow" />
      {phone ? <SavedWords {...{ editor, saving }} /> : <EditState {...{ editor, saving }} />}
      {phone ? (
        <Button onClick={editor.undo} disabled={!editor.canUndo}>
          Undo
        </Button>
      ) : (
        <>
          <Button small onClick={onTable} aria-pressed={table}>
            {table ? 'Drawing' : 'Table'}
          </Button>
          <Button small onClick={onNumbers}>
            Numbers
          </Button>
          <MenuButton label="Paper" align="end" items={cards} />
        </>
      )}
      <Button tone="strong" onClick={onSave} disabled={!editor.dirty || saving}>
        Save
      </Button>
      {phone && <MenuButton label="More" align="end" items={[...rest, ...cards]} />}
    </div>
  )
}
