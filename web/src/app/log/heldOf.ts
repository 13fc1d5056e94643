import type { Boat } from '../../draft/queries'
import type { HeldAt } from '../../log/pictures/PositionPicture'

/** Tips of her holders as pictures take them. */
export const heldOf = (boat: Boat): HeldAt[] =>
  boat.holders.map(({ name, tip }) => ({ name, astern: tip.asternM, starboard: tip.starboardM }))
