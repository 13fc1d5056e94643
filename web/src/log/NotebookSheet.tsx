import { useQuery } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { Button } from '../shared/ui/Button'
import { FileInput } from '../shared/ui/FileInput'
import { Select } from '../shared/ui/Select'
import { Sheet } from '../shared/ui/Sheet'
import { useUnits } from '../units/UnitsContext'
import { importsOf, type Notebook, type Target } from './queries'
import { useNotebook } from './useNotebook'

/** Old notebooks into the log: any columns, any order, with as much as each row says. */
export function NotebookSheet({
  boat,
  when,
  onClose,
}: {
  boat: string
  /** A moment in words. */
  when(at: string): string
  onClose(): void
}) {
  const units = useUnits()
  const book = useNotebook(boat, units.choice.distance !== 'METRE')
  return (
    <Sheet title="Take in a notebook" open onClose={onClose} wide>
      {book.said && (
        <p
          role={book.said.wrong ? 'alert' : 'status'}
          className={`mb-3 border-l-4 pl-3 ${book.said.wrong ? 'border-rust' : 'border-moss'}`}
        >
          {book.said.words}
        </p>
      )}
      {book.looked ? (
        <Looked book={book} />
      ) : (
        <Choose onTable={(table, name) => book.open(table, name)} busy={book.busy} />
      )}
      <Imports {...{ boat, when }} onBack={book.takeBack} />
    </Sheet>
  )
}

function Choose({ onTable, busy }: { onTable(table: Blob, name: string): void; busy: boolean }) {
  const input = useRef<HTMLInputElement>(null)
  const [typed, setTyped] = useState('')
  return (
    <>
      <p className="mb-3 max-w-prose">
        One row a strike, with whatever is known of it: month, place, tide, colour, leader… What a row does
        not say stays unknown. Columns may come in any order, parted by commas, semicolons or tabs.
      </p>
      <p className="mb-3">
        <Button tone="strong" disabled={busy} onClick={() => input.current?.click()}>
          Choose a table…
        </Button>
        <FileInput
          input={input}
          label="Notebook to take in"
          accept=".csv,.txt,.tsv,text/csv,text/plain"
          onFile={(file) => onTable(file, file.name)}
        />
      </p>
      <label className="block">
        Or type or paste it here, names of the columns first
        <textarea
          className="mt-1 block h-36 w-full rounded-sm border-2 border-ink/60 bg-foam p-2 font-mono text-sm"
          value={typed}
          placeholder={'date, place, fish, depth (m)\n18 June 2019, The Knuckle, king, 12'}
          onChange={(event) => setTyped(event.target.value)}
        />
      </label>
      <p className="mt-2">
        <Button disabled={busy || typed.trim() === ''} onClick={() => onTable(new Blob([typed]), 'Typed')}>
          Look at it
        </Button>
      </p>
    </>
  )
}

function Looked({ book }: { book: ReturnType<typeof useNotebook> }) {
  const { seen, reading } = book.looked!
  return (
    <div data-testid="notebook">
      <div className="mb-3 flex flex-wrap items-center gap-3">
        <label>
          6.7. is{' '}
          <Select
            value={reading.dayFirst ? 'day' : 'month'}
            onChange={(event) => book.read({ dayFirst: event.target.value === 'day' })}
          >
            <option value="day">6 July</option>
            <option value="month">7 June</option>
          </Select>
        </label>
        <label>
          Figures without a unit are{' '}
          <Select
            value={reading.feet ? 'feet' : 'metric'}
            onChange={(event) => book.read({ feet: event.target.value === 'feet' })}
          >
            <option value="metric">m, cm, °C</option>
            <option value="feet">ft, in, °F</option>
          </Select>
        </label>
      </div>
      <Columns seen={seen} onColumn={book.column} />
      <p className="my-3 text-lg font-semibold" role="status">
        {seen.readable} of {seen.rows} {seen.rows === 1 ? 'row' : 'rows'} can be taken in
        {seen.refusedRows > 0 && `, ${seen.refusedRows} cannot: mend them below, or take in the rest first`}.
      </p>
      <div className="flex flex-wrap gap-2">
        <Button tone="strong" disabled={book.busy || seen.readable === 0 || !!seen.taken} onClick={book.take}>
          Take in {seen.readable} {seen.readable === 1 ? 'row' : 'rows'}
        </Button>
        <Button onClick={book.another}>Another table</Button>
      </div>
      {seen.refused.length > 0 && <Refused seen={seen} onMended={book.mended} />}
    </div>
  )
}

