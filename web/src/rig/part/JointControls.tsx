import { Select } from '../../shared/ui/Select'
import type { Joint, Part } from '../queries'
import type { PartActions } from './actions'
import { AsUsual } from './AsUsual'

/** What it is tied with, by how much of the line each knot leaves. */
export function JointControls({
  part,
  joint,
  chosen,
  act,
}: {
  part: Part
  joint: Joint
  /** Not as usual. */
  chosen: boolean
  act: PartActions
}) {
  return (
    <>
      <Select
        aria-label="Tied with"
        value={joint}
        onChange={(event) => act.joint(part, event.target.value as Joint)}
      >
        {part.choices.map((choice) => (
          <option key={choice.joint} value={choice.joint}>
            {`${choice.words}, ${Math.round(100 * choice.share)} %`}
          </option>
        ))}
      </Select>
      <AsUsual {...{ part, chosen, act }} />
    </>
  )
}
