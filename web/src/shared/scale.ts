/** Hours (ms since 1970) to pixels. */
export type Scale = (time: number) => number

/** A straight way from what is measured to where it is drawn, and back. */
export interface ScaleLinear {
  (value: number): number
  invert(drawn: number): number
}

/** A domain without extent is drawn at the beginning of the range. */
export function scaleLinear(
  [from, to]: readonly [number, number],
  [begin, end]: readonly [number, number],
): ScaleLinear {
  const per = to === from ? 0 : (end - begin) / (to - from)
  return Object.assign((value: number) => begin + (value - from) * per, {
    invert: (drawn: number) => (per === 0 ? from : from + (drawn - begin) / per),
  })
}
