import { keepPreviousData, queryOptions } from '@tanstack/react-query'
import { ask, type Schemas } from '../shared/api/client'
import { sendFile } from '../shared/api/sendFile'

export type Deck = Schemas['DeckReply']
export type Routine = Schemas['RoutineReply']
export type CueAnswer = Schemas['CueReply']
export type FishCare = Schemas['FishReply']

export type Instruments = Schemas['InstrumentsReply']
export type Source = Schemas['SourceBody']
export type GaugeName = Schemas['GaugeReply']['gauge']

const INSTRUMENTS_MS = 1000

/** Asked each second while the deck is shown. */
export const instrumentsOf = (boat: string, wantedMps?: number) =>
  queryOptions({
    queryKey: ['instruments', boat, wantedMps],
    queryFn: () =>
      ask((api) =>
        api.GET('/api/boats/{boat}/instruments', {
          params: { path: { boat }, query: wantedMps === undefined ? {} : { wantedMps } },
        }),
      ),
    placeholderData: keepPreviousData,
    refetchInterval: INSTRUMENTS_MS,
    retry: false,
  })

export const keepSource = (boat: string, source: string, body: Source) =>
  ask((api) =>
    api.PUT('/api/boats/{boat}/instruments/{source}', { params: { path: { boat, source } }, body }),
  )

/** What instruments wrote on another day, for a source that plays it. */
export const sendRecording = (boat: string, source: string, file: Blob) =>
  sendFile<Schemas['Recorded']>(
    'PUT',
    `/api/boats/${boat}/instruments/${source}/recording`,
    'text/plain',
    file,
  )

export const removeSource = (boat: string, source: string, version: number) =>
  ask((api) =>
    api.DELETE('/api/boats/{boat}/instruments/{source}', {
      params: { path: { boat, source }, query: { version } },
    }),
  )

export type ChangeOver = Schemas['ChangeOverReply']

/** How the lines that are out become another spread. */
export const changeOf = (boat: string, body: Schemas['ChangeOverBody']) =>
  queryOptions({
    queryKey: ['change', boat, body],
    queryFn: () => ask((api) => api.POST('/api/boats/{boat}/change', { params: { path: { boat } }, body })),
    retry: false,
  })

export type Weighed = Schemas['WeighedReply']

const WEIGH_MS = 60_000

/**
 * The methods weighed again by what was seen, once a minute.
 *
 * @param at (ms)
 */
export const weighedOf = (boat: string, spread: string, trip: string, at: () => number) =>
  queryOptions({
    queryKey: ['weighed', boat, spread, trip],
    queryFn: () =>
      ask((api) =>
        api.GET('/api/boats/{boat}/spreads/{spread}/weighed', {
          params: { path: { boat, spread }, query: { trip, at: new Date(at()).toISOString() } },
        }),
      ),
    refetchInterval: WEIGH_MS,
    retry: false,
  })

/** Told beforehand, and held for as long as the page is open: at sea nobody is asked. */
export const deckOf = (boat: string, spread: string) =>
  queryOptions({
    queryKey: ['deck', boat, spread],
    queryFn: () =>
      ask((api) =>
        api.GET('/api/boats/{boat}/spreads/{spread}/deck', { params: { path: { boat, spread } } }),
      ),
    staleTime: 60_000,
    gcTime: Infinity,
  })
