import { Sheet } from '../shared/ui/Sheet'
import { saySentence } from '../units/sentence'
import { useUnits } from '../units/UnitsContext'
import type { ChangeOver } from './queries'
import { Big } from './StrikeCard'

type Step = ChangeOver['in'][number]

/** Another spread of what is stowed: what comes in, what goes out, in order, how long, and what is missing. */
export function ChangeTo({
  spreads,
  chosen,
  change,
  problem,
  onChoose,
  onBegin,
  onClose,
}: {
  spreads: readonly { spreadId: string; name: string }[]
  chosen: string | null
  /** Once one was chosen and is worked out. */
  change: ChangeOver | undefined
  problem: string | null
  onChoose(spread: string): void
  /** @param done all of it is done already: the new spread is out */
  onBegin(done: boolean): void
  onClose(): void
}) {
  return (
    <Sheet title="Change the spread" open onClose={onClose} wide>
      {spreads.length === 0 && (
        <p className="text-lg">There is no other spread: build one on Plan, or copy this one on Spread.</p>
      )}
      <div role="group" aria-label="To which" className="mb-3 flex flex-wrap gap-2">
        {spreads.map(({ spreadId, name }) => (
          <Big key={spreadId} pressed={spreadId === chosen} onClick={() => onChoose(spreadId)}>
            {name}
          </Big>
        ))}
      </div>
      {problem && (
        <p role="alert" className="border-l-4 border-rust pl-3 text-lg">
          {problem}
        </p>
      )}
      {change && <Told change={change} onBegin={onBegin} />}
    </Sheet>
  )
}

function Told({ change, onBegin }: { change: ChangeOver; onBegin(done: boolean): void }) {
  const units = useUnits()
  const minutes = Math.max(1, Math.round(change.seconds / 60))
  const nothing = change.in.length + change.out.length === 0
  return (
    <div data-testid="change-over">
      <p className="mb-2 text-lg font-semibold">
        {change.seconds === 0
          ? 'Nothing to wind in or to let out.'
          : `About ${minutes === 1 ? 'a minute' : `${minutes} minutes`}, one at the rods and one at the wheel.`}
      </p>
      {change.missing.length > 0 && (
        <p className="mb-2 border-l-4 border-rust pl-3 text-lg" data-testid="change-lacks">
          Missing: {change.missing.map((one) => saySentence(one, units, 'UTC')).join('; ')}.
        </p>
      )}
      <div className="grid gap-4 md:grid-cols-2">
        <Steps title="Comes in, the nearest first" steps={change.in} />
        <div className="grid content-start gap-4">
          <Steps title="Stays out" steps={change.moved} />
          <Steps title="Goes out; in which order is shown then" steps={change.out} />
        </div>
      </div>
      <p className="my-3">
        Look out while hands are busy: trolling gives no right of way. Alone, kill cord on, one line at a
        time.
      </p>
      <div className="flex flex-wrap gap-3">
        <Big strong onClick={() => onBegin(false)}>
          {nothing ? 'Change to it' : 'Lines are in: set the others'}
        </Big>
        {!nothing && <Big onClick={() => onBegin(true)}>All of it is done</Big>}
      </div>
    </div>
  )
}

function Steps({ title, steps }: { title: string; steps: readonly Step[] }) {
  const units = useUnits()
  if (steps.length === 0) return null
  return (
    <section aria-label={title}>
      <h3 className="font-bold">{title}</h3>
      <ul className="text-lg leading-snug">
        {steps.map(({ lineId, label, says }) => (
          <li key={lineId}>
            <b>{label}</b> {saySentence(says, units, 'UTC')}
          </li>
        ))}
      </ul>
    </section>
  )
}
