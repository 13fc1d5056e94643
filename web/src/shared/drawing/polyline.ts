/** To a tenth of a pixel: more is only longer. */
const short = (px: number) => Math.round(px * 10) / 10

/** Draws things as one straight-sided SVG path, each where `x` and `y` put it (px). */
export const polyline =
  <T>(x: (thing: T) => number, y: (thing: T) => number) =>
  (things: readonly T[]): string =>
    things.length === 0 ? '' : `M${things.map((thing) => `${short(x(thing))},${short(y(thing))}`).join('L')}`
