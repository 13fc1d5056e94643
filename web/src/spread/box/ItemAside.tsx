import { putAway, removeGear, takeOut, type Gear } from '../../draft/queries'
import { Button } from '../../shared/ui/Button'
import { ItemForm } from '../gear/ItemForm'
import type { Item } from '../gear/item'
import type { OpenedItem } from '../gear/useItem'
import { saveItem } from './restore'
import type { BoxEdits } from './useBox'

/** On a phone it lies over the shelves, and is longer than the screen. */
const fromItsHead = (shown: HTMLElement | null) => shown?.scrollIntoView?.({ block: 'start' })

/** One item opened beside the shelves: corrected, put away, taken out again, removed. */
export function ItemAside({
  boat,
  gear,
  item,
  opened,
  edits,
}: {
  boat: string
  gear: Gear
  item: Item
  opened: OpenedItem
  edits: BoxEdits
}) {
  const { gearId: id, name, version } = item.body
  const put = edits.away.find(({ thing }) => thing === id)
  const done = (words: string, run: () => Promise<unknown>, then = opened.close) => {
    void edits.act(async () => {
      await run()
      then()
      return words
    })
  }
  return (
    <aside
      aria-label="Item"
      key={id}
      ref={fromItsHead}
      className="w-[430px] shrink-0 overflow-auto border-l border-ink/25 p-4 max-md:order-first max-md:w-auto max-md:border-b max-md:border-l-0"
    >
      <ItemForm
        {...{ gear, item, opened }}
        onKeep={async (kept) => {
          await edits.attempt(async () => {
            await saveItem(boat, kept)
            return version === 0 ? `${kept.body.name} is in the box.` : `${kept.body.name} is changed.`
          })
          opened.done()
        }}
      >
        {version > 0 && !put && (
          <Button tone="quiet" onClick={() => done(`${name} is put away.`, () => putAway(boat, id))}>
            Put away
          </Button>
        )}
        {put && (
          <Button onClick={() => done(`${name} is taken out again.`, () => takeOut(boat, id))}>
            Take out again
          </Button>
        )}
        {put?.removable && (
          <Button
            tone="quiet"
            onClick={() => done(`${name} is removed.`, () => removeGear(boat, id), opened.done)}
          >
            Remove for good
          </Button>
        )}
      </ItemForm>
      {put && !put.removable && (
        <p className="mt-3 text-slate">
          It stays put away: a spread, a reel, a fit or a day still carries it.
        </p>
      )}
    </aside>
  )
}
