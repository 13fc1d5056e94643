import { useState } from 'react'
import { Sheet } from '../shared/ui/Sheet'
import { useUnits } from '../units/UnitsContext'
import { asSentence, saySentence } from '../units/sentence'
import type { Fact } from '../strikes/fold/model'
import type { CueAnswer } from './queries'
import { Big } from './StrikeCard'

/** What is wrong with how a line runs; one tap keeps it with its lure and says what to do. */
export function Cues({
  label,
  cues,
  seen,
  clock,
  onCue,
  onBack,
  onClose,
}: {
  label: string
  cues: readonly CueAnswer[]
  /** Of its lure today, the last first. */
  seen: readonly Fact[]
  clock(at: number): string
  onCue(cue: CueAnswer): void
  onBack(factId: string): void
  onClose(): void
}) {
  const units = useUnits()
  const [said, setSaid] = useState<CueAnswer | null>(null)
  const wordsOf = (fact: Fact) => cues.find(({ cue }) => cue === fact.payload.cue)?.says ?? 'something seen'
  return (
    <Sheet title={`How ${label} runs`} open onClose={onClose}>
      {said ? (
        <>
          <p className="mb-2 text-2xl leading-snug font-bold" role="status">
            {asSentence(saySentence(said.act, units, 'UTC'))}
          </p>
          <p className="mb-4 text-lg">
            Kept with the lure: it is taken to want {units.say('speed', Math.abs(said.stepMps))}{' '}
            {said.stepMps > 0 ? 'more' : 'less'} from now on.
          </p>
          <Big strong onClick={onClose}>
            Right
          </Big>
        </>
      ) : (
        <div className="grid gap-2">
          {cues.map((cue) => (
            <Big
              key={cue.cue}
              onClick={() => {
                onCue(cue)
                setSaid(cue)
              }}
            >
              {cue.says}
            </Big>
          ))}
          {seen.length > 0 && (
            <ul aria-label="Seen of its lure today" className="mt-2 divide-y divide-ink/25">
              {seen.map((fact) => (
                <li key={fact.factId} className="flex items-center gap-3 py-1 text-lg">
                  <span className="flex-1">
                    {clock(Date.parse(fact.happenedAt))}, {wordsOf(fact)}
                  </span>
                  <Big onClick={() => onBack(fact.factId)}>Take back</Big>
                </li>
              ))}
            </ul>
          )}
        </div>
      )}
    </Sheet>
  )
}
