import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Button } from '../../shared/ui/Button'
import { Select } from '../../shared/ui/Select'
import { Sheet } from '../../shared/ui/Sheet'
import { lureKinds, type Gear, type LureKind } from '../../draft/queries'
import { KIND_WORDS } from '../words'
import { freshLine, freshLure, ItemForm, type Item } from './ItemForm'

/** What is aboard, with the coefficients each item is computed from; correct them where you know better. */
export function GearSheet({
  boat,
  gear,
  open,
  onClose,
}: {
  boat: string
  gear: Gear
  open: boolean
  onClose(): void
}) {
  const [item, setItem] = useState<Item | null>(null)
  const kinds = useQuery({ ...lureKinds(), enabled: open })

  return (
    <Sheet title="Gear aboard" open={open} onClose={onClose} wide>
      {item ? (
        <ItemForm {...{ boat, gear, item }} onChange={setItem} onDone={() => setItem(null)} />
      ) : (
        <Lists gear={gear} kinds={kinds.data ?? []} onChoose={setItem} />
      )}
    </Sheet>
  )
}

function Lists({
  gear,
  kinds,
  onChoose,
}: {
  gear: Gear
  kinds: readonly LureKind[]
  onChoose(item: Item): void
}) {
  return (
    <div className="grid gap-6 md:grid-cols-2">
      <section>
        <h3 className="mb-1 text-lg font-bold">Lures and weights</h3>
        <ul className="divide-y divide-ink/20">
          {gear.lures.map((lure) => (
            <li key={lure.gearId}>
              <button
                type="button"
                className="min-h-11 w-full text-left hover:underline"
                onClick={() => onChoose({ what: 'lure', body: lure })}
              >
                <b>{lure.name}</b>{' '}
                <span className="text-slate">
                  {lure.colour}, {KIND_WORDS[lure.kind]}
                </span>
              </button>
            </li>
          ))}
        </ul>
        <label className="mt-3 flex items-center gap-2">
          Add a
          <Select
            aria-label="Add a lure or weight"
            value=""
            onChange={(event) => {
              const kind = kinds.find((k) => k.kind === event.target.value)
              if (kind) onChoose({ what: 'lure', body: freshLure(kind) })
            }}
          >
            <option value="" disabled>
              choose a kind
            </option>
            {kinds.map((kind) => (
              <option key={kind.kind} value={kind.kind}>
                {KIND_WORDS[kind.kind]}
              </option>
            ))}
          </Select>
        </label>
      </section>
      <section>
        <h3 className="mb-1 text-lg font-bold">Lines</h3>
        <ul className="divide-y divide-ink/20">
          {gear.lines.map((line) => (
            <li key={line.gearId}>
              <button
                type="button"
                className="min-h-11 w-full text-left font-bold hover:underline"
                onClick={() => onChoose({ what: 'line', body: line })}
              >
                {line.name}
              </button>
            </li>
          ))}
        </ul>
        <Button
          className="mt-3"
          disabled={gear.lines.length === 0}
          onClick={() => {
            const like = gear.lines[0]
            if (like) onChoose({ what: 'line', body: freshLine(like) })
          }}
        >
          Add a line
        </Button>
      </section>
    </div>
  )
}
