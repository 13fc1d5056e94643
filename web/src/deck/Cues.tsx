import { useState } from 'react'
import { Sheet } from '../shared/ui/Sheet'
import { useUnits } from '../units/UnitsContext'
import { asSentence, saySentence } from '../units/sentence'
import type { CueAnswer } from './queries'
import { Big } from './StrikeCard'

/** What is wrong with how a line runs; one tap keeps it and says what to do. */
export function Cues({
  label,
  cues,
  onCue,
  onClose,
}: {
  label: string
  cues: readonly CueAnswer[]
  onCue(cue: CueAnswer): void
  onClose(): void
}) {
  const units = useUnits()
  const [said, setSaid] = useState<CueAnswer | null>(null)
  return (
    <Sheet title={`How ${label} runs`} open onClose={onClose}>
      {said ? (
        <>
          <p className="mb-4 text-2xl leading-snug font-bold" role="status">
            {asSentence(saySentence(said.act, units, 'UTC'))}
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
        </div>
      )}
    </Sheet>
  )
}
