import { useState, type DragEvent } from 'react'
import type { Placed } from '../model'
import type { Part } from '../queries'

const DROPPED = ['leader', 'weight', 'swivel'] as const

/** What can be dragged onto the chain. */
export type Dropped = (typeof DROPPED)[number]

/** Parts dragged from the tray are dropped on what lies under them. */
export function useDropping(parts: readonly Placed[], onDrop: (what: Dropped, part: Part) => void) {
  const [part, setPart] = useState<number | null>(null)
  const under = (event: { clientX: number; currentTarget: Element }) => {
    const x = event.clientX - event.currentTarget.getBoundingClientRect().left
    return parts.find((one) => x >= one.x && x < one.x + one.width && one.part.piece >= 0)
  }
  return {
    part,
    handlers: {
      onDragOver: (event: DragEvent<SVGSVGElement>) => {
        event.preventDefault()
        setPart(under(event)?.at ?? null)
      },
      onDragLeave: () => setPart(null),
      onDrop: (event: DragEvent<SVGSVGElement>) => {
        event.preventDefault()
        const on = under(event)
        const what = DROPPED.find((one) => one === event.dataTransfer.getData('text/plain'))
        setPart(null)
        if (on && what) onDrop(what, on.part)
      },
    },
  }
}
