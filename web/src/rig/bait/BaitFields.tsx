import { RANGES } from '../../shared/api/generated/ranges'
import { QuantityField } from '../../shared/ui/QuantityField'
import { Select } from '../../shared/ui/Select'
import { TypedField } from '../../shared/ui/TypedField'
import type { Bait } from '../queries'
import { BAITS } from '../words'

export interface BaitActions {
  kind(kind: Bait['kind']): void
  length(metres: number): void
  angle(radians: number): void
}

/** Which bait, how long, and how it is cut or bent. */
export function BaitFields({ bait, act }: { bait: Bait; act: BaitActions }) {
  const angle = bait.cut?.angleRad ?? bait.bend?.angleRad
  return (
    <div className="flex flex-wrap items-center gap-3">
      <Select
        aria-label="Bait"
        value={bait.kind}
        onChange={(event) => act.kind(event.target.value as Bait['kind'])}
      >
        {Object.entries(BAITS).map(([kind, words]) => (
          <option key={kind} value={kind}>
            {words}
          </option>
        ))}
      </Select>
      <span className="text-slate">of</span>
      <QuantityField
        label="Length of the bait"
        what="a length"
        figure="small"
        si={bait.lengthM}
        range={RANGES.RigDraft.baitLengthM}
        onSet={act.length}
      />
      {angle !== undefined && (
        <>
          <span className="text-slate">{bait.cut ? 'cut at' : 'bent by'}</span>
          <TypedField
            label={bait.cut ? 'Angle of the cut' : 'Angle of the bend'}
            value={`${Math.round((angle * 180) / Math.PI)}°`}
            size={4}
            className="h-11"
            onCommit={(typed) => {
              const degrees = Number(typed.replace('°', '').replace(',', '.'))
              if (!(degrees >= 0 && degrees <= 75)) return 'Type an angle from 0° to 75°.'
              act.angle((degrees * Math.PI) / 180)
              return null
            }}
          />
        </>
      )}
    </div>
  )
}
