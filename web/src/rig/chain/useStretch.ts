import { useRef, type PointerEvent } from 'react'
import { stretched } from '../model'
import type { Part } from '../queries'

/** A piece of the tackle gets another length. */
export type Stretching = (piece: number, metres: number, settled: boolean) => void

/** Dragging a leader sideways makes it longer or shorter. */
export function useStretch(part: Part, onStretch: Stretching) {
  const from = useRef<{ x: number; metres: number } | null>(null)
  const length = (event: PointerEvent) =>
    from.current && stretched(from.current.metres, event.clientX - from.current.x)
  return {
    onPointerDown: (event: PointerEvent<Element>) => {
      if (part.lengthM === undefined) return
      from.current = { x: event.clientX, metres: part.lengthM }
      event.currentTarget.setPointerCapture(event.pointerId)
    },
    onPointerMove: (event: PointerEvent<Element>) => {
      const metres = length(event)
      if (metres && Math.abs(event.clientX - from.current!.x) > 3) onStretch(part.piece, metres, false)
    },
    onPointerUp: (event: PointerEvent<Element>) => {
      const metres = length(event)
      if (metres && Math.abs(event.clientX - from.current!.x) > 3) onStretch(part.piece, metres, true)
      from.current = null
    },
  }
}
