import { Button } from '../../shared/ui/Button'
import { Field } from '../../shared/ui/Field'
import { TypedField } from '../../shared/ui/TypedField'
import type { Fact } from '../fold/model'
import { TimeField } from '../TimeField'

/** What can be said anew of any fact. */
export interface ToldEdits {
  onRetimed(fact: Fact, at: number, words: string): void
  onNoted(fact: Fact, note: string, words: string): void
  onTakeBack(fact: Fact, words: string): void
}

/** One thing that was told, and what puts it right. */
export function ToldRow({
  fact,
  words,
  notes,
  clock,
  edits,
  open,
  onOpen,
}: {
  fact: Fact
  words: string
  notes: readonly string[]
  clock(at: number): string
  edits: ToldEdits
  open: boolean
  onOpen(): void
}) {
  const at = Date.parse(fact.happenedAt)
  return (
    <li>
      <button
        type="button"
        aria-expanded={open}
        className="flex min-h-11 w-full items-center gap-3 text-left hover:underline"
        onClick={onOpen}
      >
        <span className="font-mono">{clock(at)}</span>
        <span className="grow">{words}</span>
      </button>
      {notes.map((note, nth) => (
        <p key={nth} className="pb-1 pl-14 text-slate">
          {note}
        </p>
      ))}
      {open && (
        <div className="flex flex-wrap items-end gap-4 pb-3">
          <TimeField
            label={`Time of: ${words}`}
            at={at}
            shown={clock(at)}
            onMoved={(moved) => edits.onRetimed(fact, moved, words)}
          />
          <Field label="Note">
            <TypedField
              label={`Note on: ${words}`}
              value=""
              size={28}
              className="h-11 font-sans"
              onCommit={(typed) => {
                if (typed.trim() === '') return 'Type what there is to say.'
                edits.onNoted(fact, typed.trim(), words)
                return null
              }}
            />
          </Field>
          <Button onClick={() => edits.onTakeBack(fact, words)}>Take it back</Button>
        </div>
      )}
    </li>
  )
}
