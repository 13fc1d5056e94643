import { Select } from '../../shared/ui/Select'
import type { Item } from './actions'

/** One of what is aboard. */
export function NamedSelect({
  label,
  items,
  value,
  onChoose,
}: {
  label: string
  items: readonly Item[]
  value: string
  onChoose(gearId: string): void
}) {
  return (
    <Select aria-label={label} value={value} onChange={(event) => onChoose(event.target.value)}>
      {items.map(({ gearId, name }) => (
        <option key={gearId} value={gearId}>
          {name}
        </option>
      ))}
    </Select>
  )
}
