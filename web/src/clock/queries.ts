import { queryOptions } from '@tanstack/react-query'
import { ask, type Schemas } from '../shared/api/client'

export type Day = Schemas['DayReply']

export interface Place {
  latitudeDeg: number
  longitudeDeg: number
  timeZone: string
}

export const dayOf = (date: string, place: Place) =>
  queryOptions({
    queryKey: ['day', date, place.latitudeDeg, place.longitudeDeg, place.timeZone],
    queryFn: () => ask((api) => api.GET('/api/day', { params: { query: { date, ...place } } })),
    staleTime: Infinity,
  })
