import { useState } from 'react'
import type { Fact } from '../fold/model'
import { Refused } from '../Refused'
import type { Item } from '../../shared/outbox/outbox'
import { Button } from '../../shared/ui/Button'
import { ToldRow, type ToldEdits } from './ToldRow'
import { toldWords, type Saying } from './words'

/** Says something about another fact: it stands with that one. */
const ABOUT_OTHERS = new Set(['ANNOTATED', 'CORRECTED', 'RETRACTED'])

const count = (told: number) =>
  told === 0 ? 'nothing that still stands' : told === 1 ? 'one thing' : `${told} things`

/** Everything that was told of a day, in time: each can be put right, and what was said first stays under it. */
export function ToldList({
  standing,
  takenBack,
  refused,
  saying,
  clock,
  edits,
  onRestore,
  onAgain,
  onDiscard,
}: {
  standing: readonly Fact[]
  takenBack: readonly { fact: Fact; by: string }[]
  refused: readonly Item[]
  saying: Saying
  clock(at: number): string
  edits: ToldEdits
  onRestore(by: string, words: string): void
  onAgain(item: Item, body: unknown): void
  onDiscard(id: string): void
}) {
  const [open, setOpen] = useState<string | null>(null)
  const told = standing.filter(({ kind }) => !ABOUT_OTHERS.has(kind))
  const notesOn = (factId: string) =>
    standing.filter(({ kind, payload }) => kind === 'ANNOTATED' && payload.targetId === factId)
  if (told.length + takenBack.length + refused.length === 0) return null
  return (
    <details data-testid="told" open={refused.length > 0 ? true : undefined}>
      <summary className="min-h-11 cursor-pointer py-2 font-bold">
        What was told, {count(told.length)}
      </summary>
      <p className="text-slate">
        What you put right is added to the day; what was said first stays under it.
      </p>
      <ul
        className="max-h-[420px] divide-y divide-ink/15 overflow-y-auto"
        tabIndex={0}
        aria-label="What was told"
      >
        {refused.map((item) => (
          <Refused key={item.id} {...{ item, onAgain, onDiscard }} />
        ))}
        {told.map((fact) => (
          <ToldRow
            key={fact.factId}
            {...{ fact, clock, edits }}
            words={toldWords(fact, saying)}
            notes={notesOn(fact.factId).map(({ payload }) => payload.note ?? '')}
            open={open === fact.factId}
            onOpen={() => setOpen(open === fact.factId ? null : fact.factId)}
          />
        ))}
        {takenBack.map(({ fact, by }) => (
          <li key={fact.factId} className="flex min-h-11 items-center gap-3 text-slate">
            <span className="font-mono">{clock(Date.parse(fact.happenedAt))}</span>
            <span className="grow">Taken back: {toldWords(fact, saying)}</span>
            <Button small onClick={() => onRestore(by, toldWords(fact, saying))}>
              Restore
            </Button>
          </li>
        ))}
      </ul>
    </details>
  )
}
