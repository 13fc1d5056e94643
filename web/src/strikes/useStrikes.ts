import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useState, useSyncExternalStore } from 'react'
import { deviceId, sources } from '../shared/device'
import { useAway } from '../shared/reach'
import { flush, outbox } from './outbox'
import { logOf, type EventBody } from './queries'

type Content = Partial<EventBody> & Pick<EventBody, 'kind'>

/** The day's strikes, and reporting: kept here at once, sent when the server answers. */
export function useStrikes(boat: string, trip: string | undefined) {
  const away = useAway()
  const queries = useQueryClient()
  const log = useQuery({ ...logOf(boat, trip ?? ''), enabled: trip !== undefined })
  const pending = useSyncExternalStore(outbox.subscribe, outbox.pending)
  const [refused, setRefused] = useState<string | null>(null)

  const send = useCallback(async () => {
    try {
      const day = await flush()
      if (day) queries.setQueryData(logOf(boat, day.trip.tripId).queryKey, day)
      setRefused(null)
    } catch (problem) {
      if (!(problem as { away?: boolean }).away) setRefused((problem as Error).message)
    }
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
    strikes: log.data?.strikes ?? [],
    pending: pending.filter((p) => p.boat === boat && p.trip === trip),
    refused,
    report,
  }
}
