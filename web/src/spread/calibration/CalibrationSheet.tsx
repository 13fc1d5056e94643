import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Problem } from '../../shared/api/client'
import { sources } from '../../shared/device'
import { Button } from '../../shared/ui/Button'
import { Select } from '../../shared/ui/Select'
import { Sheet } from '../../shared/ui/Sheet'
import { useUnits } from '../../units/UnitsContext'
import {
  calibrationsOf,
  gearOf,
  keepCalibration,
  tryCalibration,
  type Calibration,
  type CalibrationBody,
  type Gear,
  type Line,
} from '../../draft/queries'
import { History } from './History'
import { COEFFICIENT_WORDS, fittables, keyOf, sayCoefficient, type Seen } from './model'
import { SeenRow } from './SeenRow'

/** Fits one coefficient of what hangs on a line to what was seen of it. */
export function CalibrationSheet({
  boat,
  gear,
  line,
  label,
  depthM,
  speedMps,
  open,
  onClose,
}: {
  boat: string
  gear: Gear
  line: Line
  label: string
  /** As computed now. */
  depthM: number
  speedMps: number
  open: boolean
  onClose(): void
}) {
  const queries = useQueryClient()
  const choices = fittables(line, gear)
  const [chosen, setChosen] = useState(choices[0] ? keyOf(choices[0]) : '')
  const first = (): Seen => ({
    kind: 'ECHO',
    seenM: Math.max(0.5, Math.round(depthM * 10) / 10),
    speedThroughWaterMps: speedMps,
    line,
  })
  const [seen, setSeen] = useState<Seen[]>(() => [first()])
  const [reason, setReason] = useState('')
  const [fit, setFit] = useState<Calibration | null>(null)
  const [wrong, setWrong] = useState<Problem | null>(null)
  const item = choices.find((choice) => keyOf(choice) === chosen) ?? choices[0]

  const changed = (next: Seen[]) => {
    setSeen(next)
    setFit(null)
  }
  const body = (): CalibrationBody | null =>
    item
      ? {
          gearId: item.gearId,
          coefficient: item.coefficient,
          reason: reason.trim() || 'Seen on the water',
          observations: seen,
        }
      : null
  const attempt = async (keep: boolean) => {
    const asked = body()
    if (!asked) return
    setWrong(null)
    try {
      if (!keep) {
        setFit(await tryCalibration(boat, asked))
        return
      }
      await keepCalibration(boat, sources.uuid(), asked)
      await queries.invalidateQueries({ queryKey: gearOf(boat).queryKey })
      setFit(null)
    } catch (problem) {
      if (!(problem instanceof Problem)) throw problem
      setWrong(problem)
    }
  }
  return (
    <Sheet title={`${label}: seen elsewhere than computed`} open={open} onClose={onClose} wide>
      <ol className="flex flex-col gap-2">
        {seen.map((one, i) => (
          <SeenRow
            key={i}
            seen={one}
            line={line}
            onChange={(next) => changed(seen.map((other, j) => (j === i ? next : other)))}
            {...(seen.length > 1 && { onRemove: () => changed(seen.filter((_, j) => j !== i)) })}
          />
        ))}
      </ol>
      <Button small className="mt-2" onClick={() => changed([...seen, first()])}>
        Seen once more
      </Button>
      <div className="mt-4 flex flex-wrap items-center gap-3">
        <label className="flex items-center gap-2">
          Fit
          <Select
            aria-label="What to fit"
            value={item ? keyOf(item) : ''}
            onChange={(event) => {
              setChosen(event.target.value)
              setFit(null)
            }}
          >
            {choices.map((choice) => (
              <option key={keyOf(choice)} value={keyOf(choice)}>
                {choice.name}: {COEFFICIENT_WORDS[choice.coefficient]}
              </option>
            ))}
          </Select>
        </label>
        <label className="flex grow items-center gap-2">
          because
          <input
            aria-label="Reason"
            className="h-11 grow rounded-sm border-2 border-ink/50 px-2"
            placeholder="Seen on the water"
            maxLength={200}
            value={reason}
            onChange={(event) => setReason(event.target.value)}
          />
        </label>
        <Button tone="strong" disabled={!item} onClick={() => void attempt(false)}>
          Fit it
        </Button>
      </div>
      {wrong && (
        <div role="alert" className="mt-3 border-l-[5px] border-rust pl-3">
          {wrong.faults.length === 0 && <p>{wrong.message}</p>}
          {wrong.faults.map((fault) => (
            <p key={fault.field + fault.code}>
              {fault.message}. {fault.mend}
            </p>
          ))}
        </div>
      )}
      {fit && <Outcome fit={fit} onKeep={() => void attempt(true)} />}
      <Kept boat={boat} />
    </Sheet>
  )
}

function Outcome({ fit, onKeep }: { fit: Calibration; onKeep(): void }) {
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

function Kept({ boat }: { boat: string }) {
  const all = useQuery(calibrationsOf(boat)).data ?? []
  return all.length === 0 ? null : <History boat={boat} all={all} />
}
