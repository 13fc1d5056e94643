import { RANGES } from '../../shared/api/generated/ranges'
import { QuantityField } from '../../shared/ui/QuantityField'
import { Select } from '../../shared/ui/Select'
import type { BenchLine } from '../queries'
import { HOOK_KINDS } from '../words'
import type { PartActions } from './actions'

/** Which hooks, how many, and what one stands. */
export function HookControls({ bench, act }: { bench: BenchLine; act: PartActions }) {
  const { hookKind, hookCount, hookStrengthN } = bench
  return (
    <>
      <Select
        aria-label="Kind of hooks"
        value={hookKind}
        onChange={(event) => {
          const kind = event.target.value as typeof hookKind
          act.hooks(kind, kind === 'TWO_IN_LINE' || kind === 'BAIT_SET' ? 2 : 1, hookStrengthN)
        }}
      >
        {Object.entries(HOOK_KINDS).map(([kind, words]) => (
          <option key={kind} value={kind}>
            {words}
          </option>
        ))}
      </Select>
      <Select
        aria-label="Number of hooks"
        value={hookCount}
        onChange={(event) => act.hooks(hookKind, Number(event.target.value), hookStrengthN)}
      >
        {[1, 2, 3, 4, 5, 6].map((count) => (
          <option key={count}>{count}</option>
        ))}
      </Select>
      <QuantityField
        label="A hook opens at"
        what="a strength"
        figure="pull"
        si={hookStrengthN}
        range={RANGES.RigDraft.hookStrengthN}
        onSet={(newtons) => act.hooks(hookKind, hookCount, newtons)}
      />
    </>
  )
}
