import { queryOptions, type QueryClient } from '@tanstack/react-query'
import { held, hold } from '../shared/held'
import type { Item } from '../shared/outbox/outbox'

export const NOTHING: readonly Item[] = []

/**
 * What this device has sent: a list that was asked for before it arrived, and is still on its way or held for a day
 * without a link, does not have it, and must not hide it.
 *
 * @param about the day out whose facts they are, or {@link tripsBy} a boat
 */
export const sentOf = (queries: QueryClient, about: string) =>
  queryOptions({
    queryKey: ['sent', about],
    queryFn: async (): Promise<readonly Item[]> => {
      const before = (await held<readonly Item[]>('sent', about)) ?? NOTHING
      return [...before, ...(queries.getQueryData<readonly Item[]>(['sent', about]) ?? NOTHING)]
    },
    staleTime: Infinity,
    gcTime: Infinity,
  })

export const tripsBy = (boat: string): string => `trips ${boat}`

/** Kept on this device before the list it belongs to is asked for again. */
export function keepSent(queries: QueryClient, about: string, item: Item): void {
  const { queryKey } = sentOf(queries, about)
  const sent = [...(queries.getQueryData(queryKey) ?? NOTHING), item]
  queries.setQueryData(queryKey, sent)
  void hold('sent', about, sent)
}
