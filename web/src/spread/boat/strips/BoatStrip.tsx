import { RANGES } from '../../../shared/api/generated/ranges'
import { Field } from '../../../shared/ui/Field'
import { Select } from '../../../shared/ui/Select'
import type { Boat } from '../../../draft/queries'
import { propSpread, usualTop } from '../model'
import { Drogue } from './Drogue'
import { MaybeSpeed } from './MaybeSpeed'
import { Measure } from './Measure'

const USUAL_IDLE_MPS = 1.3

/** Her own figures. */
export function BoatStrip({ boat, change }: { boat: Boat; change(boat: Boat): void }) {
  return (
    <section aria-label="Figures of the boat" className="flex flex-wrap items-end gap-x-4 gap-y-1">
      <Measure
        label="Length"
        name="Length of the boat"
        what="a length"
        figure="distance"
        si={boat.lengthM}
        range={RANGES.BoatBody.lengthM}
        onSet={(lengthM) => change({ ...boat, lengthM })}
      />
      <Measure
        label="Beam"
        name="Beam"
        what="a length"
        figure="distance"
        si={boat.beamM}
        range={RANGES.BoatBody.beamM}
        onSet={(beamM) => change({ ...boat, beamM })}
      />
      <Field label="Engines">
        <Select
          aria-label="Engines"
          value={boat.engines}
          onChange={(event) => change({ ...boat, engines: Number(event.target.value) })}
        >
          {[0, 1, 2, 3, 4, 5, 6].map((engines) => (
            <option key={engines}>{engines}</option>
          ))}
        </Select>
      </Field>
      {boat.engines > 1 && (
        <Measure
          label="Propellers apart"
          name="Propellers apart"
          what="a length"
          figure="distance"
          si={propSpread(boat)}
          range={{ least: 0.4, most: Math.min(10, boat.beamM) }}
          onSet={(propSpreadM) => change({ ...boat, propSpreadM })}
        />
      )}
      <MaybeSpeed
        label="Makes at most"
        name="Top speed"
        unset="by her length"
        si={boat.topMps}
        begins={usualTop(boat)}
        range={RANGES.BoatBody.topMps}
        onSet={(topMps) => change({ ...boat, topMps })}
      />
      <MaybeSpeed
        label="Idles at"
        name="Idle speed"
        unset="not known"
        si={boat.idleMps}
        begins={USUAL_IDLE_MPS}
        range={RANGES.BoatBody.idleMps}
        onSet={(idleMps) => change({ ...boat, idleMps })}
      />
      {boat.idleMps !== undefined && <Drogue {...{ boat, change }} idleMps={boat.idleMps} />}
      <p className="max-w-72 text-sm text-slate">
        {boat.drogueAreaM2 !== undefined &&
          'Drogue lines and propellers: haul it before you put her astern. '}
        Holders that a spread uses cannot be taken off.
      </p>
    </section>
  )
}
