import type { LineNow } from '../strikes/fold/model'
import type { Pad } from './pads'

export interface PadState {
  now: LineNow
  lure: string
  letOut: string
  depth: string
  /** In which place it is set or cleared next; none where nothing is ordered. */
  order?: number | undefined
  /** The same tap as its key. */
  key: string
}

const STATE: Record<LineNow, string> = {
  OUT: '',
  FIGHTING: 'fish on',
  IN: 'in',
  UNKNOWN: 'not set',
}

/** How a pad looks by what its line is at. */
export const padLook = (now: LineNow): string =>
  now === 'FIGHTING'
    ? 'border-ink bg-lichen text-[#17211b]'
    : now === 'OUT'
      ? 'border-ink bg-foam'
      : 'border-dashed border-ink/60 bg-foam/60'

/** One line as a pad as large as a thumb in a glove, where she lies behind the boat. */
export function PadButton({
  pad,
  state,
  acts,
  onTap,
}: {
  pad: Pad
  state: PadState
  /** What a tap reports now. */
  acts: string
  onTap(): void
}) {
  return (
    <button
      type="button"
      data-pad={pad.label}
      data-now={state.now}
      aria-label={`${acts} ${pad.label}, ${state.lure}, ${state.letOut}, ${state.depth}${STATE[state.now] && `, ${STATE[state.now]}`}`}
      className={`relative flex min-h-16 min-w-0 touch-manipulation flex-col justify-between overflow-hidden rounded-md border-[3px] p-2 text-left select-none ${padLook(state.now)}`}
      onClick={onTap}
    >
      <span className="flex items-start justify-between gap-1">
        <b className="text-3xl leading-none">{pad.label}</b>
        <span className="rounded-sm border-2 border-current px-1.5 font-mono text-base leading-snug max-md:hidden">
          {state.key}
        </span>
      </span>
      <span className="truncate text-base">{state.lure}</span>
      <span className="truncate font-mono text-base">
        {STATE[state.now] || (
          <>
            {state.letOut}
            <span className="max-md:hidden">, {state.depth}</span>
          </>
        )}
      </span>
      {state.order !== undefined && (
        <span className="absolute right-1 bottom-1 rounded-full border-2 border-ink bg-lichen px-2 font-bold text-[#17211b]">
          {state.order}
        </span>
      )}
    </button>
  )
}
