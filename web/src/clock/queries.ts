import { queryOptions } from '@tanstack/react-query'
import { ask, type Schemas } from '../shared/api/client'

export type Day = Schemas['DayReply']

export interface Place {
  latitudeDeg: number
  longitudeDeg: number
  timeZone: string
}

export const dayOf = (date: string, { latitudeDeg, longitudeDeg, timeZone }: Place) =>
  queryOptions({
    queryKey: ['day', date, latitudeDeg, longitudeDeg, timeZone],
    queryFn: () =>
      ask((api) => api.GET('/api/day', { params: { query: { date, latitudeDeg, longitudeDeg, timeZone } } })),
    staleTime: Infinity,
  })
