import { Button } from '../../../shared/ui/Button'
import { Field } from '../../../shared/ui/Field'
import { TypedField } from '../../../shared/ui/TypedField'
import type { Boat } from '../../../draft/queries'
import { withoutDrogue } from '../model'
import { Measure } from './Measure'

/** Of the speed at idle, for a drogue that is of a usual size. */
const SLOWED_TO = 0.7
const USUAL_AREA_M2 = 0.3

/** What she drags to go slower than she idles. */
export function Drogue({ boat, idleMps, change }: { boat: Boat; idleMps: number; change(boat: Boat): void }) {
  const usual = SLOWED_TO * idleMps
  if (boat.drogueAreaM2 === undefined)
    return (
      <Field label="Drogue">
        <Button
          small
          className="h-11"
          onClick={() => change({ ...boat, drogueAreaM2: USUAL_AREA_M2, drogueSpeedMps: usual })}
        >
          none tried
        </Button>
      </Field>
    )
  return (
    <>
      <Field label="Drogue, drag area m²">
        <TypedField
          label="Drogue, drag area in square metres"
          value={boat.drogueAreaM2.toFixed(2)}
          onCommit={(typed) => {
            const area = Number(typed.replace(',', '.'))
            if (!(area >= 0.01 && area <= 5)) return 'Type an area from 0.01 to 5 m².'
            change({ ...boat, drogueAreaM2: area })
            return null
          }}
          className="h-11"
        />
      </Field>
      <Measure
        label="slowed her to"
        name="Speed with the drogue"
        what="a speed"
        figure="speed"
        si={boat.drogueSpeedMps ?? usual}
        range={{ least: 0.1, most: 0.99 * idleMps }}
        onSet={(drogueSpeedMps) => change({ ...boat, drogueSpeedMps })}
      />
      <Button small tone="quiet" className="h-11" onClick={() => change(withoutDrogue(boat))}>
        no drogue
      </Button>
    </>
  )
}
