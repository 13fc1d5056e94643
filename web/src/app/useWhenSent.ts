import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { outbox } from '../shared/outbox/outbox'

/** Asks anew once what was told here has reached the server: what it says follows what it knows. */
export function useWhenSent(boat: string, about: readonly string[]): void {
  const client = useQueryClient()
  const named = about.join(' ')
  useEffect(
    () =>
      outbox.onSent(() => {
        for (const one of named.split(' ')) {
          const about = { queryKey: [one, boat] }
          // An answer that is on its way was asked for before this was sent: it must not come in as a new one.
          void client.cancelQueries(about).then(() => client.invalidateQueries(about))
        }
      }),
    [client, boat, named],
  )
}
