import { RANGES } from '../../shared/api/generated/ranges'
import { Button } from '../../shared/ui/Button'
import { QuantityField } from '../../shared/ui/QuantityField'
import type { Part } from '../queries'
import type { OfPart } from './actions'
import { NamedSelect } from './NamedSelect'

/** Of which line it is, and how long. */
export function LineControls({
  part,
  lines,
  lineGearId,
  act,
}: Pick<OfPart, 'lines' | 'act'> & { part: Part; lineGearId: string }) {
  return (
    <>
      <NamedSelect
        label={`Line of the ${part.words}`}
        items={lines}
        value={lineGearId}
        onChoose={(gearId) => act.line(part.piece, gearId)}
      />
      {part.sort !== 'MAIN' && (
        <QuantityField
          label={`Length of the ${part.words}`}
          what="a length"
          figure={(part.lengthM ?? 0) < 2 ? 'small' : 'distance'}
          si={part.lengthM ?? 0}
          range={RANGES.PieceDraft.lengthM}
          onSet={(metres) => act.length(part.piece, metres)}
        />
      )}
      {part.piece > 0 && part.sort !== 'MAIN' && (
        <Button small tone="quiet" onClick={() => act.takeOut(part.piece)}>
          Take out
        </Button>
      )}
    </>
  )
}
