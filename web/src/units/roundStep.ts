/** The least round count of a unit that is drawn at least so long (px). */
export const roundStep = (pxPerUnit: number, leastPx: number): number =>
  [1, 2, 5, 10, 20, 50].find((count) => count * pxPerUnit >= leastPx) ?? 100
