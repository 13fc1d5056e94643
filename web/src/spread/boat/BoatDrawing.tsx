import { useSize } from '../../shared/useWidth'
import { roundStep } from '../../units/roundStep'
import { useUnits } from '../../units/UnitsContext'
import type { Boat } from '../../draft/queries'
import { Engines } from './Engines'
import { HolderHandles } from './HolderHandles'
import { Hull } from './Hull'
import { layoutOf, type Layout } from './layout'
import { useHandles } from './useHandles'

/** No shorter is the ruler (px). */
const RULER_PX = 40

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
  const layout = layoutOf(boat, width, height)
  const handles = useHandles(boat, layout, { onSelect, onPreview, onSettle })
  const shared = { boat, layout, handles }
  return (
    <div ref={frame} className="relative min-h-[420px] flex-1 overflow-hidden" data-testid="boat-drawing">
      <svg
        width={width}
        height={height}
        className="absolute inset-0 touch-none select-none"
        role="group"
        aria-label="The boat from above and from the side"
        onPointerMove={handles.move}
        onPointerUp={handles.letGo}
      >
        <Sea layout={layout} />
        <Hull boat={boat} layout={layout} />
        <Engines {...shared} />
        <HolderHandles {...shared} view="plan" selected={selected} onSelect={onSelect} />
        <HolderHandles {...shared} view="side" selected={selected} onSelect={onSelect} />
        <Names layout={layout} />
        <Ruler layout={layout} />
      </svg>
    </div>
  )
}

function Sea({ layout: { width, height, planHeight, water } }: { layout: Layout }) {
  return (
    <>
      <rect width={width} height={planHeight} className="fill-water" />
      <rect y={planHeight} width={width} height={water - planHeight} className="fill-foam" />
      <rect y={water} width={width} height={height - water} className="fill-under" />
      <line x1={0} x2={width} y1={water} y2={water} className="stroke-deep stroke-[1.5]" />
    </>
  )
}

function Names({ layout: { planHeight } }: { layout: Layout }) {
  return (
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
  )
}

/** Round in the reader's own unit. */
function Ruler({ layout: { width, planHeight, perMetre } }: { layout: Layout }) {
  const units = useUnits()
  const unit = units.unit('distance')
  const count = roundStep(unit.factor * perMetre, RULER_PX)
  const long = count * unit.factor
  const y = planHeight - 8
  const from = width - 20 - long * perMetre
  return (
    <g className="fill-ink text-[12px]">
      <path d={`M${from} ${y - 4} v4 H${width - 20} v-4`} fill="none" className="stroke-ink stroke-2" />
      <text x={from} y={y - 8}>
        {count} {unit.symbol}
      </text>
    </g>
  )
}
