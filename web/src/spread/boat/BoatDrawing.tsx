import { scaleLinear } from '../../shared/scale'
import { useRef, type KeyboardEvent, type PointerEvent } from 'react'
import { useSize } from '../../shared/useWidth'
import { useUnits } from '../../units/UnitsContext'
import type { Boat, Holder } from '../../draft/queries'
import { engineOffsets, moved, propSpread, raised, spreadEngines, type End } from './model'

const MARGIN = 46
const SIDE_SHARE = 0.36

/** The boat from above and from the side at one scale; bases and tips are dragged into place. */
export function BoatDrawing({
  boat,
  selected,
  onSelect,
  onPreview,
  onSettle,
}: {
  boat: Boat
  selected: string | null
  onSelect(holderId: string): void
  /** While an end moves. */
  onPreview(boat: Boat): void
  /** When it is let go. */
  onSettle(): void
}) {
  const [frame, width, height] = useSize()
  const units = useUnits()
  const drag = useRef<{ holderId: string; end: End; view: 'plan' | 'side' } | 'engine' | null>(null)
  const xs = boat.holders.flatMap((holder) => [holder.base.asternM, holder.tip.asternM])
  const fore = Math.min(-boat.lengthM, ...xs) - 0.6
  const aft = Math.max(1, ...xs) + 0.8
  const across =
    Math.max(boat.beamM / 2, ...boat.holders.map((holder) => Math.abs(holder.tip.starboardM))) + 0.8
  const high =
    Math.max(3, ...boat.holders.flatMap((holder) => [holder.tip.heightM, holder.base.heightM])) + 0.6
  const planHeight = height * (1 - SIDE_SHARE)
  const perMetre = Math.max(
    1,
    Math.min(
      (width - 2 * MARGIN) / (aft - fore),
      (planHeight - 30) / (2 * across),
      (height * SIDE_SHARE - 40) / (high + 0.8),
    ),
  )
  const middle = width / 2 - (perMetre * (aft + fore)) / 2
  const x = scaleLinear([0, 1], [middle, middle + perMetre])
  const plan = (starboardM: number) => planHeight / 2 - starboardM * perMetre
  const water = height - 26
  const side = (heightM: number) => water - heightM * perMetre

  /** Where handles crowd, the nearest is taken and not the one drawn last. */
  const start = (event: PointerEvent, view: 'plan' | 'side') => {
    const box = (event.currentTarget as SVGElement).ownerSVGElement?.getBoundingClientRect()
    const at = { x: event.clientX - (box?.left ?? 0), y: event.clientY - (box?.top ?? 0) }
    const near = boat.holders
      .flatMap((holder) => (['base', 'tip'] as const).map((end) => ({ holder, end })))
      .map(({ holder, end }) => {
        const y = view === 'plan' ? plan(holder[end].starboardM) : side(holder[end].heightM)
        return { holder, end, away: Math.hypot(x(holder[end].asternM) - at.x, y - at.y) }
      })
      .sort((a, b) => a.away - b.away)[0]
    if (!near) return
    onSelect(near.holder.holderId)
    drag.current = { holderId: near.holder.holderId, end: near.end, view }
    ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  }
  const move = (event: PointerEvent<SVGSVGElement>) => {
    const held = drag.current
    if (!held) return
    const box = event.currentTarget.getBoundingClientRect()
    const asternM = x.invert(event.clientX - box.left)
    const y = event.clientY - box.top
    if (held === 'engine') return onPreview(spreadEngines(boat, (planHeight / 2 - y) / perMetre))
    onPreview(
      held.view === 'plan'
        ? moved(boat, held.holderId, held.end, asternM, (planHeight / 2 - y) / perMetre)
        : raised(boat, held.holderId, held.end, asternM, (water - y) / perMetre),
    )
  }
  const nudge = (event: KeyboardEvent, holder: Holder, end: End, view: 'plan' | 'side') => {
    const by = event.shiftKey ? 1 : 0.1
    const step = { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, by], ArrowDown: [0, -by] }[
      event.key
    ]
    if (!step) return
    event.preventDefault()
    const point = holder[end]
    const asternM = point.asternM + step[0]!
    onPreview(
      view === 'plan'
        ? moved(boat, holder.holderId, end, asternM, point.starboardM + step[1]!)
        : raised(boat, holder.holderId, end, asternM, point.heightM + step[1]!),
    )
    onSettle()
  }
  const half = boat.beamM / 2
  const bow = -boat.lengthM
  const shoulder = -boat.lengthM * 0.55
  const hull = `M${x(0)} ${plan(half * 0.94)} L${x(shoulder)} ${plan(half)} Q${x(bow * 0.86)} ${plan(half * 0.9)} ${x(bow)} ${plan(0)} Q${x(bow * 0.86)} ${plan(-half * 0.9)} ${x(shoulder)} ${plan(-half)} L${x(0)} ${plan(-half * 0.94)} Z`
  const board = Math.min(1.1, 0.12 * boat.lengthM)
  const profile = `M${x(0)} ${side(-0.4)} L${x(0)} ${side(board)} L${x(bow * 0.5)} ${side(board * 1.15)} L${x(bow)} ${side(board * 1.7)} L${x(bow * 0.86)} ${side(-0.2)} Z`
  const handles = (view: 'plan' | 'side') =>
    boat.holders.map((holder) => {
      const y = (end: End) => (view === 'plan' ? plan(holder[end].starboardM) : side(holder[end].heightM))
      const on = holder.holderId === selected
      return (
        <g key={`${view} ${holder.holderId}`} className={on ? 'stroke-ink' : 'stroke-ink/60'}>
          <line
            x1={x(holder.base.asternM)}
            y1={y('base')}
            x2={x(holder.tip.asternM)}
            y2={y('tip')}
            strokeWidth={on ? 4 : 2}
          />
          {(['base', 'tip'] as const).map((end) => (
            <g
              key={end}
              role="slider"
              tabIndex={view === 'plan' || on ? 0 : -1}
              aria-label={`${holder.name}, ${end}, ${view === 'plan' ? 'from above' : 'from the side'}`}
              aria-valuenow={view === 'plan' ? holder[end].starboardM : holder[end].heightM}
              aria-valuetext={placeWords(holder, end, (m) => units.say('distance', m))}
              data-handle={`${view} ${holder.name} ${end}`}
              className="group cursor-grab outline-none"
              onFocus={() => onSelect(holder.holderId)}
              onPointerDown={(event) => start(event, view)}
              onKeyDown={(event) => nudge(event, holder, end, view)}
            >
              <circle
                cx={x(holder[end].asternM)}
                cy={y(end)}
                r={22}
                className="fill-transparent stroke-none"
              />
              <circle
                cx={x(holder[end].asternM)}
                cy={y(end)}
                r={end === 'tip' ? 6 : 4.5}
                strokeWidth={2}
                className={`${on ? 'fill-lichen' : end === 'tip' ? 'fill-foam' : 'fill-ink'} group-focus-visible:stroke-[5]`}
              />
            </g>
          ))}
          {on && view === 'plan' && (
            <text
              x={x(holder.tip.asternM) + 12}
              y={y('tip') - 10}
              className="fill-ink stroke-water stroke-[4] text-[13px] font-bold [paint-order:stroke]"
            >
              {holder.name}
            </text>
          )}
        </g>
      )
    })
  /** The outer engines are dragged apart, both at once. */
  const engine = (offset: number, i: number) => ({
    role: 'slider',
    tabIndex: 0,
    'aria-label': `${offset < 0 ? 'Port' : 'Starboard'} engine, from the middle`,
    'aria-valuenow': Math.abs(offset),
    'aria-valuetext': `propellers ${units.say('distance', propSpread(boat))} apart`,
    'data-handle': `engine ${i}`,
    onPointerDown: (event: PointerEvent) => {
      drag.current = 'engine'
      event.currentTarget.setPointerCapture(event.pointerId)
    },
    onKeyDown: (event: KeyboardEvent) => {
      const by = { ArrowUp: 0.1, ArrowDown: -0.1 }[event.key]
      if (!by) return
      event.preventDefault()
      onPreview(spreadEngines(boat, Math.abs(offset + by)))
      onSettle()
    },
  })
  return (
    <div ref={frame} className="relative min-h-[420px] flex-1 overflow-hidden" data-testid="boat-drawing">
      <svg
        width={width}
        height={height}
        className="absolute inset-0 touch-none select-none"
        role="group"
        aria-label="The boat from above and from the side"
        onPointerMove={move}
        onPointerUp={() => {
          if (drag.current) onSettle()
          drag.current = null
        }}
      >
        <rect width={width} height={planHeight} className="fill-water" />
        <rect y={planHeight} width={width} height={water - planHeight} className="fill-foam" />
        <rect y={water} width={width} height={height - water} className="fill-under" />
        <line x1={0} x2={width} y1={water} y2={water} className="stroke-deep stroke-[1.5]" />
        <path d={hull} className="fill-foam stroke-ink stroke-2" />
        <path d={profile} className="fill-shade stroke-ink stroke-2" />
        {boat.engines > 0 && (
          <rect
            x={x(0)}
            y={side(0.9)}
            width={0.6 * perMetre}
            height={1.3 * perMetre}
            rx={4}
            className="fill-slate stroke-ink"
          />
        )}
        {engineOffsets(boat).map((offset, i, all) => {
          const outer = all.length > 1 && (i === 0 || i === all.length - 1)
          return (
            <g
              key={i}
              className={outer ? 'group cursor-ns-resize outline-none' : ''}
              {...(outer && engine(offset, i))}
            >
              <rect
                x={x(0)}
                y={plan(offset + 0.24)}
                width={0.75 * perMetre}
                height={0.48 * perMetre}
                rx={4}
                className="fill-slate stroke-ink group-focus-visible:stroke-[4]"
              />
              {outer && <circle cx={x(0) + 22} cy={plan(offset)} r={22} className="fill-transparent" />}
            </g>
          )
        })}
        {handles('plan')}
        {handles('side')}
        <g className="fill-slate text-[13px]">
          <text x={12} y={20}>
            starboard
          </text>
          <text x={12} y={planHeight - 10}>
            port
          </text>
          <text x={12} y={planHeight + 20}>
            from the side
          </text>
        </g>
        <Ruler y={planHeight - 8} perMetre={perMetre} right={width} words={(m) => units.say('distance', m)} />
      </svg>
    </div>
  )
}

function Ruler({
  y,
  perMetre,
  right,
  words,
}: {
  y: number
  perMetre: number
  right: number
  words(m: number): string
}) {
  const long = perMetre > 60 ? 1 : perMetre > 25 ? 2 : 5
  const from = right - 20 - long * perMetre
  return (
    <g className="fill-ink text-[12px]">
      <path d={`M${from} ${y - 4} v4 H${right - 20} v-4`} fill="none" className="stroke-ink stroke-2" />
      <text x={from} y={y - 8}>
        {words(long)}
      </text>
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
