import { QueryClient, type Query, type QueryKey } from '@tanstack/react-query'
import { Problem } from './client'

/** A link that was gone for less changes nothing that is shown (ms). */
const BLINK_MS = 60_000

/** After a link comes back: what failed, and what is older than a blink. */
export const askedOnReconnect = (query: Query<unknown, Error>): boolean =>
  query.state.status === 'error' || query.isStaleByTime(BLINK_MS)

export const newQueries = () =>
  new QueryClient({
    defaultOptions: {
      queries: {
        refetchOnWindowFocus: false,
        // Without a link the worker answers by what it holds.
        networkMode: 'offlineFirst',
        refetchOnReconnect: (query) => askedOnReconnect(query as Query<unknown, Error>),
        // A redirect from page to page does not ask the same again.
        staleTime: 2000,
        retry: (count, error) => error instanceof Problem && error.away && count < 100,
        retryDelay: 1000,
      },
    },
  })

/**
 * Asks again for what has changed. An answer that is on its way was asked for before it changed: a first one would come in
 * as if it were new, for only a later one is asked anew by itself.
 */
export const askAnew = (client: QueryClient, queryKey: QueryKey): Promise<void> =>
  client.cancelQueries({ queryKey }).then(() => client.invalidateQueries({ queryKey }))
