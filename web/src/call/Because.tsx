import { useState } from 'react'
import { useUnits } from '../units/UnitsContext'
import { saySentence, type OpenSentence } from '../units/sentence'
import { differences, weight } from './model'
import type { Call, Catalogue, Playbook, Reason, Score } from './queries'
import { Weighed } from './Weighed'
import { playbookWords } from './words'

/** Reasons with their weights, or how they differ from those of the nearest other method. */
export function Because({
  call,
  shown,
  words,
  timeZone,
  onNumbers,
  onDays,
}: {
  call: Call
  shown: Score
  words: Catalogue
  timeZone: string
  onNumbers(): void
  /** What the boat's days say of the weights. */
  onDays(): void
}) {
  const units = useUnits()
  const [against, setAgainst] = useState(false)
  const name = (id: Playbook) => playbookWords(words, id)
  const say = (sentence: OpenSentence) => saySentence(sentence, units, timeZone)
  const rival = rivalOf(call, shown)
  return (
    <section>
      <div className="mb-1 flex items-baseline justify-between gap-2">
        <h2 className="font-bold">{against && rival ? `Against ${name(rival.playbook)}` : 'Because'}</h2>
        {rival && rival.reasons.length > 0 && (
          <button
            type="button"
            className="min-h-11 text-sm underline"
            aria-pressed={against}
            onClick={() => setAgainst(!against)}
          >
            {against ? 'all reasons' : `against ${name(rival.playbook)}`}
          </button>
        )}
      </div>
      {against && rival ? (
        <Weighed
          testid="differences"
          rows={differences(shown, rival).map((difference) => ({
            key: (difference.ours ?? difference.theirs)!.rule,
            tenths: difference.tenths,
            words: differenceWords(difference, name(rival.playbook), say),
          }))}
          sum={shown.tenths - rival.tenths}
        />
      ) : (
        <Weighed
          testid="reasons"
          rows={shown.reasons.map((reason: Reason) => ({
            key: reason.rule,
            tenths: reason.tenths,
            words: say(reason.says),
          }))}
          sum={shown.tenths}
        />
      )}
      <p className="mt-1 text-sm text-slate">
        {call.taughtByDays ? `Weights follow ${call.taughtByDays} of your days.` : 'Weights are estimates.'}{' '}
        <button type="button" className="min-h-11 underline" onClick={onNumbers}>
          See and set every number
        </button>
        {' · '}
        <button type="button" className="min-h-11 underline" onClick={onDays}>
          What your days say
        </button>
      </p>
    </section>
  )
}

/** What comes next where it leads, else what leads. */
export const rivalOf = (call: Call, shown: Score): Score | undefined =>
  shown === call.scores[0] ? call.scores[1] : call.scores[0]

function differenceWords(
  { ours, theirs }: { ours?: Reason; theirs?: Reason },
  rival: string,
  say: (sentence: OpenSentence) => string,
): string {
  if (ours && theirs) return `${say(ours.says)}: ${weight(ours.tenths)} here, ${weight(theirs.tenths)} there`
  return ours ? say(ours.says) : `for ${rival}: ${say(theirs!.says)}`
}
