import { Button } from '../../shared/ui/Button'
import type { Part } from '../queries'
import type { PartActions } from './actions'

/** Takes back what was chosen for this part. */
export function AsUsual({ part, chosen, act }: { part: Part; chosen: boolean; act: PartActions }) {
  if (!chosen) return null
  return (
    <Button small tone="quiet" onClick={() => act.asUsual(part.piece)}>
      As usual
    </Button>
  )
}
