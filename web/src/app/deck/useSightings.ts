import { useMemo, useState } from 'react'
import { seenWords } from '../../strikes/seen'
import type { Where } from '../../deck/Scope'
import { onEarth } from '../../deck/live/place'
import type { LiveNow } from '../../deck/live/queries'
import type { Position } from '../../units/position'
import type { Fact } from '../../strikes/fold/model'

/** Older, birds have gone elsewhere (ms). */
const SHOWN_MS = 15 * 60_000
/** Of boats; see `SeenBoat` in core (ms). */
const FOLLOWED_MS = 6 * 60_000
const MOST_BOATS = 20

/** Something that was seen, where it lay. */
export interface Sighting extends Position {
  factId: string
  at: number
  what: string
  words: string
  /** From the boat then; absent where nobody said. */
  bearingDeg?: number
  distanceM?: number
}

/** What moves and is fished: others are passed, or kept off. */
const MOVES: ReadonlySet<string> = new Set([
  'BIRDS_DIVING',
  'BIRDS_SEARCHING',
  'BIRDS_TRAVELLING',
  'FISH_BREAKING',
])

/**
 * What was seen and where, of the last quarter of an hour. Beside a boat that is not there it lies nowhere that is kept:
 * it serves to practise with, and goes with the page.
 */
export function useSightings(told: readonly Fact[], now: number) {
  const [practised, setPractised] = useState<ReadonlyMap<string, Position>>(new Map())
  const minute = Math.floor(now / 60_000)
  const shown = useMemo(
    () =>
      told.flatMap((fact): Sighting[] => {
        const at = Date.parse(fact.happenedAt)
        if (fact.kind !== 'SIGHTED' || at < minute * 60_000 - SHOWN_MS) return []
        const { latitudeDeg, longitudeDeg } = fact.payload
        const place =
          latitudeDeg !== undefined && longitudeDeg !== undefined
            ? { latitudeDeg, longitudeDeg }
            : practised.get(fact.factId)
        const what = String(fact.payload.what)
        const words = seenWords(what)
        const { bearingDeg, distanceM } = fact.payload
        const from =
          typeof bearingDeg === 'number' && typeof distanceM === 'number' ? { bearingDeg, distanceM } : {}
        return place ? [{ factId: fact.factId, at, what, words, ...from, ...place }] : []
      }),
    [told, practised, minute],
  )
  const boats = useMemo(
    () =>
      shown
        .filter(({ what, at }) => what === 'BOAT' && at > minute * 60_000 - FOLLOWED_MS)
        .slice(-MOST_BOATS)
        .map(({ at, latitudeDeg, longitudeDeg }) => ({
          at: new Date(at).toISOString(),
          latitudeDeg,
          longitudeDeg,
        })),
    [shown, minute],
  )
  const moving = useMemo(
    () =>
      shown.filter(
        ({ what, at, distanceM }) =>
          MOVES.has(what) && distanceM !== undefined && at > minute * 60_000 - FOLLOWED_MS,
      ),
    [shown, minute],
  )
  return {
    shown,
    boats,
    moving,
    practise: (factId: string, place: Position) => setPractised((all) => new Map(all).set(factId, place)),
  }
}

const alongOf = (deg: number, metres: number): [northM: number, eastM: number] => {
  const rad = (deg * Math.PI) / 180
  return [metres * Math.cos(rad), metres * Math.sin(rad)]
}

/**
 * What is kept of where something was seen from the boat, which went on and turned as she did since she was heard of.
 *
 * @param sinceS how long ago that was
 */
export function placed(now: LiveNow, { bowDeg, offM }: Where, sinceS: number) {
  const bearingDeg = (((now.headingDeg + (now.turnDegMin / 60) * sinceS + bowDeg) % 360) + 360) % 360
  const [goneNorthM, goneEastM] = alongOf(now.courseDeg, now.groundMps * sinceS)
  const [northM, eastM] = alongOf(bearingDeg, offM)
  return {
    seen: { bearingDeg, distanceM: offM },
    place: onEarth(now, goneNorthM + northM, goneEastM + eastM),
  }
}
