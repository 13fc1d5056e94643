import { useRef, type KeyboardEvent, type PointerEvent } from 'react'
import type { Boat, Holder } from '../../draft/queries'
import type { Layout, View } from './layout'
import { moved, raised, spreadEngines, type End } from './model'

const FINE_M = 0.1
const COARSE_M = 1

export type Handles = ReturnType<typeof useHandles>

/** Ends of holders and the outer engines, dragged or moved by keys. */
export function useHandles(
  boat: Boat,
  { x, y, plan, side }: Layout,
  {
    onSelect,
    onPreview,
    onSettle,
  }: { onSelect(id: string): void; onPreview(boat: Boat): void; onSettle(): void },
) {
  const drag = useRef<{ holderId: string; end: End; view: View } | 'engine' | null>(null)
  const put = (holderId: string, end: End, view: View, asternM: number, otherM: number) =>
    onPreview((view === 'plan' ? moved : raised)(boat, holderId, end, asternM, otherM))
  return {
    /** Where handles crowd, the nearest is taken and not the one drawn last. */
    start(event: PointerEvent, view: View) {
      const box = (event.currentTarget as SVGElement).ownerSVGElement?.getBoundingClientRect()
      const at = { x: event.clientX - (box?.left ?? 0), y: event.clientY - (box?.top ?? 0) }
      const near = boat.holders
        .flatMap((holder) => (['base', 'tip'] as const).map((end) => ({ holder, end })))
        .map(({ holder, end }) => ({
          holder,
          end,
          away: Math.hypot(x(holder[end].asternM) - at.x, y(holder, end, view) - at.y),
        }))
        .sort((a, b) => a.away - b.away)[0]
      if (!near) return
      onSelect(near.holder.holderId)
      drag.current = { holderId: near.holder.holderId, end: near.end, view }
      ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
    },
    startEngine(event: PointerEvent) {
      drag.current = 'engine'
      event.currentTarget.setPointerCapture(event.pointerId)
    },
    move(event: PointerEvent<SVGSVGElement>) {
      const held = drag.current
      if (!held) return
      const box = event.currentTarget.getBoundingClientRect()
      const down = event.clientY - box.top
      if (held === 'engine') return onPreview(spreadEngines(boat, plan.invert(down)))
      const other = (held.view === 'plan' ? plan : side).invert(down)
      put(held.holderId, held.end, held.view, x.invert(event.clientX - box.left), other)
    },
    letGo() {
      if (drag.current) onSettle()
      drag.current = null
    },
    nudge(event: KeyboardEvent, holder: Holder, end: End, view: View) {
      const by = event.shiftKey ? COARSE_M : FINE_M
      const step = { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, by], ArrowDown: [0, -by] }[
        event.key
      ]
      if (!step) return
      event.preventDefault()
      const point = holder[end]
      const other = view === 'plan' ? point.starboardM : point.heightM
      put(holder.holderId, end, view, point.asternM + step[0]!, other + step[1]!)
      onSettle()
    },
    nudgeEngine(event: KeyboardEvent, offsetM: number) {
      const by = { ArrowUp: FINE_M, ArrowDown: -FINE_M }[event.key]
      if (!by) return
      event.preventDefault()
      onPreview(spreadEngines(boat, Math.abs(offsetM + by)))
      onSettle()
    },
  }
}
