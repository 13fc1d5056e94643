import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Problem } from '../../shared/api/client'
import { Button } from '../../shared/ui/Button'
import { useUnits } from '../../units/UnitsContext'
import { gearOf, takeBackCalibration, type Calibration } from '../../draft/queries'
import { COEFFICIENT_WORDS, sayCoefficient, standing } from './model'

/** Every fit of the boat's gear, latest first; the latest of each coefficient can be taken back. */
export function History({ boat, all }: { boat: string; all: readonly Calibration[] }) {
  const queries = useQueryClient()
  const units = useUnits()
  const [wrong, setWrong] = useState<string | null>(null)
  const takeBack = async (id: string) => {
    setWrong(null)
    try {
      await takeBackCalibration(boat, id)
    } catch (problem) {
      if (!(problem instanceof Problem)) throw problem
      setWrong(problem.message)
    }
    await queries.invalidateQueries({ queryKey: gearOf(boat).queryKey })
  }
  return (
    <section className="mt-6">
      <h3 className="mb-1 font-bold">Fits so far</h3>
      {wrong && <p role="alert">{wrong}</p>}
      <ul className="divide-y divide-ink/20" data-testid="fits">
        {all.map((fit) => (
          <li key={fit.calibrationId} className="flex items-center gap-3 py-1.5">
            <span className={`flex-1 leading-snug ${fit.takenBackAt ? 'text-slate line-through' : ''}`}>
              {fit.madeAt?.slice(0, 10)}, {fit.gearName}: {COEFFICIENT_WORDS[fit.coefficient]}{' '}
              {sayCoefficient(fit.coefficient, fit.oldValue)} to{' '}
              {sayCoefficient(fit.coefficient, fit.newValue)}. {fit.reason}.
              <span className="block text-sm text-slate">
                {fit.observations
                  .map(
                    (one) =>
                      `seen ${units.say('distance', one.seenM)}, before ${units.say('distance', one.beforeM)}, after ${units.say('distance', one.afterM)}`,
                  )
                  .join('; ')}
              </span>
            </span>
            {fit.takenBackAt ? (
              <span className="text-slate">taken back</span>
            ) : (
              standing(all, fit) && (
                <Button small onClick={() => void takeBack(fit.calibrationId ?? '')}>
                  Take back
                </Button>
              )
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}
