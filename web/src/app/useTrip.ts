import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useMemo, useRef, useState, useSyncExternalStore } from 'react'
import { dateAt } from '../clock/model'
import { dayOf } from '../clock/queries'
import { sources } from '../shared/device'
import { outbox } from '../shared/outbox/outbox'
import { useAddress } from '../shared/useAddress'
import type { Boat } from '../draft/queries'
import { tripsOf, type Trip } from '../strikes/queries'
import { NOTHING, sentOf, tripsBy } from '../strikes/sent'

const TICK_MS = 15_000

export interface TripOfDay {
  trips: readonly Trip[]
  trip: Trip | undefined
  /** `2026-06-18` at the place. */
  date: string
  place: { name: string; latitudeDeg: number; longitudeDeg: number; timeZone: string }
  /** The moment every station shows (ms). */
  at: number
  /** True where the moment is simply now. */
  live: boolean
  setAt(at: number): void
  choose(tripId: string): void
  /** Starts a trip today at the boat's home waters; kept here at once, whether or not the server answers. */
  startToday(): Promise<string>
}

/** A day out that goes over midnight is over by four in the morning (ms). */
const NIGHT_MS = 4 * 3600_000

/**
 * Which day out this is and which moment of it, both in the address.
 *
 * @param onDeck it is now, on the day out of now, unless a moment is asked for: what is tapped has just happened
 */
export function useTrip(boat: Boat, onDeck = false): TripOfDay {
  const queries = useQueryClient()
  const [params, put] = useAddress()
  const trips = useTrips(boat.boatId, onDeck)
  const begun = useRef<{ day: string; trip: Promise<string> } | null>(null)
  const now = useNow()
  const today = dateAt(now, boat.timeZone)
  // A day asked for stays that day, whether or not a trip was made on it.
  const asked = params.get('day')
  const set = params.get('at')
  const isNow = onDeck && set === null
  const chosen = (all: readonly Trip[]) => {
    const of = isNow
      ? all.filter((t) => t.day === today || t.day === dateAt(now - NIGHT_MS, t.timeZone))
      : all
    const named = of.find((t) => t.tripId === params.get('trip'))
    if (named || isNow) return named ?? of[0]
    return asked ? of.find((t) => t.day === asked) : (of.find((t) => t.day <= today) ?? of[0])
  }
  const trip = chosen(trips)
  const place = trip
    ? { ...trip, name: trip.place }
    : {
        name: boat.place,
        latitudeDeg: boat.latitudeDeg,
        longitudeDeg: boat.longitudeDeg,
        timeZone: boat.timeZone,
      }
  const date = trip?.day ?? (isNow ? today : (asked ?? today))
  const day = useQuery(dayOf(date, place)).data
  const live = isNow || (set === null && date === today)
  const middle = day
    ? Date.parse(day.rise ?? day.noon) + (day.rise ? 140 * 60_000 : 0)
    : Date.parse(`${date}T12:00:00Z`)
  const at = set !== null && Number.isFinite(Date.parse(set)) ? Date.parse(set) : live ? now : middle

  const setAt = useCallback(
    (time: number) => put({ at: new Date(time).toISOString().slice(0, 16) + 'Z' }),
    [put],
  )

  return {
    trips,
    trip,
    date,
    place,
    at,
    live,
    setAt,
    choose: (tripId) => put({ trip: tripId, at: null, day: null }),
    startToday: () => {
      if (trip) return start()
      // Whoever taps again before the page knows of the first day out means the same one.
      if (begun.current?.day !== today) {
        begun.current = { day: today, trip: start() }
        begun.current.trip.catch(() => (begun.current = null))
      }
      return begun.current.trip
    },
  }

  async function start(): Promise<string> {
    // Whoever is quicker than the list of days must not start a second one for it.
    const listed = await Promise.race([queries.ensureQueryData(tripsOf(boat.boatId)), soon()]).catch(() => [])
    const there = trip ? undefined : chosen(listed)
    if (there) {
      put({ trip: there.tripId, at: null, day: null })
      return there.tripId
    }
    const made: Trip = {
      tripId: sources.uuid(),
      name: 'Day out',
      day: today,
      place: boat.place,
      latitudeDeg: boat.latitudeDeg,
      longitudeDeg: boat.longitudeDeg,
      timeZone: boat.timeZone,
    }
    await outbox.add({
      id: made.tripId,
      way: 'trip',
      boat: boat.boatId,
      body: made,
      words: `${made.name}, ${made.day}`,
    })
    put({ trip: made.tripId, at: null, day: null })
    return made.tripId
  }
}

/**
 * Those of the server, after those made here that it does not have yet.
 *
 * @param follows another device may begin the day
 */
function useTrips(boat: string, follows: boolean): readonly Trip[] {
  const kept = useQuery({ ...tripsOf(boat), refetchInterval: follows ? TICK_MS / 3 : false }).data
  const items = useSyncExternalStore(outbox.subscribe, outbox.items)
  const sent = useQuery(sentOf(useQueryClient(), tripsBy(boat))).data ?? NOTHING
  return useMemo(() => {
    const own = [...items, ...sent].filter((item) => item.way === 'trip' && item.boat === boat)
    const all = [...own.map((item) => item.body as Trip), ...(kept ?? [])]
    // The server's own word of a day comes last, and holds.
    return [...new Map(all.map((trip) => [trip.tripId, trip])).values()].sort((a, b) =>
      b.day.localeCompare(a.day),
    )
  }, [items, sent, kept, boat])
}

/** Nobody waits longer for a list than a strike can. */
const soon = () => new Promise<Trip[]>((done) => setTimeout(() => done([]), 1500))

function useNow(): number {
  const [now, setNow] = useState(sources.now)
  useEffect(() => {
    const timer = setInterval(() => setNow(sources.now()), TICK_MS)
    return () => clearInterval(timer)
  }, [])
  return now
}