function Columns({ seen, onColumn }: { seen: Notebook; onColumn(at: number, target: Target): void }) {
  return (
    <table className="w-full text-left">
      <caption className="sr-only">What each column holds</caption>
      <thead>
        <tr className="border-b-2 border-ink">
          <th scope="col">Column</th>
          <th scope="col">holds</th>
          <th scope="col">such as</th>
        </tr>
      </thead>
      <tbody>
        {seen.columns.map(({ header, target, samples }, i) => (
          <tr key={`${i} ${header}`} className="border-b border-ink/20">
            <td className="pr-3">{header}</td>
            <td className="py-1 pr-3">
              <Select
                aria-label={`${header} holds`}
                value={target}
                onChange={(event) => onColumn(i, event.target.value as Target)}
              >
                {seen.targets.map((one) => (
                  <option key={one.target} value={one.target}>
                    {one.words}
                  </option>
                ))}
              </Select>
            </td>
            <td className="text-sm text-slate">{samples.join(' · ')}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

/** Rows that cannot be read, each with why; mended here they are looked at as a table of their own. */
function Refused({ seen, onMended }: { seen: Notebook; onMended(table: Blob): void }) {
  const [typed, setTyped] = useState(() => tableOf(seen))
  return (
    <section aria-label="Rows that cannot be read" className="mt-4">
      <h3 className="font-bold">Rows that cannot be read</h3>
      <ul className="my-2 max-h-48 overflow-y-auto text-sm">
        {seen.refused.map(({ line, header, value, says }) => (
          <li key={line}>
            Line {line}
            {header && `, ${header}`}
            {value && `: “${value}”`}. {says}
          </li>
        ))}
      </ul>
      <label className="block">
        Mend them here
        <textarea
          className="mt-1 block h-32 w-full rounded-sm border-2 border-ink/60 bg-foam p-2 font-mono text-sm"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
      </label>
      <p className="mt-2">
        <Button onClick={() => onMended(new Blob([typed]))}>Look at the mended rows</Button>
      </p>
    </section>
  )
}

/** With quotes where a cell needs them. */
const tableOf = ({ columns, refused }: Notebook): string =>
  [columns.map(({ header }) => header), ...refused.map(({ cells }) => cells)]
    .map((cells) =>
      cells.map((cell) => (/[",;\n]/.test(cell) ? `"${cell.replaceAll('"', '""')}"` : cell)).join(','),
    )
    .join('\n')

function Imports({
  boat,
  when,
  onBack,
}: {
  boat: string
  when(at: string): string
  onBack(imported: string): void
}) {
  const { data } = useQuery(importsOf(boat))
  if (!data || data.length === 0) return null
  return (
    <section aria-label="Taken in before" className="mt-5 border-t-2 border-ink pt-2">
      <h3 className="font-bold">Taken in before</h3>
      <ul>
        {data.map(({ importId, name, takenAt, rows }) => (
          <li key={importId} className="flex flex-wrap items-center justify-between gap-2">
            {name}, {rows} {rows === 1 ? 'row' : 'rows'}, {when(takenAt)}
            <Button small onClick={() => onBack(importId)}>
              Take it back
            </Button>
          </li>
        ))}
      </ul>
    </section>
  )
}
