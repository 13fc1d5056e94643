import { padLook, type PadState } from './PadButton'
import type { Pad } from './pads'

/** The lines' pads in one row under the drawing, from the nearest to the farthest: as large as a thumb in a glove. */
export function PadRow({
  pads,
  states,
  acts,
  onTap,
}: {
  pads: readonly Pad[]
  states: ReadonlyMap<string, PadState>
  acts: string
  onTap(pad: Pad): void
}) {
  return (
    <div
      className="flex shrink-0 gap-1 overflow-x-auto border-t-[3px] border-ink p-1"
      data-testid="pad-row"
      data-live
    >
      {pads.map((pad) => {
        const state = states.get(pad.lineId)
        return (
          state && (
            <button
              key={pad.lineId}
              type="button"
              data-pad={pad.label}
              data-now={state.now}
              aria-label={`${acts} ${pad.label}, ${state.lure}, ${state.letOut}`}
              className={`flex min-h-16 min-w-20 flex-1 touch-manipulation flex-col justify-between rounded-md border-[3px] px-2 py-1 text-left select-none ${padLook(state.now)}`}
              onClick={() => onTap(pad)}
            >
              <span className="flex items-start justify-between gap-1">
                <b className="text-2xl leading-none">{pad.label}</b>
                <span className="rounded-sm border-2 border-current px-1 font-mono text-base leading-snug max-md:hidden">
                  {state.key}
                </span>
              </span>
              <span className="truncate font-mono text-base">{state.letOut}</span>
            </button>
          )
        )
      })}
    </div>
  )
}
