import { useQuery } from '@tanstack/react-query'
import { useCallback, useMemo } from 'react'
import type { Boat } from '../../draft/queries'
import { packed, unpacked } from '../../log/model'
import { logOf } from '../../log/queries'
import { useAddress } from '../../shared/useAddress'
import { useTrip } from '../useTrip'
import { useWhenSent } from '../useWhenSent'

/** The slice that is looked at, all of it in the address. */
export type SliceState = ReturnType<typeof useSlice>

export function useSlice(boat: Boat) {
  const [params, put] = useAddress()
  const trip = useTrip(boat)
  const [packedWhere, packedBeside] = [params.get('where'), params.get('beside')]
  const where = useMemo(() => unpacked(packedWhere), [packedWhere])
  const beside = useMemo(() => (packedBeside === null ? null : unpacked(packedBeside)), [packedBeside])
  const asked = useQuery(logOf(boat.boatId, where, trip.date, beside))
  // What is sent while one looks belongs to it.
  useWhenSent(boat.boatId, ['years'])
  const setWhere = useCallback((next: readonly string[]) => put({ where: packed(next) }), [put])
  const setBeside = (next: readonly string[] | null) =>
    put({ beside: next === null ? null : (packed(next) ?? '') })
  return {
    log: asked.data,
    error: asked.error,
    /** The slice before stays shown until the next is there. */
    old: asked.isPlaceholderData,
    trip,
    where,
    setWhere,
    /** Conditions of a slice that it is set beside. */
    beside,
    setBeside,
    pictures: params.get('pictures') !== null,
    setPictures: (on: boolean) => put({ pictures: on ? 'shown' : null }),
    /** A sheet that stands over it. */
    sheet: params.get('sheet'),
    setSheet: (sheet: string | null) => put({ sheet }),
    /** Facet that it is told apart by. */
    by: params.get('by'),
    setBy: (by: string) => put({ by }),
  }
}
