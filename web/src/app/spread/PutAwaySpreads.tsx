import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { putAway, putAwayOf, removeSpread, takeOut, titlesOf, type Title } from '../../draft/queries'
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
  const [sure, setSure] = useState<string | null>(null)
  const away = useQuery(putAwayOf(boat)).data ?? []
  const removable = new Set(away.flatMap(({ thing, removable: may }) => (may ? [thing] : [])))
  const change = async (done: Promise<unknown>) => {
    setSure(null)
    try {
      await done
      setProblem(null)
    } catch (error) {
      setProblem(error instanceof Problem ? error.said.join(' ') : 'Nothing was changed. Try again.')
    }
    await queries.invalidateQueries({ queryKey: titlesOf(boat).queryKey })
    await queries.invalidateQueries({ queryKey: putAwayOf(boat).queryKey })
  }
  return (
    <>
      <ul className="divide-y divide-ink/20">
        {titles.map((title) => (
          <li key={title.spreadId} className="flex min-h-12 flex-wrap items-center gap-x-3">
            <span className={`grow ${title.putAway ? 'text-slate' : 'font-semibold'}`}>
              {title.name}
              {title.putAway && ', put away'}
              {title.spreadId === openId && ', open now'}
            </span>
            {title.putAway && title.spreadId !== openId && removable.has(title.spreadId) && (
              <Remove
                title={title}
                sure={sure === title.spreadId}
                onAsk={setSure}
                onRemove={() => void change(removeSpread(boat, title.spreadId))}
              />
            )}
            <Button
              small
              tone="quiet"
              onClick={() => void change((title.putAway ? takeOut : putAway)(boat, title.spreadId))}
            >
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

/** Of a spread that no day was fished with; asked twice, for it cannot be undone. */
function Remove({
  title,
  sure,
  onAsk,
  onRemove,
}: {
  title: Title
  sure: boolean
  onAsk(spread: string | null): void
  onRemove(): void
}) {
  if (!sure)
    return (
      <Button small tone="quiet" onClick={() => onAsk(title.spreadId)}>
        Remove for good<span className="sr-only"> {title.name}</span>
      </Button>
    )
  return (
    <span className="flex items-center gap-2" role="group" aria-label={`Remove ${title.name}`}>
      It cannot be brought back.
      <Button small onClick={onRemove}>
        Remove it
      </Button>
      <Button small tone="quiet" onClick={() => onAsk(null)}>
        Keep it
      </Button>
    </span>
  )
}
