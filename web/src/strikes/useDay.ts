import { useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useMemo, useSyncExternalStore } from 'react'
import { askAnew } from '../shared/api/asking'
import { deviceId, sources } from '../shared/device'
import { outbox, type Item } from '../shared/outbox/outbox'
import { foldDay } from './fold/day'
import type { Fact, Payload, StrikeState } from './fold/model'
import { keepFished } from './fished'
import { logOf, tripsOf, type FactBody, type FishedBody, type StrikeFigures, type Trip } from './queries'
import { keepSent, NOTHING, sentOf, tripsBy } from './sent'
import './ways'

/** A strike as the facts leave it here, and what the server computed for it. */
export interface Strike extends StrikeState {
  /** Of the line when it was struck. */
  label: string
  figures: StrikeFigures['line']
  /** Where the lure was, as the server reckons it. */
  lureAt?: StrikeFigures['lureAt']
  /** Not with the server yet. */
  unsent: boolean
}

const EDITION = 2
const NONE: readonly Fact[] = []

/** So often it is asked what other devices told (ms). */
const FOLLOW_MS = 5000

/**
 * The day as this device knows it: the server's facts and its own that are not sent yet, folded together.
 *
 * @param follows it is now: another device aboard may tell of it at any moment
 */
export function useDay(boat: string, trip: string | undefined, follows = false) {
  const queries = useQueryClient()
  const items = useSyncExternalStore(outbox.subscribe, outbox.items)
  const own = useMemo(
    () => items.filter((item) => item.boat === boat && tripOf(item) === trip),
    [items, boat, trip],
  )
  const unknown = trip === undefined || own.some((item) => item.way === 'trip')
  const log = useQuery({
    ...logOf(boat, trip ?? ''),
    enabled: !unknown,
    refetchInterval: follows ? FOLLOW_MS : false,
  })

  useEffect(
    () =>
      outbox.onSent((sent) => {
        for (const { item } of sent) taken(queries, item)
      }),
    [queries],
  )

  const sent = useQuery({ ...sentOf(queries, trip ?? ''), enabled: trip !== undefined }).data ?? NOTHING

  const { day, strikes } = useMemo(() => {
    const unsent = own.filter((item) => item.way === 'fact' && !item.refused)
    const here = [...sent, ...unsent]
    const facts = [
      ...((log.data?.facts ?? NONE) as readonly Fact[]),
      ...here.map((item) => item.body as Fact),
    ]
    const figures = new Map(log.data?.strikes.map((one) => [one.eventId, one.line]))
    const places = new Map(log.data?.strikes.map((one) => [one.eventId, one.lureAt]))
    const words = new Map(here.map((item) => [item.id, item.label ?? '']))
    const waiting = new Set(unsent.map((item) => item.id))
    const folded = foldDay(facts)
    const told = folded.strikes.map((strike): Strike => ({
      ...strike,
      figures: figures.get(strike.factId),
      lureAt: places.get(strike.factId),
      label: figures.get(strike.factId)?.label ?? words.get(strike.factId) ?? '',
      unsent: waiting.has(strike.factId),
    }))
    return { day: folded, strikes: told }
  }, [log.data, own, sent])

  const report = useCallback(
    async (said: Said, inTrip: string | undefined = trip) => {
      if (inTrip === undefined) throw new Error('no day out')
      const fished = said.fished ? { fished: await keepFished(said.fished) } : {}
      const body: FactBody = {
        factId: sources.uuid(),
        tripId: inTrip,
        kind: said.kind,
        edition: EDITION,
        deviceId: deviceId(),
        happenedAt: new Date(said.at).toISOString(),
        deviceAt: new Date(sources.now()).toISOString(),
        payload: { ...said.payload, ...fished } as FactBody['payload'],
      }
      await outbox.add({ id: body.factId, way: 'fact', boat, body, words: said.words, label: said.label })
      return body.factId
    },
    [boat, trip],
  )

  return {
    day,
    strikes,
    /** Of this day, not with the server yet. */
    unsent: own.filter((item) => item.way === 'fact' && !item.refused).length,
    refused: own.filter((item) => item.refused !== undefined),
    report,
    again: outbox.again,
    discard: outbox.discard,
  }
}

/** Something to report: what happened when, and what the list says of it until it is sent. */
export interface Said {
  kind: string
  at: number
  payload: Payload
  words: string
  /** Of the line it is about. */
  label: string
  /** The spread as it is fished, where that matters. */
  fished?: FishedBody
}

const tripOf = (item: Item): string | undefined =>
  item.way === 'trip'
    ? item.id
    : item.way === 'fact'
      ? (item.body as FactBody).tripId
      : item.way === 'event'
        ? (item.body as { trip: string }).trip
        : undefined

/** Shown as kept at once; what the server makes of it is asked for. */
function taken(queries: QueryClient, item: Item) {
  if (item.way === 'trip') {
    const key = tripsOf(item.boat).queryKey
    const one = item.body as Trip
    keepSent(queries, tripsBy(item.boat), item)
    queries.setQueryData(key, (all) =>
      all?.some((other) => other.tripId === one.tripId) ? all : [one, ...(all ?? [])],
    )
    void askAnew(queries, key)
    return
  }
  const key = logOf(item.boat, tripOf(item) ?? '').queryKey
  if (item.way === 'fact') keepSent(queries, tripOf(item) ?? '', item)
  void askAnew(queries, key)
}
