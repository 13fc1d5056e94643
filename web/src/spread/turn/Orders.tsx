import { Button } from '../../shared/ui/Button'
import { useUnits, type Units } from '../../units/UnitsContext'
import type { Schemas } from '../../shared/api/client'
import type { Turns } from '../../draft/queries'
import { Note } from '../why/Note'
import { sideWord } from './sentences'

export type OrderKind = 'set' | 'clear'
type SetStep = Schemas['SetReply']
type ClearStep = Schemas['ClearStepReply']
type Label = (lineId: string) => string

const clearingOf = (turns: Turns, struck: string | null) =>
  turns.clearing.find((order) => order.struckLineId === struck)?.steps ?? []

/** Numbers on the drawing: when each line goes out, or comes in; a fish's own line and those that stay have none. */
export function orderNumbers(
  turns: Turns | null,
  kind: OrderKind | null,
  struck: string | null,
): ReadonlyMap<string, string> | undefined {
  if (!turns || !kind) return undefined
  if (kind === 'set') return new Map(turns.setting.map((step, i) => [step.lineId, `${i + 1}.`]))
  const steps = clearingOf(turns, struck)
  const numbers = new Map<string, string>([
    ...steps.filter((step) => !step.clear).map((step) => [step.lineId, 'stays'] as const),
    ...steps.filter((step) => step.clear).map((step, i) => [step.lineId, `${i + 1}.`] as const),
  ])
  if (struck) numbers.set(struck, 'fish')
  return numbers
}

/** The order of setting, or of clearing for a fish on one line, each step with its reason. */
export function Orders({
  turns,
  kind,
  struck,
  label,
  onClose,
}: {
  turns: Turns
  kind: OrderKind
  struck: string | null
  label: Label
  onClose(): void
}) {
  const units = useUnits()
  const steps = clearingOf(turns, struck)
  return (
    <div data-testid="orders">
      <Note
        tone="care"
        title={
          kind === 'set'
            ? 'Setting the lines'
            : `A fish on ${struck ? label(struck) : '…'}: clear in this order`
        }
      >
        <ol className="mt-1 flex list-decimal flex-col gap-1 pl-6 marker:font-mono marker:text-ink">
          {kind === 'set'
            ? turns.setting.map((step) => (
                <li key={step.lineId}>
                  <b className="text-ink">{label(step.lineId)}</b> {settingWords(step, units, label)}
                </li>
              ))
            : steps
                .filter((step) => step.clear)
                .map((step) => (
                  <li key={step.lineId}>
                    <b className="text-ink">{label(step.lineId)}</b> {clearingWords(step)}
                  </li>
                ))}
        </ol>
        {kind === 'set' && turns.setting.some((step) => step.steer) && (
          <p className="mt-1">
            Alone aboard: kill cord on, lifejacket on, and someone ashore knows the plan.
          </p>
        )}
        {kind === 'clear' && <Staying steps={steps} label={label} />}
        <Button small className="mt-2" onClick={onClose}>
          Close
        </Button>
      </Note>
    </div>
  )
}

function Staying({ steps, label }: { steps: readonly ClearStep[]; label: Label }) {
  const names = (reason: ClearStep['reason']) =>
    steps.filter((step) => !step.clear && step.reason === reason).map((step) => label(step.lineId))
  const [staying, floating] = [names('STAYS'), names('FLOATS')]
  if (steps.length === 0) return <p>No other line is out.</p>
  if (steps.every((step) => step.clear)) return <p className="mt-1">Every line comes in.</p>
  return (
    <>
      {staying.length > 0 && (
        <p className="mt-1">
          {staying.join(', ')}: farther out than the fish and clear of it in the turn. Leave fishing.
        </p>
      )}
      {floating.length > 0 && (
        <p className="mt-1">{floating.join(', ')}: a bar floats and goes on catching. Leave it.</p>
      )}
    </>
  )
}

function settingWords(step: SetStep, units: Units, label: Label): string {
  const because = step.becauseLineId ? label(step.becauseLineId) : ''
  const why = {
    FARTHEST: 'the farthest still aboard',
    LEVEL: `level with ${because}`,
    WIDE_FIRST: `before ${because}, which it would cross`,
  }[step.reason]
  const steer = step.steer ? `. Alone: steer to ${sideWord(step.steer)}` : ''
  const clears = step.clearsM === undefined ? '' : `, clear by ${units.say('distance', step.clearsM)}`
  return `${why}${steer}${step.steer ? clears : ''}`
}

const clearingWords = (step: ClearStep): string =>
  ({
    NEARER: 'nearer than the fish',
    TWIN: 'level with the fish',
    FAR_CENTRE: 'the fish crosses everything',
    COMES_ACROSS: 'swings across the fish in the turn',
    ALL_IN: 'clear of the fish, but your way is every line in',
    FLOATS: 'a bar floats and goes on catching',
    STAYS: 'stays',
  })[step.reason]
