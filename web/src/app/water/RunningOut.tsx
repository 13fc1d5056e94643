import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Fragment, useRef, useState } from 'react'
import type { Problem } from '../../shared/api/client'
import { RANGES } from '../../shared/api/generated/ranges'
import { Button } from '../../shared/ui/Button'
import { TypedField } from '../../shared/ui/TypedField'
import { useUnits, type Figure } from '../../units/UnitsContext'
import { runningOf, saveRunning, type Running } from '../../water/queries'

type Part = Exclude<keyof Running, 'version'>

/** What can be told, in the order a sentence says it; `usual` is what core takes until it is. */
const PARTS: readonly { part: Part; words: string; after: string; figure: Figure; usual?: number }[] = [
  { part: 'runMps', words: 'Runs out at', after: '', figure: 'speed', usual: 8.2311 },
  { part: 'runLph', words: 'Burns then', after: 'an hour', figure: 'volume' },
  { part: 'trollLph', words: 'Trolling', after: 'an hour', figure: 'volume' },
  { part: 'tankL', words: 'Tank', after: '', figure: 'volume' },
]

/** How she gets there and what it burns: of the boat, told once for every device. */
export function RunningOut({ boat }: { boat: string }) {
  const units = useUnits()
  const client = useQueryClient()
  const kept = useQuery(runningOf(boat)).data
  const [problem, setProblem] = useState<string | null>(null)
  const last = useRef(Promise.resolve())
  if (!kept) return null
  const said = (si: number | undefined, figure: Figure) =>
    si === undefined ? 'not told' : units.say(figure, si)
  const save = async (part: Part, value: number | undefined) => {
    const { queryKey } = runningOf(boat)
    const { [part]: _had, ...rest } = client.getQueryData(queryKey) ?? kept
    try {
      client.setQueryData(
        queryKey,
        await saveRunning(boat, value === undefined ? rest : { ...rest, [part]: value }),
      )
      setProblem(null)
    } catch (error) {
      const { status, message } = error as Problem
      setProblem(
        status === 409 ? 'Another device told something else since: look, and say it again.' : message,
      )
    }
    await client.invalidateQueries({ queryKey })
    void client.invalidateQueries({ queryKey: ['water-begin', boat] })
  }
  /** One after the other: the next is told upon what the one before made. */
  const set = (part: Part, value: number | undefined) => {
    last.current = last.current.then(() => save(part, value))
  }
  return (
    <section aria-label="How she runs out" className="mb-3">
      <div className="grid grid-cols-[max-content_max-content_1fr_max-content] items-center gap-x-1.5">
        {PARTS.map(({ part, words, after, figure, usual }) => (
          <Fragment key={part}>
            <span>{words}</span>
            <TypedField
              label={words}
              value={said(kept[part] ?? usual, figure)}
              size={6}
              onCommit={(typed) => {
                const read = units.read(figure, typed)
                const { least, most } = RANGES.RunningBody[part]
                if (read === null || read < least || read > most)
                  return `Type from ${units.say(figure, least)} to ${units.say(figure, most)}.`
                set(part, read)
                return null
              }}
            />
            <span className="text-sm whitespace-nowrap text-slate">{after}</span>
            <Button
              small
              tone="quiet"
              className={kept[part] === undefined ? 'invisible' : ''}
              aria-label={`Forget: ${words}`}
              onClick={() => set(part, undefined)}
            >
              forget
            </Button>
          </Fragment>
        ))}
      </div>
      {problem && <p role="alert">{problem}</p>}
    </section>
  )
}
