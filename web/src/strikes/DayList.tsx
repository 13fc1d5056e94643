import { useState, type ReactNode } from 'react'
import { Button } from '../shared/ui/Button'
import type { Outcomes } from './LandOrLose'
import { Refused } from './Refused'
import { StrikeRow } from './StrikeRow'
import type { StrikeEdits } from './StrikeSheet'
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
}: Outcomes & {
  title: string
  lines: readonly { lineId: string; label: string }[]
  strikes: readonly Strike[]
  /** What the server would not take. */
  refused: readonly Item[]
  /** Words for the moment a strike would be logged at. */
  when: string
  clock(time: string): string
  onStrike(lineId: string, label: string): void
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
      <StrikeButtons
        lines={lines}
        onStrike={(lineId, label) => {
          setShown(true)
          onStrike(lineId, label)
        }}
      />
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

function StrikeButtons({ lines, onStrike }: Pick<Parameters<typeof DayList>[0], 'lines' | 'onStrike'>) {
  return (
    <div className="my-1.5 flex flex-wrap gap-[3px]">
      {lines.map((line) => (
        <Button
          key={line.lineId}
          className="w-11 !px-0"
          aria-label={`Strike on ${line.label}`}
          onClick={() => onStrike(line.lineId, line.label)}
        >
          {line.label}
        </Button>
      ))}
      {lines.length === 0 && <p className="text-slate">Add a line first.</p>}
    </div>
  )
}
