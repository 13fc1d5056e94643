import { useMemo } from 'react'
import type { Mover } from '../../deck/live/MeetIt'
import type { LiveAsked } from '../../deck/live/queries'
import type { RoundTurn } from '../../draft/queries'
import type { Sighting } from './useSightings'

/** A circle in which most spreads stand (m). */
const WIDE_M = 120
const MOST_SIGHTS = 12

/** What moves and may be met, the one that was chosen, and its sights as they are asked with. */
export function useMeet(moving: readonly Sighting[], asked: string | null, round: RoundTurn | null) {
  const movers = useMemo(
    () =>
      [...new Map(moving.map(({ what, words }) => [what, { what, words }])).values()].map(
        ({ what, words }): Mover => ({ what, words: words.charAt(0).toUpperCase() + words.slice(1) }),
      ),
    [moving],
  )
  const mover = movers.find(({ what }) => what === asked) ?? null
  const meet = useMemo((): LiveAsked['meet'] | null => {
    if (!mover) return null
    const sights = moving.filter(({ what }) => what === mover.what).slice(-MOST_SIGHTS)
    return {
      sights: sights.map(({ at, latitudeDeg, longitudeDeg, bearingDeg, distanceM }) => ({
        at: new Date(at).toISOString(),
        latitudeDeg,
        longitudeDeg,
        bearingDeg: bearingDeg!,
        distanceM: Math.max(1, distanceM!),
      })),
      portRadiusM: round?.port.radiusM ?? WIDE_M,
      starboardRadiusM: round?.starboard.radiusM ?? WIDE_M,
    }
  }, [mover, moving, round])
  return { movers, mover, meet }
}
