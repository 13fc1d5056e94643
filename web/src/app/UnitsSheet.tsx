import { Button } from '../shared/ui/Button'
import { Select } from '../shared/ui/Select'
import { Sheet } from '../shared/ui/Sheet'
import { unitOf } from '../units/model'
import { FIGURES, SYSTEMS, useUnits, type Figure } from '../units/UnitsContext'

const SHOWN = Object.keys(FIGURES) as Figure[]

/** All in one system at a touch, or each figure in a unit of its own; typing another unit always works too. */
export function UnitsSheet({ open, onClose }: { open: boolean; onClose(): void }) {
  const units = useUnits()
  return (
    <Sheet title="Units" open={open} onClose={onClose}>
      <div className="mb-4 flex flex-wrap gap-2">
        <Button onClick={() => units.chooseAll(SYSTEMS.metric)}>Metres and kilograms</Button>
        <Button onClick={() => units.chooseAll(SYSTEMS.feet)}>Feet and pounds</Button>
      </div>
      {SHOWN.map((figure) => (
        <label key={figure} className="mb-2 flex items-center justify-between gap-4">
          {FIGURES[figure].words}
          <Select value={units.choice[figure]} onChange={(event) => units.choose(figure, event.target.value)}>
            {FIGURES[figure].choices.map((id) => (
              <option key={id} value={id}>
                {unitOf(FIGURES[figure].quantity, id).symbol}
              </option>
            ))}
          </Select>
        </label>
      ))}
      <p className="mt-3 text-sm text-slate">
        Kept in this browser. You can always type another unit: 120 yd, 2&apos;6&quot;, 14 kn.
      </p>
    </Sheet>
  )
}
