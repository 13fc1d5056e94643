import { queryOptions } from '@tanstack/react-query'
import { ask, type Schemas } from '../shared/api/client'

export type Deck = Schemas['DeckReply']
export type Routine = Schemas['RoutineReply']
export type CueAnswer = Schemas['CueReply']
export type FishCare = Schemas['FishReply']

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
