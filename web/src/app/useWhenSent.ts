import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { askAnew } from '../shared/api/asking'
import { outbox } from '../shared/outbox/outbox'

/** Asks anew once what was told here has reached the server: what it says follows what it knows. */
export function useWhenSent(boat: string, about: readonly string[]): void {
  const client = useQueryClient()
  const named = about.join(' ')
  useEffect(
    () =>
      outbox.onSent(() => {
        for (const one of named.split(' ')) void askAnew(client, [one, boat])
      }),
    [client, boat, named],
  )
}
