import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Problem } from '../../shared/api/client'
import { sources } from '../../shared/device'
import {
  gearOf,
  keepCalibration,
  tryCalibration,
  type Calibration,
  type CalibrationBody,
  type Gear,
  type Line,
} from '../../draft/queries'
import { fittables, keyOf, type Seen } from './model'

/** What was seen of a line, the coefficient that is to be fitted to it, and what came of that. */
export function useCalibration(boat: string, gear: Gear, line: Line, depthM: number, speedMps: number) {
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
  const attempt = async (work: (asked: CalibrationBody) => Promise<Calibration | null>) => {
    if (!item) return
    setWrong(null)
    try {
      setFit(
        await work({
          gearId: item.gearId,
          coefficient: item.coefficient,
          reason: reason.trim() || 'Seen on the water',
          observations: seen,
        }),
      )
    } catch (problem) {
      if (!(problem instanceof Problem)) throw problem
      setWrong(problem)
    }
  }
  return {
    ...{ seen, choices, item, reason, setReason, fit, wrong },
    again: () => changed([...seen, first()]),
    change: (i: number, next: Seen) => changed(seen.map((one, at) => (at === i ? next : one))),
    remove: (i: number) => changed(seen.filter((_, at) => at !== i)),
    choose: (key: string) => {
      setChosen(key)
      setFit(null)
    },
    attempt: () => attempt((asked) => tryCalibration(boat, asked)),
    keep: () =>
      attempt(async (asked) => {
        await keepCalibration(boat, sources.uuid(), asked)
        await queries.invalidateQueries({ queryKey: gearOf(boat).queryKey })
        return null
      }),
  }
}
