import type { ComponentProps } from 'react'
import { RANGES } from '../../../shared/api/generated/ranges'
import { Field } from '../../../shared/ui/Field'
import { Select } from '../../../shared/ui/Select'
import type { Boat, Holder } from '../../../draft/queries'
import { KINDS, withHolder } from '../model'
import { Measure } from './Measure'
import { NameField } from './NameField'

const TIP: readonly (Pick<ComponentProps<typeof Measure>, 'label' | 'name' | 'what' | 'range'> & {
  field: keyof Holder['tip']
})[] = [
  {
    field: 'asternM',
    label: 'Tip: astern',
    name: 'Tip astern',
    what: 'a length',
    range: RANGES.PointBody.asternM,
  },
  {
    field: 'starboardM',
    label: 'to starboard',
    name: 'Tip to starboard',
    what: 'a length',
    range: { least: -20, most: 20 },
  },
  { field: 'heightM', label: 'up', name: 'Tip height', what: 'a height', range: { least: 0, most: 12 } },
]

/** The chosen holder in figures. */
export function HolderStrip({
  boat,
  holder,
  change,
}: {
  boat: Boat
  holder: Holder
  change(boat: Boat): void
}) {
  const set = (next: Partial<Holder>) =>
    change(withHolder(boat, holder.holderId, (one) => ({ ...one, ...next })))
  return (
    <section aria-label="Selected holder" className="flex flex-wrap items-end gap-x-4 gap-y-1">
      <Field label="Holder">
        <NameField label="Name of the holder" value={holder.name} size={20} onSet={(name) => set({ name })} />
      </Field>
      <Field label="Kind">
        <Select
          aria-label="Kind of holder"
          value={holder.kind}
          onChange={(event) => set({ kind: event.target.value as Holder['kind'] })}
        >
          {KINDS.map(([kind, words]) => (
            <option key={kind} value={kind}>
              {words}
            </option>
          ))}
        </Select>
      </Field>
      {TIP.map(({ field, ...words }) => (
        <Measure
          key={field}
          {...words}
          figure="distance"
          si={holder.tip[field]}
          onSet={(si) => set({ tip: { ...holder.tip, [field]: si } })}
        />
      ))}
    </section>
  )
}
