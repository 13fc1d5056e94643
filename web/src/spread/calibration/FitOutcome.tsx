import { Button } from '../../shared/ui/Button'
import { useUnits } from '../../units/UnitsContext'
import type { Calibration } from '../../draft/queries'
import { COEFFICIENT_WORDS, sayCoefficient } from './model'

/** What a fit came to, to be kept or not. */
export function FitOutcome({ fit, onKeep }: { fit: Calibration; onKeep(): void }) {
  const units = useUnits()
  const say = (value: number) => sayCoefficient(fit.coefficient, value)
  return (
    <section className="mt-4 border-l-[5px] border-moss pl-3" data-testid="fit">
      <h3 className="text-lg font-bold">
        {COEFFICIENT_WORDS[fit.coefficient]} of {fit.gearName}: {say(fit.oldValue)} to {say(fit.newValue)}
      </h3>
      <ul>
        {fit.observations.map((one, i) => (
          <li key={i}>
            seen {units.say('distance', one.seenM)}: computed {units.say('distance', one.beforeM)} before,{' '}
            {units.say('distance', one.afterM)} after
          </li>
        ))}
      </ul>
      {fit.observations.length > 1 && (
        <p className="text-slate">
          They disagree by {units.say('distance', fit.scatterM)} (root mean square)
          {fit.standardError !== undefined && `; the value is good to ± ${say(fit.standardError)}`}.
        </p>
      )}
      <Button tone="strong" className="mt-2" onClick={onKeep}>
        Keep it
      </Button>
    </section>
  )
}
