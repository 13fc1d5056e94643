/** A trace as it is typed, what its sounder is, and how a lure runs by it. */
import type { LureReach, Sounded } from './queries'

/** Of the sounder, as this device was told. */
export interface Sounder {
  coneDeg: number
  pingsHz: number
}

/** ESTIMATE: what many small boats have. */
export const USUAL: Sounder = { coneDeg: 20, pingsHz: 5 }

export interface Trace {
  topM: number
  heightM: number
  columns: number
}

export const FIRST: Trace = { topM: 20, heightM: 1, columns: 10 }

export type By = 'OVER' | 'IN' | 'UNDER'

/** How a lure runs by what lies between two depths, and by how much over or under it (m). */
export function runsBy(depthM: number, { topM, heightM }: Trace): { by: By; m: number } {
  if (depthM < topM) return { by: 'OVER', m: topM - depthM }
  return depthM > topM + heightM ? { by: 'UNDER', m: depthM - topM - heightM } : { by: 'IN', m: 0 }
}

/** The arch of one fish crossed in the middle: share of its width, and how far it sags there (m). */
export function archOf({ sagM, columns }: Sounded['fish'], points = 24): [number, number][] {
  if (columns === undefined)
    return [
      [0, 0],
      [1, 0],
    ]
  return Array.from({ length: points + 1 }, (_, i) => {
    const off = (2 * i) / points - 1
    return [i / points, sagM * off * off]
  })
}

/** Nearer to one another lures are drawn as one (m). */
const TOGETHER = { asternM: 4, depthM: 1.5 }

/** Lures that are drawn in one place, with the names of all of them. */
export function togetherOf(lures: readonly LureReach[]): { lure: LureReach; label: string }[] {
  const all: { lure: LureReach; label: string }[] = []
  for (const lure of lures) {
    const near = all.find(
      ({ lure: one }) =>
        Math.abs(one.asternM - lure.asternM) < TOGETHER.asternM &&
        Math.abs(one.depthM - lure.depthM) < TOGETHER.depthM,
    )
    if (near) near.label += ` ${lure.label}`
    else all.push({ lure, label: lure.label })
  }
  return all
}
