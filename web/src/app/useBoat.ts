import { useQuery } from '@tanstack/react-query'
import { boatOf, boats, type Boat, type BoatTitle } from '../draft/queries'
import { usePractising } from './practice/usePractising'

/** The boat of the address, and the others to choose from. */
export function useBoat(boatId: string): {
  boat: Boat | undefined
  boats: readonly BoatTitle[] | undefined
  /** She is not kept here. */
  gone: boolean
  error: Error | null
} {
  const all = useQuery(boats())
  const one = useQuery(boatOf(boatId))
  // Who is listed is real; others may be on a later page, or practise by another clock.
  const unlisted = all.data !== undefined && !all.data.some((title) => title.boatId === boatId)
  const practice = usePractising(boatId, unlisted)
  const status = one.error && 'status' in one.error ? one.error.status : 0
  return {
    boat: practice === undefined ? undefined : one.data,
    boats: all.data,
    gone: status === 404 || status === 400,
    error: all.error ?? one.error,
  }
}
