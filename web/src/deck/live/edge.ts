import type { Size } from './frame'

/** Room at the edges of the drawing for who is farther off (px). */
const EDGE = { left: 26, right: 60, top: 70, bottom: 44 }

const LEAST_PX = 44

/** Where the way from the boat to something beyond the drawing leaves it. */
export function within(from: Spot, to: Spot, { width, height }: Size): Spot {
  const share = (at: number, goal: number, least: number, most: number) =>
    goal < least ? (at - least) / (at - goal) : goal > most ? (most - at) / (goal - at) : 1
  // A boat that is herself near an edge keeps some room before her all the same.
  const t = Math.min(
    share(
      from.x,
      to.x,
      Math.min(EDGE.left, from.x - LEAST_PX),
      Math.max(width - EDGE.right, from.x + LEAST_PX),
    ),
    share(
      from.y,
      to.y,
      Math.min(EDGE.top, from.y - LEAST_PX),
      Math.max(height - EDGE.bottom, from.y + LEAST_PX),
    ),
  )
  return { x: from.x + Math.max(0, t) * (to.x - from.x), y: from.y + Math.max(0, t) * (to.y - from.y) }
}

export interface Spot {
  x: number
  y: number
}
