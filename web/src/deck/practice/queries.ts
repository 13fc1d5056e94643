import { queryOptions } from '@tanstack/react-query'
import { ask, type Schemas } from '../../shared/api/client'

export type Practice = Schemas['PracticeReply']
export type Signal = Schemas['SignalReply']
export type Sight = Schemas['SightReply']
export type PracticeHelm = Schemas['PracticeHelm']
export type PracticeLooked = Schemas['PracticeLooked']

/** The practice day of this boat, or of her copy; null where nobody practises. */
export const practiceOf = (boat: string) =>
  queryOptions({
    queryKey: ['practice', boat],
    queryFn: async () =>
      (await ask((api) => api.GET('/api/boats/{boat}/practice', { params: { path: { boat } } }))).practice ??
      null,
    staleTime: Infinity,
    gcTime: Infinity,
  })

export const beginPractice = (boat: string, body: Schemas['PracticeBegun']) =>
  ask((api) => api.POST('/api/boats/{boat}/practice', { params: { path: { boat } }, body }))

export const steerPractice = (boat: string, body: PracticeHelm) =>
  ask((api) => api.PUT('/api/boats/{boat}/practice/helm', { params: { path: { boat } }, body }))

/** Lets her sail on to now. */
export const lookAtPractice = (boat: string, body: PracticeLooked) =>
  ask((api) => api.POST('/api/boats/{boat}/practice/look', { params: { path: { boat } }, body }))
