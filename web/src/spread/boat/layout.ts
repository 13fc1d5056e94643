import { scaleLinear } from '../../shared/scale'
import type { Boat, Holder } from '../../draft/queries'
import type { End } from './model'

const MARGIN = 46
const SIDE_SHARE = 0.36

export type View = 'plan' | 'side'

/** Both views at one scale: metres of the boat to px of the drawing, plan above and side below. */
export type Layout = ReturnType<typeof layoutOf>

export function layoutOf(boat: Boat, width: number, height: number) {
  const ends = boat.holders.flatMap((holder) => [holder.base, holder.tip])
  const along = ends.map((end) => end.asternM)
  const fore = Math.min(-boat.lengthM, ...along) - 0.6
  const aft = Math.max(1, ...along) + 0.8
  const across =
    Math.max(boat.beamM / 2, ...boat.holders.map((holder) => Math.abs(holder.tip.starboardM))) + 0.8
  const high = Math.max(3, ...ends.map((end) => end.heightM)) + 0.6
  const planHeight = height * (1 - SIDE_SHARE)
  const perMetre = Math.max(
    1,
    Math.min(
      (width - 2 * MARGIN) / (aft - fore),
      (planHeight - 30) / (2 * across),
      (height * SIDE_SHARE - 40) / (high + 0.8),
    ),
  )
  const middle = width / 2 - (perMetre * (aft + fore)) / 2
  const water = height - 26
  const plan = scaleLinear([0, 1], [planHeight / 2, planHeight / 2 - perMetre])
  const side = scaleLinear([0, 1], [water, water - perMetre])
  return {
    width,
    height,
    planHeight,
    perMetre,
    water,
    /** Of metres astern of the transom. */
    x: scaleLinear([0, 1], [middle, middle + perMetre]),
    /** Of metres to starboard, from above. */
    plan,
    /** Of metres above the water, from the side. */
    side,
    y: (holder: Holder, end: End, view: View) =>
      view === 'plan' ? plan(holder[end].starboardM) : side(holder[end].heightM),
  }
}
