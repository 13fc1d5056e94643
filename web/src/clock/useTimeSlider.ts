import type { ScaleLinear } from '../shared/scale'
import { useRef, type KeyboardEvent, type PointerEvent } from 'react'

const MINUTE = 60_000

/** Sets the time of a drawn day by dragging over it and by arrow keys; with Shift an hour at a time. */
export function useTimeSlider({
  span,
  x,
  at,
  grainMin,
  stepMin,
  onMove,
}: {
  span: { start: number; end: number }
  /** Time (ms) to px from the left edge of what is dragged on. */
  x: ScaleLinear
  at: number
  /** A dragged time is a whole number of these (min). */
  grainMin: number
  /** What an arrow key moves it by (min). */
  stepMin: number
  onMove(at: number): void
}) {
  const dragging = useRef(false)
  const grain = grainMin * MINUTE
  const clamp = (time: number) => Math.min(span.end, Math.max(span.start, Math.round(time / grain) * grain))
  const drag = (event: PointerEvent<Element>) => {
    if (!dragging.current) return
    onMove(clamp(x.invert(event.clientX - event.currentTarget.getBoundingClientRect().left)))
  }
  return {
    clamp,
    /** For what is dragged on. */
    pointer: {
      onPointerDown: (event: PointerEvent<Element>) => {
        dragging.current = true
        event.currentTarget.setPointerCapture(event.pointerId)
        drag(event)
      },
      onPointerMove: drag,
      onPointerUp: () => {
        dragging.current = false
      },
    },
    /** For what marks the time; where it stands it says itself. */
    knob: {
      role: 'slider',
      tabIndex: 0,
      'aria-label': 'Time of day',
      'aria-valuemin': span.start / MINUTE,
      'aria-valuemax': span.end / MINUTE,
      onKeyDown: (event: KeyboardEvent) => {
        const step = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key]
        if (!step) return
        event.preventDefault()
        onMove(clamp(at + step * (event.shiftKey ? 60 : stepMin) * MINUTE))
      },
    },
  }
}
