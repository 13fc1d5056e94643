import { useUnits } from '../../units/UnitsContext'
import type { Boat, Holder } from '../../draft/queries'
import type { Layout, View } from './layout'
import type { End } from './model'
import type { Handles } from './useHandles'

/** Each holder from base to tip; both ends are dragged. */
export function HolderHandles({
  boat,
  layout,
  view,
  selected,
  handles,
  onSelect,
}: {
  boat: Boat
  layout: Layout
  view: View
  selected: string | null
  handles: Handles
  onSelect(holderId: string): void
}) {
  const { x, y } = layout
  return boat.holders.map((holder) => {
    const on = holder.holderId === selected
    return (
      <g key={holder.holderId} className={on ? 'stroke-ink' : 'stroke-ink/60'}>
        <line
          x1={x(holder.base.asternM)}
          y1={y(holder, 'base', view)}
          x2={x(holder.tip.asternM)}
          y2={y(holder, 'tip', view)}
          strokeWidth={on ? 4 : 2}
        />
        {(['base', 'tip'] as const).map((end) => (
          <Handle key={end} {...{ holder, end, view, on, layout, handles, onSelect }} />
        ))}
        {on && view === 'plan' && (
          <text
            {...beside(x(holder.tip.asternM), holder.name, layout.width)}
            y={y(holder, 'tip', view) - 10}
            className="fill-ink stroke-water stroke-[4] text-[13px] font-bold [paint-order:stroke]"
          >
            {holder.name}
          </text>
        )}
      </g>
    )
  })
}

/** A letter of a name, somewhat wide (px). */
const LETTER = 7.5
const GAP = 12

/** A name stands to the right of its tip, or ends before it where the drawing ends. */
const beside = (x: number, name: string, width: number) =>
  x + GAP + name.length * LETTER < width
    ? { x: x + GAP }
    : { x: Math.min(x - GAP, width - GAP), textAnchor: 'end' as const }

function Handle({
  holder,
  end,
  view,
  on,
  layout: { x, y },
  handles,
  onSelect,
}: {
  holder: Holder
  end: End
  view: View
  on: boolean
  layout: Layout
  handles: Handles
  onSelect(holderId: string): void
}) {
  const units = useUnits()
  const at = { cx: x(holder[end].asternM), cy: y(holder, end, view) }
  return (
    <g
      role="slider"
      tabIndex={view === 'plan' || on ? 0 : -1}
      aria-label={`${holder.name}, ${end}, ${view === 'plan' ? 'from above' : 'from the side'}`}
      aria-valuenow={view === 'plan' ? holder[end].starboardM : holder[end].heightM}
      aria-valuetext={placeWords(holder, end, (m) => units.say('distance', m))}
      data-handle={`${view} ${holder.name} ${end}`}
      className="group cursor-grab outline-none"
      onFocus={() => onSelect(holder.holderId)}
      onPointerDown={(event) => handles.start(event, view)}
      onKeyDown={(event) => handles.nudge(event, holder, end, view)}
    >
      <circle {...at} r={22} className="fill-transparent stroke-none" />
      <circle
        {...at}
        r={end === 'tip' ? 6 : 4.5}
        strokeWidth={2}
        className={`${on ? 'fill-lichen' : end === 'tip' ? 'fill-foam' : 'fill-ink'} group-focus-visible:stroke-[5]`}
      />
    </g>
  )
}

const placeWords = (holder: Holder, end: End, say: (m: number) => string): string => {
  const point = holder[end]
  const along =
    point.asternM > 0 ? `${say(point.asternM)} astern` : `${say(-point.asternM)} forward of the transom`
  const across =
    point.starboardM === 0
      ? 'in the middle'
      : point.starboardM > 0
        ? `${say(point.starboardM)} to starboard`
        : `${say(-point.starboardM)} to port`
  return `${along}, ${across}, ${say(point.heightM)} up`
}
