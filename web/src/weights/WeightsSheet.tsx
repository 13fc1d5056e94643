import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import type { Problem } from '../shared/api/client'
import { Button } from '../shared/ui/Button'
import { Sheet } from '../shared/ui/Sheet'
import { MovedTable } from './MovedTable'
import { switchWeights, weightsOf, type Weights } from './queries'

/** Weights of the call as the boat's own days have them, beside the shipped ones; used only where switched on. */
export function WeightsSheet({
  boat,
  when,
  onClose,
}: {
  boat: string
  /** A moment in words. */
  when(at: string): string
  onClose(): void
}) {
  const asked = useQuery(weightsOf(boat))
  const { turn, busy, problem } = useSwitch(boat)
  const weights = asked.data
  return (
    <Sheet title="What your days say of the call" open onClose={onClose} wide>
      {problem && (
        <p role="alert" className="mb-3 border-l-4 border-rust pl-3">
          {problem}
        </p>
      )}
      {weights ? (
        <Standing {...{ weights, when, busy, turn }} />
      ) : (
        <p role="status">{asked.error ? asked.error.message : 'Weighing your days…'}</p>
      )}
    </Sheet>
  )
}

function useSwitch(boat: string) {
  const client = useQueryClient()
  const [busy, setBusy] = useState(false)
  const [problem, setProblem] = useState<string | null>(null)
  const turn = async (version: number, on: boolean) => {
    setBusy(true)
    try {
      client.setQueryData(weightsOf(boat).queryKey, await switchWeights(boat, version, on))
      setProblem(null)
    } catch (error) {
      const stale = (error as Problem).status === 409
      setProblem(
        stale
          ? 'They were switched elsewhere meanwhile; this is how they stand.'
          : (error as Problem).message,
      )
      if (stale) await client.invalidateQueries({ queryKey: weightsOf(boat).queryKey })
    } finally {
      setBusy(false)
    }
    // Every call of this boat is weighed anew.
    await client.invalidateQueries({
      predicate: ({ queryKey }) => queryKey[1] === boat && queryKey[2] !== 'weights',
    })
  }
  return { turn, busy, problem }
}

function Standing({
  weights,
  when,
  busy,
  turn,
}: {
  weights: Weights
  when(at: string): string
  busy: boolean
  turn(version: number, on: boolean): Promise<void>
}) {
  const { days, without, strikes, lineHours, moved, on, version } = weights
  if (days === 0 && !on)
    return (
      <p className="max-w-prose">
        No day has taught it anything yet. It learns from days out with a plan and a spread that was called:
        what was known of the water, which method was fished for how long, and what it brought.
        {without > 0 && ` ${counted(without, 'day', 'days')} fished without one.`}
      </p>
    )
  return (
    <>
      <p className="max-w-prose" data-testid="taught">
        From {counted(days, 'day', 'days')} out with a plan and a method:{' '}
        {counted(strikes, 'strike', 'strikes')} in {Math.round(lineHours).toLocaleString('en')} line-hours.
        {without > 0 && ` ${counted(without, 'other day says', 'other days say')} nothing of it.`} Few days
        move little; no weight moves by more than 1.0, and what you set yourself stays. Boat, safety, law and
        box are not learnt.
      </p>
      <p className="mt-2 max-w-prose font-semibold">{anotherFirst(weights)}</p>
      <p className="my-3 flex flex-wrap items-center gap-3">
        {on ? (
          <>
            <Button tone="strong" disabled={busy} onClick={() => void turn(version, false)}>
              Back to the shipped weights
            </Button>
            {days !== weights.usedDays && (
              <Button disabled={busy} onClick={() => void turn(version, true)}>
                Take them anew, with {counted(days, 'day', 'days')}
              </Button>
            )}
            <span role="status">
              In use since {when(weights.since!)}, from {counted(weights.usedDays!, 'day', 'days')}.
            </span>
          </>
        ) : (
          <>
            <Button
              tone="strong"
              disabled={busy || moved.length === 0}
              onClick={() => void turn(version, true)}
            >
              Use these in the call
            </Button>
            <span role="status">Not in use: the call takes the shipped weights.</span>
          </>
        )}
      </p>
      <MovedTable moved={moved} on={on} />
    </>
  )
}

function anotherFirst({ asked, another, moved }: Weights): string {
  if (moved.length === 0) return 'No weight would move by a tenth: these days agree with the shipped ones.'
  const days = `Of the last ${counted(asked, 'day', 'days')} out`
  return another === 0
    ? `${days} all would have begun with the same method.`
    : `${days} ${another} would have begun with another method.`
}

const counted = (n: number, one: string, many: string) => `${n.toLocaleString('en')} ${n === 1 ? one : many}`
