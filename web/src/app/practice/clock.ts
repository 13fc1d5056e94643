import { sources } from '../../shared/device'

/** Between two looks at a practice day it goes on by so much at most (ms): it is never far ahead of itself. */
const AHEAD_MS = 1200
/** Where it was ahead it goes on slowly until the day has come after it: what is told later happened later. */
const WAITS = 0.02

let shown = { boat: '', at: 0, wall: 0 }

/**
 * The time of a practice day; it never goes back.
 *
 * @param at   as it was told (ms), when the wall's clock was at `told`
 */
export const practiceClock = (boat: string, at: number, told: number) => (): number => {
  const wall = sources.wall()
  const next = at + Math.max(0, Math.min(AHEAD_MS, wall - told))
  const least = shown.boat === boat ? shown.at + WAITS * (wall - shown.wall) : next
  shown = { boat, at: Math.max(next, least), wall }
  return shown.at
}
