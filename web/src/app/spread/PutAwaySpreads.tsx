import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { putAway, takeOut, titlesOf, type Title } from '../../draft/queries'
import { Problem } from '../../shared/api/client'
import { Button } from '../../shared/ui/Button'
import { Sheet } from '../../shared/ui/Sheet'

/** Which spreads are in the lists: what is put away stays as it was, with its days, and comes back when it is taken out. */
export function AwaySheet({
  onClose,
  ...list
}: {
  boat: string
  titles: readonly Title[]
  openId: string
  onClose(): void
}) {
  return (
    <Sheet title="Spreads in the list" open onClose={onClose}>
      <p className="mb-3">
        What is put away stays as it was, with the days it was fished, and is not opened by itself.
      </p>
      <Spreads {...list} />
    </Sheet>
  )
}

/** Where every spread is put away; nothing where none was made. */
export function PutAwaySpreads({ boat, titles }: { boat: string; titles: readonly Title[] }) {
  if (titles.length === 0) return null
  return (
    <section className="mt-8 max-w-md">
      <h2 className="mb-2 text-lg font-bold">Put away</h2>
      <Spreads {...{ boat, titles }} />
    </section>
  )
}

function Spreads({ boat, titles, openId }: { boat: string; titles: readonly Title[]; openId?: string }) {
  const queries = useQueryClient()
  const [problem, setProblem] = useState<string | null>(null)
  const change = async ({ spreadId, putAway: isAway }: Title) => {
    try {
      await (isAway ? takeOut : putAway)(boat, spreadId)
      setProblem(null)
    } catch (error) {
      setProblem(error instanceof Problem ? error.said.join(' ') : 'Nothing was changed. Try again.')
    }
    await queries.invalidateQueries({ queryKey: titlesOf(boat).queryKey })
  }
  return (
    <>
      <ul className="divide-y divide-ink/20">
        {titles.map((title) => (
          <li key={title.spreadId} className="flex min-h-12 items-center gap-3">
            <span className={`grow ${title.putAway ? 'text-slate' : 'font-semibold'}`}>
              {title.name}
              {title.putAway && ', put away'}
              {title.spreadId === openId && ', open now'}
            </span>
            <Button small tone="quiet" onClick={() => void change(title)}>
              {title.putAway ? 'Take out' : 'Put away'}
              <span className="sr-only"> {title.name}</span>
            </Button>
          </li>
        ))}
      </ul>
      {problem && <p role="alert">{problem}</p>}
    </>
  )
}
