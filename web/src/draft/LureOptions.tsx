import { useUnits } from '../units/UnitsContext'
import { isLead } from './model'
import type { Lure } from './queries'

export type LureChoice = Pick<Lure, 'gearId' | 'name' | 'kind' | 'colour' | 'massKg'>

/** Lures by colour, leads by weight, in a list to choose from. */
export function LureOptions({ items }: { items: readonly LureChoice[] }) {
  const units = useUnits()
  return items.map((item) => (
    <option key={item.gearId} value={item.gearId}>
      {item.name}, {isLead(item.kind) ? units.say('mass', item.massKg) : item.colour}
    </option>
  ))
}
