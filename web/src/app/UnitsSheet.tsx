import { Select } from '../shared/ui/Select'
import { Sheet } from '../shared/ui/Sheet'
import { unitOf } from '../units/model'
import { FIGURES, useUnits, type Figure } from '../units/UnitsContext'

const SHOWN: readonly Figure[] = ['distance', 'speed', 'pull']

/** Each figure in the reader's own unit; typing another unit always works too. */
export function UnitsSheet({ open, onClose }: { open: boolean; onClose(): void }) {
  const units = useUnits()
  return (
    <Sheet title="Units" open={open} onClose={onClose}>
      <p className="mb-3">
        Kept in this browser. You can always type another unit: 120 yd, 2&apos;6&quot;, 14 kn.
      </p>
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
    </Sheet>
  )
}
