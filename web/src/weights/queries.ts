import { queryOptions } from '@tanstack/react-query'
import { ask, type Schemas } from '../shared/api/client'

export type Weights = Schemas['WeightsReply']
export type Moved = Schemas['MovedWeight']

/** What the boat's own days say of the call's weights. */
export const weightsOf = (boat: string) =>
  queryOptions({
    queryKey: ['years', boat, 'weights'],
    queryFn: () => ask((api) => api.GET('/api/boats/{boat}/weights', { params: { path: { boat } } })),
    staleTime: 0,
  })

/** Uses them as they stand now, or goes back to the shipped ones. */
export const switchWeights = (boat: string, version: number, on: boolean) =>
  ask((api) => api.PUT('/api/boats/{boat}/weights', { params: { path: { boat } }, body: { version, on } }))
