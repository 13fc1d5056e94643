import { useQueryClient } from '@tanstack/react-query'
import { Sheet } from '../../shared/ui/Sheet'
import { gearOf, type Gear } from '../../draft/queries'
import { saveItem } from '../box/restore'
import { KIND_WORDS } from '../words'
import { AddItem } from './AddItem'
import { ItemForm } from './ItemForm'
import type { Item } from './item'
import { useItem } from './useItem'

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
  const opened = useItem(boat)
  const { item } = opened
  const queries = useQueryClient()
  const keep = async (kept: Item) => {
    await saveItem(boat, kept)
    await queries.invalidateQueries({ queryKey: gearOf(boat).queryKey })
    opened.done()
  }
  return (
    <Sheet title="Gear aboard" open={open} onClose={onClose} wide>
      {item ? (
        <ItemForm {...{ gear, item, opened }} onKeep={keep} />
      ) : (
        <Lists gear={gear} onChoose={opened.open} />
      )}
    </Sheet>
  )
}

function Lists({ gear, onChoose }: { gear: Gear; onChoose(item: Item): void }) {
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
        <AddItem gear={gear} onItem={onChoose} />
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
      </section>
    </div>
  )
}
