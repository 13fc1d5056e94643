import { useState } from 'react'
import { stored, useStored } from '../../shared/useStored'
import type { Item } from './item'

/** A new one has no id that another visit would know it by. */
const keyOf = (boat: string, { what, body }: Item) =>
  `moss.item.${boat}.${body.version > 0 ? body.gearId : `new ${what} ${'kind' in body ? body.kind : ''}`}`

const same = (a: Item, b: Item) => JSON.stringify(a) === JSON.stringify(b)

/** The item that is opened. What was changed of it and not kept stays on this device until it is opened again. */
export function useItem(boat: string) {
  const [opened, setOpened] = useState<Item | null>(null)
  const [restored, setRestored] = useState(false)
  const [mine, setMine] = useStored<Item>(opened ? keyOf(boat, opened) : 'moss.item')
  const forget = () => {
    setMine(null)
    setRestored(false)
  }
  return {
    /** As it is edited; it is kept over the one that is kept now. */
    item:
      mine && opened ? ({ ...mine, body: { ...mine.body, version: opened.body.version } } as Item) : opened,
    /** Whether it was changed on an earlier visit, and whether elsewhere since. */
    restored: restored && mine !== null,
    elsewhere: mine !== null && opened !== null && mine.body.version !== opened.body.version,
    open(item: Item) {
      setOpened(item)
      setRestored(stored(keyOf(boat, item)) !== null)
    },
    change: (item: Item) => setMine(opened && same(item, opened) ? null : item),
    forget,
    /** What was changed of it waits. */
    close: () => setOpened(null),
    done() {
      forget()
      setOpened(null)
    },
  }
}

export type OpenedItem = ReturnType<typeof useItem>
