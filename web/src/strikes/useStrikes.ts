import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useSyncExternalStore } from 'react'
import { deviceId, sources } from '../shared/device'
import { useAway } from '../shared/reach'
import { flush, outbox } from './outbox'
import { logOf, type EventBody, type Strike } from './queries'

type Content = Partial<EventBody> & Pick<EventBody, 'kind'>

const NONE: readonly Strike[] = []

/** The day's strikes, and reporting: kept here at once, sent when the server answers. */
export function useStrikes(boat: string, trip: string | undefined) {
  const away = useAway()
  const queries = useQueryClient()
  const log = useQuery({ ...logOf(boat, trip ?? ''), enabled: trip !== undefined })
  const pending = useSyncExternalStore(outbox.subscribe, outbox.pending)

  const send = useCallback(async () => {
    // What did not get through is sent when the server answers again.
    const day = await flush().catch(() => null)
    if (day) queries.setQueryData(logOf(boat, day.trip.tripId).queryKey, day)
  }, [boat, queries])

  useEffect(() => {
    if (!away) void send()
  }, [away, send])

  const report = useCallback(
    (content: Content, happenedAt: number, words: string): string => {
      const eventId = sources.uuid()
      if (!trip) return eventId
      const event: EventBody = {
        eventId,
        deviceId: deviceId(),
        happenedAt: new Date(happenedAt).toISOString(),
        deviceAt: new Date(sources.now()).toISOString(),
        ...content,
      }
      outbox.add({ boat, trip, event, words })
      void send()
      return eventId
    },
    [boat, trip, send],
  )

  return {
    strikes: log.data?.strikes ?? NONE,
    pending: pending.filter((p) => p.boat === boat && p.trip === trip),
    report,
    discard: outbox.discard,
  }
}
