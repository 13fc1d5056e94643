import { useRef } from 'react'
import { boxFile, type Gear } from '../../draft/queries'
import { FileInput } from '../../shared/ui/FileInput'
import { Button } from '../../shared/ui/Button'
import { Select } from '../../shared/ui/Select'
import { AddItem } from '../gear/AddItem'
import type { Item } from '../gear/item'
import type { Shelf } from './model'

const SHELVES: readonly (readonly [Shelf, string])[] = [
  ['all', 'Everything'],
  ['lures', 'Lures and baits'],
  ['leads', 'Leads'],
  ['lines', 'Lines'],
  ['reels', 'Rods and reels'],
  ['away', 'Put away'],
]

/** Found by words, by shelf; added one by one or by a table; taken back. */
export function BoxBar({
  boat,
  gear,
  shelf,
  sought,
  undo,
  onShelf,
  onSought,
  onItem,
  onTable,
}: {
  boat: string
  gear: Gear
  shelf: Shelf
  sought: string
  undo: (() => void) | null
  onShelf(shelf: Shelf): void
  onSought(words: string): void
  onItem(item: Item): void
  onTable(file: File): void
}) {
  const file = useRef<HTMLInputElement>(null)
  return (
    <div className="flex flex-wrap items-center gap-2 border-b border-ink/20 px-4 py-1">
      <h1 className="mr-2 text-xl font-bold">The box</h1>
      <input
        aria-label="Find in the box"
        placeholder="find: pink feather"
        className="h-11 w-52 rounded-sm border-2 border-ink/50 bg-foam px-2"
        value={sought}
        onChange={(event) => onSought(event.target.value)}
      />
      <Select aria-label="Shelf" value={shelf} onChange={(event) => onShelf(event.target.value as Shelf)}>
        {SHELVES.map(([value, words]) => (
          <option key={value} value={value}>
            {words}
          </option>
        ))}
      </Select>
      <AddItem {...{ gear, onItem }} />
      {undo && (
        <Button small onClick={undo}>
          Undo
        </Button>
      )}
      <span className="grow" />
      <a
        className="flex min-h-11 items-center px-2 font-semibold underline-offset-4 hover:underline"
        href={boxFile(boat)}
        download
      >
        Table out
      </a>
      <Button small tone="quiet" onClick={() => file.current?.click()}>
        Table in
      </Button>
      <FileInput input={file} label="Table to take in" accept=".csv,text/csv" onFile={onTable} />
    </div>
  )
}
