import { LureOptions } from '../../draft/LureOptions'
import { Select } from '../../shared/ui/Select'
import type { Part } from '../queries'
import { ScentField } from '../ScentField'
import type { OfPart } from './actions'

/** The lure with its scent, or a weight on the way to it. */
export function EndControls({
  bench,
  part,
  pieces,
  lures,
  weights,
  scents,
  lureGearId,
  act,
}: Pick<OfPart, 'bench' | 'pieces' | 'lures' | 'weights' | 'scents' | 'act'> & {
  part: Part
  lureGearId: string | undefined
}) {
  const isLure = part.sort === 'LURE'
  return (
    <>
      <Select
        aria-label={isLure ? 'Lure' : 'Weight'}
        value={lureGearId ?? ''}
        onChange={(event) => act.item(part.piece, event.target.value || undefined)}
      >
        {!isLure && part.piece < pieces && <option value="">nothing</option>}
        <LureOptions items={isLure ? lures : weights} />
      </Select>
      {isLure && <ScentField scent={bench.scent} used={scents} onSet={act.scent} />}
    </>
  )
}
