import { Sheet } from '../shared/ui/Sheet'
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

/** What is seen from the boat, one tap each. */
export function Sighted({ onSeen, onClose }: { onSeen(what: string, words: string): void; onClose(): void }) {
  return (
    <Sheet title="Seen now" open onClose={onClose}>
      <div className="grid grid-cols-2 gap-2">
        {SEEN.map(([what, words]) => (
          <Big
            key={what}
            onClick={() => {
              onSeen(what, words)
              onClose()
            }}
          >
            {words}
          </Big>
        ))}
      </div>
    </Sheet>
  )
}
