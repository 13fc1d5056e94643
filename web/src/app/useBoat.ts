import { useQuery } from '@tanstack/react-query'
import { boatOf, boats, type Boat, type BoatTitle } from '../draft/queries'

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
  const status = one.error && 'status' in one.error ? one.error.status : 0
  return {
    boat: one.data,
    boats: all.data,
    gone: status === 404 || status === 400,
    error: all.error ?? one.error,
  }
}
