import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useRef, useState, type DragEvent } from 'react'
import { Problem } from '../../shared/api/client'
import { Button } from '../../shared/ui/Button'
import { Select } from '../../shared/ui/Select'
import { freshLine, freshLure, freshReel, ItemForm, type Item } from '../gear/ItemForm'
import {
  boxFile,
  fillBox,
  gearOf,
  lureKinds,
  saveLure,
  takeBox,
  type Gear,
  type Lure,
} from '../../draft/queries'
import { KIND_WORDS } from '../words'
import { look, type Shelf as ShelfName } from './model'
import { LineRow, LureRow, ReelRow, Shelf } from './Shelf'

const SHELVES: readonly (readonly [ShelfName, string])[] = [
  ['all', 'Everything'],
  ['lures', 'Lures and baits'],
  ['leads', 'Leads'],
  ['lines', 'Lines'],
  ['reels', 'Rods and reels'],
]

/** What is aboard: found by words, counted in place, opened to be corrected; a table goes out and comes in. */
export function BoxView({ boat, gear }: { boat: string; gear: Gear }) {
  const queries = useQueryClient()
  const kinds = useQuery(lureKinds()).data ?? []
  const [shelf, setShelf] = useState<ShelfName>('all')
  const [sought, setSought] = useState('')
  const [item, setItem] = useState<Item | null>(null)
  const [said, setSaid] = useState<readonly string[]>([])
  const file = useRef<HTMLInputElement>(null)
  const found = look(gear, shelf, sought)

  const refresh = () => queries.invalidateQueries({ queryKey: gearOf(boat).queryKey })
  const refused = (error: unknown) => {
    setSaid(error instanceof Problem ? error.said : [(error as Error).message])
  }
  const take = async (taken: File | undefined) => {
    if (!taken) return
    try {
      const { added, changed } = await takeBox(boat, await taken.text())
      setSaid([`Taken from the table: ${added} new, ${changed} changed.`])
      await refresh()
    } catch (error) {
      refused(error)
    }
  }
  const count = async (lure: Lure, by: number) => {
    try {
      await saveLure(boat, { ...lure, count: Math.max(0, (lure.count ?? 1) + by) })
      await refresh()
      setSaid([])
    } catch (error) {
      refused(error)
    }
  }
  const fill = async (waters: 'WARM' | 'COLD') => {
    try {
      await fillBox(boat, waters)
      await refresh()
      setSaid([])
    } catch (error) {
      refused(error)
    }
  }
  const bare = gear.lures.length + gear.lines.length + gear.reels.length === 0
  const onDrop = (event: DragEvent) => {
    event.preventDefault()
    void take(event.dataTransfer.files[0])
  }
  return (
    <main
      className="flex min-h-0 flex-1 max-md:flex-col"
      onDragOver={(event) => event.preventDefault()}
      onDrop={onDrop}
    >
      <div className="flex min-w-0 flex-1 flex-col overflow-hidden max-md:overflow-visible">
        <div className="flex flex-wrap items-center gap-2 border-b border-ink/20 px-4 py-1">
          <h1 className="mr-2 text-xl font-bold">The box</h1>
          <input
            aria-label="Find in the box"
            placeholder="find: pink feather"
            className="h-11 w-52 rounded-sm border-2 border-ink/50 bg-foam px-2"
            value={sought}
            onChange={(event) => setSought(event.target.value)}
          />
          <Select
            aria-label="Shelf"
            value={shelf}
            onChange={(event) => setShelf(event.target.value as ShelfName)}
          >
            {SHELVES.map(([value, words]) => (
              <option key={value} value={value}>
                {words}
              </option>
            ))}
          </Select>
          <Select
            aria-label="Add to the box"
            value=""
            onChange={(event) => {
              const chosen = event.target.value
              const kind = kinds.find((one) => one.kind === chosen)
              const like = gear.lines[0]
              if (kind) setItem({ what: 'lure', body: freshLure(kind) })
              else if (chosen === 'line' && like) setItem({ what: 'line', body: freshLine(like) })
              else if (chosen === 'reel') setItem({ what: 'reel', body: freshReel(gear.lines) })
            }}
          >
            <option value="" disabled>
              Add…
            </option>
            {kinds.map((kind) => (
              <option key={kind.kind} value={kind.kind}>
                {KIND_WORDS[kind.kind]}
              </option>
            ))}
            {gear.lines.length > 0 && <option value="line">a line</option>}
            <option value="reel">a rod with its reel</option>
          </Select>
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
          <input
            ref={file}
            type="file"
            accept=".csv,text/csv"
            aria-label="Table to take in"
            className="sr-only"
            tabIndex={-1}
            onChange={(event) => {
              void take(event.target.files?.[0])
              event.target.value = ''
            }}
          />
        </div>
        {said.length > 0 && (
          <div role="status" className="max-h-32 overflow-auto border-b border-ink/20 bg-shade px-4 py-2">
            {said.map((line) => (
              <p key={line}>{line}</p>
            ))}
          </div>
        )}
        <div className="grow overflow-auto px-4 pb-6" tabIndex={0} role="region" aria-label="What is aboard">
          {found.lures.length > 0 && (
            <Shelf title="Lures, baits and leads" heads="name and colour; kind, length, weight, speed">
              {found.lures.map((lure) => (
                <LureRow
                  key={lure.gearId}
                  lure={lure}
                  onOpen={() => setItem({ what: 'lure', body: lure })}
                  onCount={(by) => void count(lure, by)}
                />
              ))}
            </Shelf>
          )}
          {found.lines.length > 0 && (
            <Shelf title="Lines" heads="name; kind, thickness, rated strength">
              {found.lines.map((line) => (
                <LineRow key={line.gearId} line={line} onOpen={() => setItem({ what: 'line', body: line })} />
              ))}
            </Shelf>
          )}
          {found.reels.length > 0 && (
            <Shelf title="Rods and reels" heads="name; main line, what it holds">
              {found.reels.map((reel) => (
                <ReelRow
                  key={reel.gearId}
                  {...{ reel, gear }}
                  onOpen={() => setItem({ what: 'reel', body: reel })}
                />
              ))}
            </Shelf>
          )}
          {found.lures.length + found.lines.length + found.reels.length === 0 && (
            <div className="py-8">
              <p>
                {bare
                  ? 'The box is empty.'
                  : 'Nothing here by these words. Add it above, or take in a table.'}
              </p>
              {bare && (
                <>
                  <p className="mb-3 max-w-prose">
                    Begin with usual lures, lines and reels and correct them to your own, take in a table, or
                    add one by one.
                  </p>
                  <div className="flex gap-3">
                    <Button tone="strong" onClick={() => void fill('WARM')}>
                      Usual box, warm water
                    </Button>
                    <Button tone="strong" onClick={() => void fill('COLD')}>
                      Usual box, cold water
                    </Button>
                  </div>
                </>
              )}
            </div>
          )}
        </div>
      </div>
      {item && (
        <aside
          aria-label="Item"
          ref={(shown) => shown?.scrollIntoView?.({ block: 'nearest' })}
          className="w-[430px] shrink-0 overflow-auto border-l border-ink/25 p-4 max-md:order-first max-md:w-auto max-md:border-b max-md:border-l-0"
        >
          <ItemForm
            key={item.body.gearId}
            {...{ boat, gear, item }}
            onChange={setItem}
            onDone={() => setItem(null)}
          />
        </aside>
      )}
    </main>
  )
}
