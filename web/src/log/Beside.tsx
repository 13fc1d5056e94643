import { Button } from '../shared/ui/Button'
import { useUnits } from '../units/UnitsContext'
import { hours } from './ArmChart'
import { conditionWords } from './Conditions'
import type { Log } from './queries'

/** Another slice beside the one that is shown, and the odds that they differ. */
export function Beside({
  log,
  beside,
  onBeside,
}: {
  log: Log
  /** Its conditions; null while none is set beside. */
  beside: readonly string[] | null
  onBeside(beside: readonly string[] | null): void
}) {
  const units = useUnits()
  if (!beside || !log.beside) return null
  const { sum, odds } = log.beside
  const words = beside.map((text) => conditionWords(text, log.facets, units)).join(', ') || 'everything'
  return (
    <p
      className="flex w-full flex-wrap items-center gap-x-3 border-t border-ink/20 pt-1"
      data-testid="beside"
    >
      <span>
        Beside <b>{words}</b>: {sum.strikes.toLocaleString('en')} in {hours(sum.minutes)}
        {sum.per100 !== undefined &&
          `, ${sum.per100.toPrecision(2)} in 100 minutes, ${sum.low?.toPrecision(2)} to ${sum.high?.toPrecision(2)}`}
        . <b>{besideWords(odds)}</b>
      </span>
      <Button small onClick={() => onBeside(null)}>
        Without it
      </Button>
    </p>
  )
}

/** Which of the two takes more, where that can be said. */
export function besideWords(odds: number): string {
  if (odds >= 0.75) return `This slice takes more, odds ${Math.min(0.99, odds).toFixed(2)}.`
  if (odds <= 0.25) return `The other takes more, odds ${Math.min(0.99, 1 - odds).toFixed(2)}.`
  return 'Nothing says yet which takes more.'
}
