import { useState, type ReactNode } from 'react'
import { Button } from '../shared/ui/Button'
import { Select } from '../shared/ui/Select'
import { useUnits } from '../units/UnitsContext'
import { LOSSES, type Loss } from './losses'
import { Refused } from './Refused'
import { StrikeSheet, type StrikeEdits } from './StrikeSheet'
import type { Item } from '../shared/outbox/outbox'
import type { Strike } from './useDay'

/** A strike button for each line, and the day's strikes. */
export function DayList({
  title,
  lines,
  strikes,
  refused,
  when,
  clock,
  onStrike,
  onLanded,
  onLost,
  edits,
  takenBack,
  onRestore,
  onAgain,
  onDiscard,
  days,
  folded = false,
}: {
  title: string
  lines: readonly { lineId: string; label: string }[]
  strikes: readonly Strike[]
  /** What the server would not take. */
  refused: readonly Item[]
  /** Words for the moment a strike would be logged at. */
  when: string
  clock(time: string): string
  onStrike(lineId: string, label: string): void
  onLanded(strike: Strike, species: string, released: boolean): void
  onLost(strike: Strike, how?: Loss): void
  edits: StrikeEdits
  /** The strike that was taken back last, until something else is said. */
  takenBack: Strike | null
  onRestore(): void
  onAgain(item: Item, body: unknown): void
  onDiscard(id: string): void
  /** Chooses which day out is shown. */
  days: ReactNode
  /** The day's strikes wait behind their number until one is made or asked for. */
  folded?: boolean
}) {
  const [shown, setShown] = useState(!folded)
  return (
    <section aria-label="Strikes" className="shrink-0 border-t border-ink/20 px-3 py-2">
      <div className="flex items-center justify-between">
        <h2 className="text-[15px] font-bold">Strike {when}</h2>
        {folded && (
          <button
            type="button"
            aria-expanded={shown}
            data-testid="day-fold"
            className="min-h-11 px-1 text-sm font-semibold underline"
            onClick={() => setShown(!shown)}
          >
            {count(strikes.length)}
          </button>
        )}
      </div>
      <div className="my-1.5 flex flex-wrap gap-[3px]">
        {lines.map((line) => (
          <Button
            key={line.lineId}
            className="w-11 !px-0"
            aria-label={`Strike on ${line.label}`}
            onClick={() => {
              setShown(true)
              onStrike(line.lineId, line.label)
            }}
          >
            {line.label}
          </Button>
        ))}
        {lines.length === 0 && <p className="text-slate">Add a line first.</p>}
      </div>
      {(shown || strikes.length === 0) && (
        <>
          <h2 className="sr-only">
            {title}: {count(strikes.length)}
          </h2>
          {days}
        </>
      )}
      <ul
        hidden={!shown && refused.length === 0 && !takenBack}
        className="max-h-[150px] divide-y divide-ink/15 overflow-y-auto"
        tabIndex={0}
        aria-label="Strikes of the day"
        data-testid="day-list"
      >
        {refused.map((item) => (
          <Refused key={item.id} {...{ item, onAgain, onDiscard }} />
        ))}
        {takenBack && (
          <li className="flex min-h-11 items-center gap-2">
            <span className="grow">
              Taken back: {takenBack.label}, {clock(takenBack.happenedAt)}.
            </span>
            <Button small onClick={onRestore}>
              Undo
            </Button>
          </li>
        )}
        {[...strikes].reverse().map((strike) => (
          <StrikeRow key={strike.factId} {...{ strike, clock, edits, onLanded, onLost }} />
        ))}
      </ul>
    </section>
  )
}

const count = (n: number) => (n === 0 ? 'no strikes yet' : n === 1 ? 'one strike' : `${n} strikes`)

function StrikeRow({
  strike,
  clock,
  edits,
  onLanded,
  onLost,
}: {
  strike: Strike
  clock(time: string): string
  edits: StrikeEdits
  onLanded(strike: Strike, species: string, released: boolean): void
  onLost(strike: Strike, how?: Loss): void
}) {
  const units = useUnits()
  const [open, setOpen] = useState(false)
  const [editing, setEditing] = useState(false)
  const { figures } = strike
  return (
    <li className="py-1">
      <button
        type="button"
        aria-expanded={open}
        className="flex min-h-11 w-full items-center gap-2 text-left hover:underline"
        onClick={() => setOpen(!open)}
      >
        <span className="font-mono">{clock(strike.happenedAt)}</span>
        <b className="w-6">{strike.label}</b>
        <span className="grow truncate text-slate">
          {figures?.lureName ?? (strike.unsent ? 'kept here, not sent yet' : 'depth not reckoned yet')}
        </span>
        <span>{outcomeOf(strike)}</span>
      </button>
      {open && (
        <div className="pb-2">
          {figures && (
            <p className="text-slate">
              {units.say('distance', figures.letOutM)} out, {depthWords(figures.depthM, units)} at{' '}
              {units.say('speed', figures.speedThroughWaterMps)}. {figures.holderName}.
            </p>
          )}
          <Outcome {...{ strike, onLanded, onLost }} onEdit={() => setEditing(true)} />
        </div>
      )}
      {editing && <StrikeSheet {...{ strike, clock, edits }} onClose={() => setEditing(false)} />}
    </li>
  )
}

function outcomeOf({ outcome, species, how }: Strike): string {
  if (outcome === 'OPEN') return 'open'
  if (outcome === 'LOST') return LOSSES.find(([kind]) => kind === how)?.[1] ?? 'lost'
  return species.join(', ') + (outcome === 'RELEASED' ? ', released' : '')
}

function depthWords(depthM: number | undefined, units: ReturnType<typeof useUnits>): string {
  if (depthM === undefined) return 'depth not known'
  return depthM < 0.02 ? 'at the surface' : `${units.say('distance', depthM)} down`
}

function Outcome({
  strike,
  onLanded,
  onLost,
  onEdit,
}: {
  strike: Strike
  onLanded(strike: Strike, species: string, released: boolean): void
  onLost(strike: Strike, how?: Loss): void
  onEdit(): void
}) {
  const [species, setSpecies] = useState('')
  const land = (released: boolean) => {
    if (species.trim()) onLanded(strike, species.trim(), released)
    setSpecies('')
  }
  return (
    <form
      className="mt-1 flex flex-wrap items-center gap-1.5"
      onSubmit={(event) => {
        event.preventDefault()
        land(false)
      }}
    >
      <input
        aria-label="Fish landed"
        placeholder="fish"
        maxLength={60}
        className="h-11 w-24 rounded-sm border-2 border-ink/50 px-2"
        value={species}
        onChange={(event) => setSpecies(event.target.value)}
      />
      <Button small type="submit" disabled={species.trim() === ''}>
        Landed
      </Button>
      <Button small disabled={species.trim() === ''} onClick={() => land(true)}>
        Released
      </Button>
      <Select
        aria-label="Lost"
        className="h-11 text-sm"
        value=""
        disabled={strike.outcome !== 'OPEN'}
        onChange={(event) => onLost(strike, LOSSES.find(([how]) => how === event.target.value)?.[0])}
      >
        <option value="" disabled>
          Lost…
        </option>
        {LOSSES.map(([how, words]) => (
          <option key={how} value={how}>
            {words}
          </option>
        ))}
        <option value="UNSAID">nobody knows how</option>
      </Select>
      <Button small tone="quiet" onClick={onEdit}>
        Correct
      </Button>
    </form>
  )
}
