import { Field } from '../../../shared/ui/Field'
import { PositionField } from '../../../shared/ui/PositionField'
import { Select } from '../../../shared/ui/Select'
import type { Boat } from '../../../draft/queries'
import { NameField } from './NameField'

const ZONES: readonly string[] = Intl.supportedValuesOf('timeZone')

/** Where she is at home: light, moon and tide are reckoned there. */
export function HomeStrip({ boat, change }: { boat: Boat; change(boat: Boat): void }) {
  return (
    <section aria-label="Home waters" className="flex flex-wrap items-end gap-x-4 gap-y-1">
      <Field label="Home waters">
        <NameField
          label="Name of the home waters"
          value={boat.place}
          size={14}
          onSet={(place) => change({ ...boat, place })}
        />
      </Field>
      <PositionField
        label="Latitude and longitude"
        at={boat}
        onSet={({ latitudeDeg, longitudeDeg }) => change({ ...boat, latitudeDeg, longitudeDeg })}
      />
      <Field label="Clock">
        <Select
          aria-label="Time zone"
          className="max-w-52"
          value={boat.timeZone}
          onChange={(event) => change({ ...boat, timeZone: event.target.value })}
        >
          {[...new Set([boat.timeZone, ...ZONES])].map((zone) => (
            <option key={zone}>{zone}</option>
          ))}
        </Select>
      </Field>
    </section>
  )
}
