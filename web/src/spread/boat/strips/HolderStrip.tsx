import { RANGES } from '../../../shared/api/generated/ranges'
import { Field } from '../../../shared/ui/Field'
import { Select } from '../../../shared/ui/Select'
import type { Boat, Holder } from '../../../draft/queries'
import { KINDS, withHolder } from '../model'
import { Measure } from './Measure'
import { NameField } from './NameField'

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
  const place = (end: 'base' | 'tip', field: 'asternM' | 'starboardM' | 'heightM') => (si: number) =>
    set({ [end]: { ...holder[end], [field]: si } })
  return (
    <section aria-label="Selected holder" className="flex flex-wrap items-end gap-x-4 gap-y-1">
      <Field label="Holder">
        <NameField
          label="Name of the holder"
          value={holder.name}
          size={20}
          onSet={(name) => set({ name: name })}
        />
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
      <Measure
        label="Tip: astern"
        name="Tip astern"
        what="a length"
        figure="distance"
        si={holder.tip.asternM}
        range={RANGES.PointBody.asternM}
        onSet={place('tip', 'asternM')}
      />
      <Measure
        label="to starboard"
        name="Tip to starboard"
        what="a length"
        figure="distance"
        si={holder.tip.starboardM}
        range={{ least: -20, most: 20 }}
        onSet={place('tip', 'starboardM')}
      />
      <Measure
        label="up"
        name="Tip height"
        what="a height"
        figure="distance"
        si={holder.tip.heightM}
        range={{ least: 0, most: 12 }}
        onSet={place('tip', 'heightM')}
      />
    </section>
  )
}
