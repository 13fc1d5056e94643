import { Button } from '../../shared/ui/Button'
import type { Dropped } from '../chain/useDropping'
import type { Part } from '../queries'
import type { PartActions } from './actions'

const TRAY: readonly (readonly [Dropped, string])[] = [
  ['leader', 'Leader'],
  ['weight', 'Weight'],
  ['swivel', 'Swivel'],
]

/** Dragged onto the chain, or put at the chosen part. */
export function Tray({ part, act }: { part: Part | undefined; act: PartActions }) {
  const fits = part !== undefined && part.piece >= 0 && !part.twig
  return (
    <div className="flex items-center gap-1.5" role="group" aria-label="Tie in">
      <span className="text-sm text-slate">Tie in</span>
      {TRAY.map(([what, words]) => (
        <Button
          key={what}
          small
          draggable
          onDragStart={(event) => event.dataTransfer.setData('text/plain', what)}
          disabled={!fits}
          title={
            fits
              ? 'Drag it onto the chain, or tie it in at the chosen part'
              : 'Choose a part of the chain first, between the lure and the main line'
          }
          onClick={() => part && act.add(what, part)}
        >
          {words}
        </Button>
      ))}
    </div>
  )
}
