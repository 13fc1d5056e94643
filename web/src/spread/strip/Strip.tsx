import { memo } from 'react'
import { Button } from '../../shared/ui/Button'
import { Select } from '../../shared/ui/Select'
import { lureAtEnd, lineOf, removeLine, setHolder, setLocked, usableHolders } from '../../draft/model'
import type { Boat, Gear, Ground, Line, SolvedLine } from '../../draft/queries'
import type { Editing } from '../../draft/useEditor'
import { Pull, RunsAt, Speed } from './answers'
import { Cell } from './Cell'
import { Cable, LetOut } from './lengths'
import { TacklePanel } from './TacklePanel'

/** The selected line with its few controls, what each change would do, and the speed of all lines. */
export const Strip = memo(function Strip({
  editor,
  boat,
  gear,
  selected,
  solved,
  ground,
  onRemoved,
  onSeen,
}: {
  editor: Editing
  boat: Boat
  gear: Gear
  selected: string | null
  solved: readonly SolvedLine[]
  ground?: Ground
  onRemoved(): void
  /** It was seen elsewhere than computed. */
  onSeen(): void
}) {
  const line = lineOf(editor.doc, selected)
  const answer = solved.find((s) => s.lineId === selected)
  return (
    <section
      aria-label="Selected line"
      className="flex shrink-0 flex-wrap items-stretch border-t-2 border-ink bg-shade text-[14px]"
    >
      {line ? (
        <>
          <Named line={line} answer={answer} {...{ editor, boat, gear, solved, onRemoved }} />
          {line.deep && <Cable line={line} deep={line.deep} answer={answer} editor={editor} />}
          <LetOut line={line} answer={answer} editor={editor} />
          <RunsAt {...{ line, answer, editor, onSeen }} boat={boat.boatId} />
          <Pull line={line} answer={answer} editor={editor} />
        </>
      ) : (
        <Cell title="Selected">
          <p className="text-lg">No line. Choose one on the drawing, or add one.</p>
        </Cell>
      )}
      <Speed editor={editor} ground={ground} />
    </section>
  )
})

function Named({
  line,
  answer,
  editor,
  boat,
  gear,
  solved,
  onRemoved,
}: {
  line: Line
  answer: SolvedLine | undefined
  editor: Editing
  boat: Boat
  gear: Gear
  solved: readonly SolvedLine[]
  onRemoved(): void
}) {
  const lure = lureAtEnd(gear, line)
  const takenBy = (holderId: string) => {
    const other = editor.doc.draft.lines.find((l) => l.holderId === holderId && l.lineId !== line.lineId)
    return other && (solved.find((s) => s.lineId === other.lineId)?.label ?? 'taken')
  }
  return (
    <Cell
      title="Selected"
      tools={
        <Button
          small
          tone="quiet"
          className="-my-2 px-1"
          aria-pressed={line.locked === true}
          title="A locked line stays as it is when the rest is called anew."
          onClick={() => editor.edit((doc) => setLocked(doc, line.lineId, !line.locked))}
        >
          {line.locked ? 'Locked' : 'Lock'}
        </Button>
      }
    >
      <p className="max-w-64 truncate text-xl">
        <b>{answer?.label ?? '…'}</b> {lure?.name ?? 'no lure'}
        <span className="text-base text-slate"> {lure?.colour}</span>
      </p>
      <div className="flex items-center gap-2">
        <Select
          aria-label="Holder"
          className={line.deep ? 'w-28' : 'w-40'}
          value={line.holderId}
          onChange={(event) => {
            const holder = boat.holders.find((h) => h.holderId === event.target.value)
            if (holder) editor.edit((doc) => setHolder(doc, line.lineId, holder, gear))
          }}
        >
          {usableHolders(boat.holders, gear).map((holder) => {
            const other = takenBy(holder.holderId)
            return (
              <option key={holder.holderId} value={holder.holderId}>
                {other ? `${holder.name}: swap with ${other}` : holder.name}
              </option>
            )
          })}
        </Select>
        <TacklePanel
          {...{ line, editor, gear, solved }}
          boat={boat.boatId}
          label={answer?.label ?? ''}
          onRemove={() => {
            editor.edit((doc) => removeLine(doc, line.lineId))
            onRemoved()
          }}
        />
      </div>
    </Cell>
  )
}
