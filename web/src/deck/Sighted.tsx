import { useState } from 'react'
import { Sheet } from '../shared/ui/Sheet'
import { Scope, type Where } from './Scope'
import { Big } from './StrikeCard'

export const SEEN: readonly (readonly [string, string])[] = [
  ['BIRDS_DIVING', 'birds diving'],
  ['BIRDS_SEARCHING', 'birds searching'],
  ['BIRDS_TRAVELLING', 'birds travelling'],
  ['BIRDS_RESTING', 'birds resting'],
  ['FISH_BREAKING', 'fish breaking'],
  ['FISH_DEEP', 'fish on the sounder'],
  ['BAIT', 'bait on the sounder'],
  ['WEED', 'weed'],
  ['FLOATING_THING', 'floating thing'],
  ['EDGE', 'edge'],
  ['SHARK', 'shark'],
  ['BOAT', 'boat near the lines'],
]

/** What is seen from the boat, one tap each; where it lies, where that is known too, is a tap before. */
export function Sighted({
  placed,
  onSeen,
  onClose,
}: {
  /** Her place and heading are heard: what lies beside her lies somewhere. */
  placed: boolean
  onSeen(what: string, words: string, where: Where | null): void
  onClose(): void
}) {
  const [where, setWhere] = useState<Where | null>(null)
  return (
    <Sheet title="Seen now" open onClose={onClose} wide={placed}>
      {placed && <Scope where={where} onWhere={setWhere} />}
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-3">
        {SEEN.map(([what, words]) => (
          <Big
            key={what}
            onClick={() => {
              onSeen(what, words, where)
              onClose()
            }}
          >
            {words}
          </Big>
        ))}
      </div>
      {placed && (
        <p className="mt-3">
          A boat that sends nothing: say where she is, and again half a minute later. Then her way is known,
          and a line that it may cross is called.
        </p>
      )}
    </Sheet>
  )
}
