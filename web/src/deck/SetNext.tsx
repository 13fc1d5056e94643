import { saySentence } from '../units/sentence'
import { useUnits } from '../units/UnitsContext'
import type { Deck } from './queries'
import { Big } from './StrikeCard'

export interface Next {
  lineId: string
  label: string
  /** Which way to steer meanwhile, in words. */
  steer: string | null
}

/** The line that goes out next, step by step, and which come after. */
export function SetNext({
  deck,
  next,
  onOut,
  onAll,
}: {
  deck: Deck
  /** In order. */
  next: readonly Next[]
  onOut(line: Next): void
  /** All of them went out before anybody said so. */
  onAll(): void
}) {
  const units = useUnits()
  const [first, ...after] = next
  if (!first) return null
  const steps = deck.goingOut.find(({ lineId }) => lineId === first.lineId)?.steps ?? []
  return (
    <section aria-label="Set next" data-testid="set-next" className="flex flex-col gap-3">
      <div>
        <p className="text-lg">Set next</p>
        <h2 className="text-7xl leading-none font-bold">{first.label}</h2>
      </div>
      {first.steer && <p className="text-xl leading-snug font-semibold">{first.steer}</p>}
      <ol className="flex list-decimal flex-col gap-1.5 pl-6 text-lg leading-snug">
        {steps.map((step) => (
          <li key={step.text}>{saySentence(step, units, 'UTC')}</li>
        ))}
      </ol>
      <Big strong onClick={() => onOut(first)}>
        {first.label} is out
      </Big>
      {after.length > 0 && (
        <>
          <p className="text-lg">Then {after.map(({ label }) => label).join(', ')}.</p>
          <Big onClick={onAll}>All {next.length} are out</Big>
        </>
      )}
    </section>
  )
}
