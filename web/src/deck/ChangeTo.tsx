import { Sheet } from '../shared/ui/Sheet'
import { saySentence } from '../units/sentence'
import { useUnits } from '../units/UnitsContext'
import type { ChangeOver } from './queries'
import { Big } from './StrikeCard'

type Step = ChangeOver['in'][number]

/** Another spread of what is stowed: what comes in, what goes out, in order, how long, and what is missing. */
export function ChangeTo({
  spreads,
  planB,
  chosen,
  change,
  problem,
  onChoose,
  onBegin,
  onClose,
}: {
  spreads: readonly { spreadId: string; name: string }[]
  planB: PlanB
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
        <p className="text-lg">
          There is no other spread
          {planB.offers.length === 0 ? ': build one on Plan, or copy this one on Spread' : ' yet'}.
        </p>
      )}
      <div role="group" aria-label="To which" className="mb-3 flex flex-wrap gap-2">
        {spreads.map(({ spreadId, name }) => (
          <Big key={spreadId} pressed={spreadId === chosen} onClick={() => onChoose(spreadId)}>
            {name}
          </Big>
        ))}
      </div>
      <CalledAnew {...planB} />
      {problem && (
        <p role="alert" className="border-l-4 border-rust pl-3 text-lg">
          {problem}
        </p>
      )}
      {change && <Told change={change} onBegin={onBegin} />}
    </Sheet>
  )
}

interface Offer {
  playbook: string
  words: string
  role: string
}

interface PlanB {
  /** What leads now and plan B, without the method that is fished. */
  offers: readonly Offer[]
  /** Nothing is known by which anything could be called. */
  blank: boolean
  /** How far the search of the one that was asked for is; null while none is. */
  share: number | null
  problem: string | null
  call(offer: Offer): void
}

function CalledAnew({ offers, blank, share, problem, call }: PlanB) {
  if (blank)
    return (
      <p className="mb-3">
        Nothing is known of this day: tell what you see, or answer Plan, and a spread can be called anew.
      </p>
    )
  if (offers.length === 0 && !problem) return null
  return (
    <section aria-label="Called anew" className="mb-3">
      <h3 className="mb-1 font-bold">Called anew from what is aboard, by the plan and what was seen</h3>
      {share === null ? (
        <div className="flex flex-wrap gap-2">
          {offers.map((offer) => (
            <Big key={offer.playbook} onClick={() => call(offer)}>
              {offer.words}, {offer.role}
            </Big>
          ))}
        </div>
      ) : (
        <p role="status" className="text-lg">
          Searching among what is aboard… <progress max={1} value={share} aria-label="Search" />
        </p>
      )}
      {problem && (
        <p role="alert" className="mt-2 border-l-4 border-rust pl-3 text-lg">
          {problem}
        </p>
      )}
    </section>
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
