import { useMutation, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { titlesOf } from '../draft/queries'
import type { Problem } from '../shared/api/client'
import { sources } from '../shared/device'
import { Button } from '../shared/ui/Button'
import { Select } from '../shared/ui/Select'
import { Sheet } from '../shared/ui/Sheet'
import { useUnits } from '../units/UnitsContext'
import { readPaper, type Paper } from './queries'

const SHOWN = '05:10 set\n05:48 C1 mahi 1.1 m\n06:40 P1 lost, cut off\n07:15 birds diving\n09:30 up'

/** A day that was kept on paper, typed in as it is read. */
export function PaperSheet({
  boat,
  today,
  clock,
  onKept,
  onClose,
}: {
  boat: string
  today: string
  clock(at: string): string
  onKept(trip: string): void
  onClose(): void
}) {
  const titles = useQuery(titlesOf(boat)).data ?? []
  const [tripId] = useState(() => sources.uuid())
  const [day, setDay] = useState(today)
  const [spread, setSpread] = useState('')
  const [text, setText] = useState('')
  const spreadId = spread || (titles[0]?.spreadId ?? '')
  const read = useMutation({
    mutationFn: (take: boolean) => readPaper(boat, { tripId, day, name: 'From paper', spreadId, text, take }),
    // What could not be read stays typed: mended and kept again it joins the same day.
    onSuccess: (answer) => answer.kept && answer.refused.length === 0 && onKept(tripId),
  })
  return (
    <Sheet title="Type in a day" open onClose={onClose} wide>
      <p className="mb-3 max-w-prose">
        One row for each thing that happened: the time, then set, up, the line that had a fish and what it
        was, or what was seen. A strike without a fish is kept as lost. Until somebody says otherwise a line
        is out again eight minutes after a strike.
      </p>
      <div className="mb-3 flex flex-wrap items-end gap-4">
        <label className="block">
          Day
          <input
            type="date"
            className="mt-1 block h-11 rounded-sm border-2 border-ink/60 bg-foam px-2"
            value={day}
            onChange={(event) => setDay(event.target.value)}
          />
        </label>
        <label className="block">
          Spread that was fished
          <Select className="mt-1 block" value={spreadId} onChange={(event) => setSpread(event.target.value)}>
            {titles.map((title) => (
              <option key={title.spreadId} value={title.spreadId}>
                {title.name}
              </option>
            ))}
          </Select>
        </label>
      </div>
      {titles.length === 0 && (
        <p role="alert" className="mb-3 border-l-4 border-rust pl-3">
          She has no spread yet. Make one on Spread first: rows name its lines.
        </p>
      )}
      <label className="block">
        What happened
        <textarea
          className="mt-1 block h-44 w-full rounded-sm border-2 border-ink/60 bg-foam p-2 font-mono"
          value={text}
          placeholder={SHOWN}
          onChange={(event) => {
            setText(event.target.value)
            // Nobody keeps what was not looked at.
            read.reset()
          }}
        />
      </label>
      <p className="my-3 flex flex-wrap gap-2">
        <Button
          disabled={text.trim() === '' || spreadId === '' || day === '' || read.isPending}
          onClick={() => read.mutate(false)}
        >
          Look at it
        </Button>
        <Button
          tone="strong"
          disabled={!read.data || read.data.rows.length === 0 || read.isPending}
          onClick={() => read.mutate(true)}
        >
          Keep this day
        </Button>
      </p>
      {read.error && (
        <p role="alert" className="mb-3 border-l-4 border-rust pl-3">
          {(read.error as Problem).said?.join(' ') ?? read.error.message}
        </p>
      )}
      {read.data && <AsRead paper={read.data} clock={clock} />}
    </Sheet>
  )
}

function AsRead({ paper, clock }: { paper: Paper; clock(at: string): string }) {
  const units = useUnits()
  return (
    <section aria-label="As it was read" data-testid="paper">
      <p role="status" className="font-semibold">
        {paper.rows.length} {paper.rows.length === 1 ? 'row' : 'rows'} read{paper.kept && ' and kept'}
        {paper.refused.length > 0 &&
          `, ${paper.refused.length} not: mend them above, ${paper.kept ? 'and keep the day again' : 'or keep the rest'}`}
        . Lines are {paper.labels.join(', ')}.
      </p>
      <ul className="my-2 max-h-48 overflow-y-auto">
        {paper.refused.map(({ line, text, why }) => (
          <li key={line} className="border-l-4 border-rust pl-2">
            Line {line}: “{text}”. {why}
          </li>
        ))}
        {paper.rows.map((row) => (
          <li key={row.line}>
            <span className="font-mono">{clock(row.at)}</span>{' '}
            {rowWords(row, (m) => units.say('distance', m))}
          </li>
        ))}
      </ul>
    </section>
  )
}

/** A row as it was understood. */
export function rowWords(row: Paper['rows'][number], length: (metres: number) => string): string {
  const lines = row.labels.join(', ')
  const words = (text: string | undefined) => (text ?? '').toLowerCase().replaceAll('_', ' ')
  if (row.kind === 'SET') return `set ${lines}`
  if (row.kind === 'UP') return `up ${lines}`
  if (row.kind === 'SEEN') return `seen: ${words(row.seen)}`
  if (!row.species) return `strike on ${lines}, lost${row.how ? `: ${words(row.how)}` : ', nobody says how'}`
  return `strike on ${lines}: ${row.species}${row.lengthM ? `, ${length(row.lengthM)}` : ''}${row.released ? ', released' : ''}`
}
