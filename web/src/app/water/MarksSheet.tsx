import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import type { Problem } from '../../shared/api/client'
import { sources } from '../../shared/device'
import { Button } from '../../shared/ui/Button'
import { Field } from '../../shared/ui/Field'
import { LargeFile } from '../../shared/ui/LargeFile'
import { PositionField } from '../../shared/ui/PositionField'
import { Sheet } from '../../shared/ui/Sheet'
import { TypedField } from '../../shared/ui/TypedField'
import { printPosition, type Position } from '../../units/position'
import { marksOf, removeMark, saveMark, type Mark, type MarksTaken } from '../../water/queries'

/** Places with a name: typed, taken in from a file of waypoints, taken along as one. */
export function MarksSheet({
  boat,
  marks,
  onClose,
}: {
  boat: string
  marks: readonly Mark[]
  onClose(): void
}) {
  const client = useQueryClient()
  const [said, setSaid] = useState<string | null>(null)
  const changed = () => client.invalidateQueries({ queryKey: marksOf(boat).queryKey })
  const doing = async (what: Promise<unknown>) => {
    try {
      await what
      setSaid(null)
    } catch (error) {
      setSaid((error as Problem).said?.join(' ') ?? (error as Error).message)
    }
    await changed()
  }
  return (
    <Sheet title="Marks" open onClose={onClose}>
      <div className="flex flex-wrap items-center gap-4 border-b-2 border-ink/30 pb-3">
        <LargeFile<MarksTaken>
          words="Take in waypoints…"
          label="Waypoints, GPX"
          accept=".gpx,application/gpx+xml"
          to={() => ({ path: `/api/boats/${boat}/marks.gpx`, type: 'application/gpx+xml' })}
          onDone={(taken) => {
            setSaid(takenWords(taken))
            void changed()
          }}
        />
        {marks.length > 0 && (
          <a
            className="inline-flex min-h-11 items-center underline underline-offset-4"
            href={`/api/boats/${boat}/marks.gpx`}
            download
          >
            All as GPX
          </a>
        )}
      </div>
      <NewMark
        onSave={(mark) => void doing(saveMark(boat, { ...mark, markId: sources.uuid(), version: 0 }))}
      />
      {said && <p role="status">{said}</p>}
      <ul className="mt-2">
        {marks.map((mark) => (
          <li key={mark.markId} className="flex items-center gap-3 border-b border-ink/20 py-1">
            <TypedField
              label={`Name of ${mark.name}`}
              value={mark.name}
              size={18}
              className="h-11"
              onCommit={(name) => {
                if (name.trim() === '') return 'Type a name.'
                void doing(saveMark(boat, { ...mark, name: name.trim() }))
                return null
              }}
            />
            <span className="grow text-sm text-slate">{printPosition(mark)}</span>
            <Button small onClick={() => void doing(removeMark(boat, mark))}>
              Remove
            </Button>
          </li>
        ))}
      </ul>
    </Sheet>
  )
}

function NewMark({ onSave }: { onSave(mark: Position & { name: string }): void }) {
  const [name, setName] = useState('')
  const [at, setAt] = useState<Position | null>(null)
  return (
    <div className="flex flex-wrap items-end gap-3 border-b-2 border-ink/30 py-3">
      <Field label="New mark">
        <input
          className="h-11 rounded-sm border-2 border-ink/50 bg-foam px-1.5"
          aria-label="New mark"
          maxLength={60}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
      </Field>
      <PositionField label="Latitude and longitude" at={at} onSet={setAt} />
      <Button
        disabled={name.trim() === '' || !at}
        title="Type a name and a place first"
        onClick={() => {
          onSave({ name: name.trim(), ...at! })
          setName('')
          setAt(null)
        }}
      >
        Keep it
      </Button>
    </div>
  )
}

const takenWords = ({ taken, here, nowhere }: MarksTaken): string =>
  [
    `${taken} taken in`,
    ...(here > 0 ? [`${here} were here already`] : []),
    ...(nowhere > 0 ? [`${nowhere} left out, at no place on earth`] : []),
  ].join('; ') + '.'
