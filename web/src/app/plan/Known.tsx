import { useCallback, useMemo } from 'react'
import { Chips } from '../../call/Chips'
import { withAnswer } from '../../call/model'
import type { Answer, TopicName } from '../../call/queries'
import { WorthFinding } from '../../call/WorthFinding'
import { streamAt } from '../../clock/model'
import { useUnits } from '../../units/UnitsContext'
import type { PlanState } from './usePlanState'

/** What is known of the day, and what is worth finding out. */
export function Known({ p: { plan, planning, planDay, words, minute, call } }: { p: PlanState }) {
  const units = useUnits()
  const { edit } = planning
  const bagHint = call && roomWords(call.bagByTable, call.kept)
  const hints = useMemo(() => (bagHint ? { BAG: bagHint } : {}), [bagHint])
  const stream = planDay.day && streamAt(planDay.day, minute)
  const byTide = stream ? `${units.say('speed', stream.mps)} by the tide` : ''
  const reckoned = useMemo(() => (byTide === '' ? {} : { STREAM: byTide }), [byTide])
  const answer = useCallback(
    (topic: TopicName, given: Answer | null) =>
      edit((before) => ({ ...before, answers: withAnswer(before.answers, topic, given) })),
    [edit],
  )
  return (
    <section className="grow border-t-2 border-ink bg-shade px-4 py-2" aria-label="What you know">
      <h2 className="font-bold">What you know</h2>
      <div className="mb-2">{call && <WorthFinding call={call} words={words} />}</div>
      <Chips words={words} answers={plan.answers} hints={hints} reckoned={reckoned} onAnswer={answer} />
      {plan.answers.length === 0 && (
        <p className="mt-2">Nothing is known yet. Begin with the target, the surface and the crew.</p>
      )}
    </section>
  )
}

/** Room as it was in the morning; what was kept since comes off in the call itself. */
function roomWords(room: number | undefined, kept: number): string {
  const morning = room === undefined ? '' : `By your table the bag has room for ${room} in the morning. `
  return morning + (kept > 0 ? `The ${kept} kept so far are off it already.` : '')
}
