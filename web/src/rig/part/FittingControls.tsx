import { RANGES } from '../../shared/api/generated/ranges'
import { QuantityField } from '../../shared/ui/QuantityField'
import { Select } from '../../shared/ui/Select'
import type { Part } from '../queries'
import { FITTINGS } from '../words'
import type { PartActions } from './actions'
import { AsUsual } from './AsUsual'

/** What joins there, and what it stands. */
export function FittingControls({
  part,
  fitting,
  chosen,
  act,
}: {
  part: Part
  fitting: NonNullable<Part['fitting']>
  chosen: boolean
  act: PartActions
}) {
  return (
    <>
      <Select
        aria-label="Fitting"
        value={fitting}
        onChange={(event) => act.fitting(part, event.target.value as typeof fitting, part.strengthN ?? 1000)}
      >
        {Object.entries(FITTINGS).map(([kind, words]) => (
          <option key={kind} value={kind}>
            {words}
          </option>
        ))}
      </Select>
      <QuantityField
        label="Fitting is rated"
        what="a strength"
        figure="pull"
        si={part.strengthN ?? 1000}
        range={RANGES.FootDraft.fittingN}
        onSet={(newtons) => act.fitting(part, fitting, newtons)}
      />
      <AsUsual {...{ part, chosen, act }} />
    </>
  )
}
