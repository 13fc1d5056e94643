import { useState, type DragEvent } from 'react'
import { fillBox, saveLure, takeBox, type Gear, type Lure } from '../../draft/queries'
import { useItem } from '../gear/useItem'
import { Bare } from './Bare'
import { BoxBar } from './BoxBar'
import { ItemAside } from './ItemAside'
import { look, type Shelf } from './model'
import { Shelves } from './Shelves'
import { useBox } from './useBox'

/** What is aboard: found by words, counted in place, opened to be corrected; a table goes out and comes in. */
export function BoxView({ boat, gear }: { boat: string; gear: Gear }) {
  const [shelf, setShelf] = useState<Shelf>('all')
  const [sought, setSought] = useState('')
  const opened = useItem(boat)
  const edits = useBox(boat, gear)
  const away = new Set(edits.away.map(({ thing }) => thing))
  const found = look(gear, away, shelf, sought)
  const take = (file: File) =>
    void edits.act(async () => {
      const { added, changed } = await takeBox(boat, await file.text())
      return `Taken from the table: ${added} new, ${changed} changed.`
    })
  const count = (lure: Lure, by: number) =>
    void edits.act(async () => {
      const aboard = Math.max(0, (lure.count ?? 1) + by)
      await saveLure(boat, { ...lure, count: aboard })
      return `${lure.name}: ${aboard === 0 ? 'none' : aboard} aboard.`
    })
  const fill = (waters: 'WARM' | 'COLD') =>
    void edits.act(async () => {
      const { lures, lines, reels } = await fillBox(boat, waters)
      return `The usual box: ${lures.length} lures and leads, ${lines.length} lines, ${reels.length} sorts of reel.`
    })
  const drop = (event: DragEvent) => {
    event.preventDefault()
    const file = event.dataTransfer.files[0]
    if (file) take(file)
  }
  return (
    <main
      className="flex min-h-0 flex-1 max-md:flex-col"
      onDragOver={(event) => event.preventDefault()}
      onDrop={drop}
    >
      <div className="flex min-w-0 flex-1 flex-col overflow-hidden max-md:overflow-visible">
        <BoxBar
          {...{ boat, gear, shelf, sought }}
          undo={edits.undo && (() => void edits.undo?.())}
          onShelf={setShelf}
          onSought={setSought}
          onItem={opened.open}
          onTable={take}
        />
        {edits.said.length > 0 && (
          <div role="status" className="max-h-32 overflow-auto border-b border-ink/20 bg-shade px-4 py-2">
            {edits.said.map((line) => (
              <p key={line}>{line}</p>
            ))}
          </div>
        )}
        <div className="grow overflow-auto px-4 pb-6" tabIndex={0} role="region" aria-label="What is aboard">
          <Shelves {...{ found, gear }} onItem={opened.open} onCount={count} />
          {found.lures.length + found.lines.length + found.reels.length === 0 && (
            <Bare
              bare={gear.lures.length + gear.lines.length + gear.reels.length === 0}
              away={shelf === 'away'}
              onFill={fill}
            />
          )}
        </div>
      </div>
      {opened.item && <ItemAside {...{ boat, gear, opened, edits }} item={opened.item} />}
    </main>
  )
}
