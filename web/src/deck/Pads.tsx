import { usePhone } from '../shared/usePhone'
import { PadButton, type PadState } from './PadButton'
import type { Pad } from './pads'

/**
 * The lines as they lie behind the boat, seen by who looks aft from her: bow left and starboard up, or, held upright,
 * bow up and starboard left.
 */
export function Pads({
  pads,
  states,
  acts,
  onTap,
}: {
  pads: readonly Pad[]
  states: ReadonlyMap<string, PadState>
  /** What a tap reports now. */
  acts: string
  onTap(pad: Pad): void
}) {
  const phone = usePhone()
  const columns = 1 + Math.max(0, ...pads.map((pad) => pad.column))
  const across = phone ? 3 : columns
  const down = phone ? columns : 3
  return (
    <div
      className="relative flex min-h-0 flex-1 gap-2 bg-water p-2 max-md:flex-col"
      data-testid="pads"
      data-live
    >
      <Hull phone={phone} />
      <div
        className="grid min-h-0 min-w-0 flex-1 gap-2"
        style={{
          gridTemplateColumns: `repeat(${across}, minmax(0, 1fr))`,
          gridTemplateRows: `repeat(${down}, minmax(${phone ? 84 : 96}px, 1fr))`,
        }}
      >
        {pads.map((pad) => {
          const state = states.get(pad.lineId)
          return (
            state && (
              <div
                key={pad.lineId}
                className="grid min-h-0 min-w-0"
                style={
                  phone
                    ? { gridColumn: pad.row + 1, gridRow: pad.column + 1 }
                    : { gridColumn: pad.column + 1, gridRow: pad.row + 1 }
                }
              >
                <PadButton {...{ pad, state, acts }} onTap={() => onTap(pad)} />
              </div>
            )
          )
        })}
      </div>
    </div>
  )
}

/** Which side is which, said beside her. */
function Hull({ phone }: { phone: boolean }) {
  if (phone)
    return (
      <div className="flex items-end justify-between px-1 text-sm" aria-hidden>
        <span>Starboard</span>
        <svg width={34} height={40} viewBox="0 0 34 40">
          <path d="M4 40 L4 18 Q4 2 17 1 Q30 2 30 18 L30 40 Z" className="fill-foam stroke-ink stroke-2" />
        </svg>
        <span>Port</span>
      </div>
    )
  return (
    <div className="flex w-20 shrink-0 flex-col items-start justify-between py-1 text-sm" aria-hidden>
      <span>Starboard</span>
      <svg width={76} height={44} viewBox="0 0 76 44">
        <path d="M76 4 L34 4 Q4 4 1 22 Q4 40 34 40 L76 40 Z" className="fill-foam stroke-ink stroke-2" />
      </svg>
      <span>Port</span>
    </div>
  )
}
