import { useQuery } from '@tanstack/react-query'
import { useCallback } from 'react'
import { dateAt, isDrawn } from '../../clock/model'
import { dayOf, type Day } from '../../clock/queries'
import { sources } from '../../shared/device'
import { useAddress } from '../../shared/useAddress'
import type { Boat } from '../../draft/queries'
import { tripsOf } from '../../strikes/queries'

const HOUR = 3_600_000
/** Years that the almanac and the database know. */
const DAY = /^(19|20|21)\d{2}-\d{2}-\d{2}$/

export interface PlanDay {
  /** `2026-06-18` at the place. */
  date: string
  place: { name: string; latitudeDeg: number; longitudeDeg: number; timeZone: string }
  /** The moment shown (ms). */
  at: number
  day: Day | undefined
  setAt(at: number): void
  setDate(date: string): void
}

/** Which day is planned and which moment of it is looked at, both in the address; else the next trip's, else tomorrow. */
export function usePlanDay(boat: Boat): PlanDay {
  const [params, put] = useAddress()
  const trips = useQuery(tripsOf(boat.boatId)).data ?? []
  const asked = params.get('day')
  const trip =
    trips.find((one) => one.tripId === params.get('trip')) ??
    trips.find((one) => one.day === asked) ??
    trips[0]
  const tomorrow = dateAt(sources.now() + 24 * HOUR, boat.timeZone)
  const date = asked && DAY.test(asked) ? asked : (trip?.day ?? tomorrow)
  const place = trip && trip.day === date ? { ...trip, name: trip.place } : { ...boat, name: boat.place }
  const day = useQuery(dayOf(date, place)).data
  const set = params.get('at')
  const asGiven = set === null ? NaN : Date.parse(set)
  const sameDay =
    Number.isFinite(asGiven) &&
    (dateAt(asGiven, place.timeZone) === date || (day !== undefined && isDrawn(day, asGiven)))
  const first = day ? Date.parse(day.rise ?? day.noon) : Date.parse(`${date}T12:00:00Z`)
  return {
    date,
    place: {
      name: place.name,
      latitudeDeg: place.latitudeDeg,
      longitudeDeg: place.longitudeDeg,
      timeZone: place.timeZone,
    },
    at: sameDay ? asGiven : first,
    day,
    setAt: useCallback((time: number) => put({ at: new Date(time).toISOString().slice(0, 16) + 'Z' }), [put]),
    setDate: useCallback(
      // A year half typed is no day yet.
      (next: string) => DAY.test(next) && put({ day: next, at: null, trip: null }),
      [put],
    ),
  }
}
