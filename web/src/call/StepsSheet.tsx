import { useState } from 'react'
import type { Problem } from '../shared/api/client'
import { Button } from '../shared/ui/Button'
import { Field } from '../shared/ui/Field'
import { Sheet } from '../shared/ui/Sheet'
import { download } from '../shared/download'
import { TypedField } from '../shared/ui/TypedField'
import { useUnits } from '../units/UnitsContext'
import { asSentence, saySentence } from '../units/sentence'
import { dateAt, hourOf } from '../units/zoned'
import { calendarOf, type CallBody, type Plan, type Step } from './queries'

/** The day as a list from the evening before, each step with its reason; times are set here; out as a calendar file. */
export function StepsSheet({
  boat,
  body,
  plan,
  steps,
  timeZone,
  open,
  onEdit,
  onClose,
}: {
  boat: string
  body: CallBody
  plan: Plan
  steps: readonly Step[]
  timeZone: string
  open: boolean
  onEdit(change: (plan: Plan) => Plan): void
  onClose(): void
}) {
  const units = useUnits()
  const [problem, setProblem] = useState<string | null>(null)
  const minutes = (field: 'runOutMin' | 'catchBaitMin', most: number) => (typed: string) => {
    const read = Number(typed.replace(/\s*min$/, ''))
    if (typed.trim() === '' || !Number.isFinite(read) || read < 0 || read > most)
      return `Type minutes from 0 to ${most}.`
    onEdit((before) => ({ ...before, [field]: read }))
    return null
  }
  const save = async () => {
    try {
      download(await calendarOf(boat, body), `moss-wake-${plan.day}.ics`, 'text/calendar')
      setProblem(null)
    } catch (error) {
      setProblem((error as Problem).message)
    }
  }
  return (
    <Sheet title="The day, step by step" open={open} onClose={onClose} wide>
      <div className="mb-4 flex flex-wrap items-end gap-x-5 gap-y-2">
        <Field label="Run out, minutes">
          <TypedField
            label="Run out, minutes"
            value={`${Math.round(plan.runOutMin)}`}
            onCommit={minutes('runOutMin', 600)}
            className="h-11"
          />
        </Field>
        <Field label="Catching bait, minutes">
          <TypedField
            label="Catching bait, minutes"
            value={plan.catchBaitMin === undefined ? '' : `${Math.round(plan.catchBaitMin)}`}
            onCommit={minutes('catchBaitMin', 360)}
            className="h-11"
          />
        </Field>
        <Clock label="Lines in at" field="linesIn" {...{ plan, timeZone, onEdit }} />
        <Clock label="Home at" field="homeAt" {...{ plan, timeZone, onEdit }} />
        <Button onClick={() => void save()}>Calendar file</Button>
      </div>
      <p className="mb-2 text-sm text-slate">
        Empty: lines in at first light, home at sundown, bait where the playbook needs it.
      </p>
      {problem && <p role="alert">{problem}</p>}
      <ol className="grid gap-1" data-testid="steps">
        {steps.map((step) => (
          <li
            key={`${step.at} ${step.title}`}
            className="grid grid-cols-[6.5rem_1fr] gap-3 border-t border-ink/15 py-1"
          >
            <span className="font-mono">
              {step.at.slice(0, 10) !== plan.day && step.kind === 'EVENING' ? 'eve ' : ''}
              {hourOf(Date.parse(step.at), timeZone)}
            </span>
            <span>
              <b className="inline-block first-letter:uppercase">{step.title}</b>{' '}
              <span className="text-slate">{asSentence(saySentence(step.because, units, timeZone))}</span>
            </span>
          </li>
        ))}
      </ol>
    </Sheet>
  )
}

/** A clock of the day at the place; empty goes by the light. */
function Clock({
  label,
  field,
  plan,
  timeZone,
  onEdit,
}: {
  label: string
  field: 'linesIn' | 'homeAt'
  plan: Plan
  timeZone: string
  onEdit(change: (plan: Plan) => Plan): void
}) {
  const value = plan[field]
  const commit = (typed: string): string | null => {
    if (typed.trim() === '') {
      onEdit((before) => {
        const { [field]: _gone, ...rest } = before
        return rest as Plan
      })
      return null
    }
    const at = instantOf(plan.day, typed.trim(), timeZone)
    if (at === null) return 'Type a time, such as 05:30, or nothing to go by the light.'
    onEdit((before) => ({ ...before, [field]: new Date(at).toISOString() }))
    return null
  }
  return (
    <Field label={label}>
      <TypedField
        label={label}
        value={value ? hourOf(Date.parse(value), timeZone) : ''}
        onCommit={commit}
        className="h-11"
      />
    </Field>
  )
}

/** The moment a clock of the place shows `HH:MM` on a day. */
export function instantOf(day: string, clock: string, timeZone: string): number | null {
  const parts = /^(\d{1,2})[:.](\d{2})$/.exec(clock)
  if (!parts || Number(parts[1]) > 23 || Number(parts[2]) > 59) return null
  const wanted = `${parts[1]!.padStart(2, '0')}:${parts[2]}`
  const guess = Date.parse(`${day}T${wanted}:00Z`)
  // The zone's offset is at most fourteen hours: the right one shows the clock that was typed on that day.
  for (let quarter = -56; quarter <= 56; quarter++) {
    const at = guess + quarter * 15 * 60_000
    if (hourOf(at, timeZone) === wanted && dateAt(at, timeZone) === day) return at
  }
  return null
}
