import { lureAtEnd } from '../../draft/model'
import { Button } from '../../shared/ui/Button'
import { useUnits } from '../../units/UnitsContext'
import type { Boat, Gear, Line, SolvedLine } from '../../draft/queries'
import type { Editing } from '../../draft/useEditor'
import { LetOutStepper } from '../strip/lengths'
import { likelyRange } from '../why/sentences'

/** The selected line at the foot of the page: its let-out, where it runs, and a strike on it. */
export function Pinned({
  line,
  answer,
  boat,
  gear,
  editor,
  strikes,
  onAdd,
  onAll,
  onStrike,
  onDay,
}: {
  line: Line | undefined
  answer: SolvedLine | undefined
  boat: Boat
  gear: Gear
  editor: Editing
  strikes: number
  onAdd(): void
  onAll(): void
  onStrike(): void
  onDay(): void
}) {
  const add = (
    <Button onClick={onAdd} aria-label="Add a line">
      Add
    </Button>
  )
  if (!line)
    return (
      <section aria-label="Selected line" className="flex shrink-0 gap-2 border-t-2 border-ink bg-shade p-3">
        <p className="grow">No line yet. Add one.</p>
        {add}
      </section>
    )
  const lure = lureAtEnd(gear, line)
  const holder = boat.holders.find((one) => one.holderId === line.holderId)
  return (
    <section
      aria-label="Selected line"
      className="flex shrink-0 flex-col gap-2 border-t-2 border-ink bg-shade px-3 pt-1 pb-2.5"
    >
      <button
        type="button"
        className="flex min-h-11 items-center gap-2 text-left"
        onClick={onAll}
        aria-label={`All of ${answer?.label ?? 'this line'}`}
      >
        <b className="text-xl">{answer?.label ?? '…'}</b>
        <span className="truncate text-slate">
          {lure?.name ?? 'no lure'}
          {lure?.colour && `, ${lure.colour}`}
        </span>
        <span className="ml-auto shrink-0 text-slate underline">{holder?.name ?? 'no holder'}</span>
      </button>
      <div className="flex items-center gap-3">
        <LetOutStepper {...{ line, editor }} />
        <Runs answer={answer} />
      </div>
      <div className="flex gap-2">
        <Button tone="strong" className="min-h-14 grow text-lg" onClick={onStrike}>
          Strike on {answer?.label ?? 'it'}
        </Button>
        <Button onClick={onDay} aria-label={`The day's strikes: ${strikes}`}>
          Day {strikes}
        </Button>
        {add}
      </div>
    </section>
  )
}

function Runs({ answer }: { answer: SolvedLine | undefined }) {
  const units = useUnits()
  const tow = answer?.tow
  const range = tow?.regime === 'RUNNING' ? likelyRange(answer?.likely, units) : ''
  return (
    <p className="leading-tight">
      <span className="block text-sm text-slate">runs at</span>
      <span className="font-mono text-xl" data-testid="runs-at">
        {!tow ? '…' : tow.regime === 'AIRBORNE' ? 'in the air' : units.say('distance', tow.depthM ?? 0)}
      </span>
      {range && <span className="block text-sm text-slate">{range}</span>}
    </p>
  )
}
