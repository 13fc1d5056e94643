import { queryOptions } from '@tanstack/react-query'
import { ask, type Schemas } from '../shared/api/client'

export type Trip = Schemas['TripBody']
export type DayLog = Schemas['LogReply']
export type StrikeFigures = Schemas['StrikeReply']
export type FactBody = Schemas['FactBody']
export type FishedBody = Schemas['FishedBody']

export const tripsOf = (boat: string) =>
  queryOptions({
    queryKey: ['trips', boat],
    queryFn: () => ask((api) => api.GET('/api/boats/{boat}/trips', { params: { path: { boat } } })),
  })

export const logOf = (boat: string, trip: string) =>
  queryOptions({
    queryKey: ['log', boat, trip],
    queryFn: () =>
      ask((api) => api.GET('/api/boats/{boat}/trips/{trip}/log', { params: { path: { boat, trip } } })),
  })

export const saveTrip = (boat: string, trip: Trip) =>
  ask((api) =>
    api.PUT('/api/boats/{boat}/trips/{trip}', { params: { path: { boat, trip: trip.tripId } }, body: trip }),
  )

export const sendFacts = (boat: string, facts: FactBody[], fished: FishedBody[]) =>
  ask((api) => api.POST('/api/boats/{boat}/facts', { params: { path: { boat } }, body: { facts, fished } }))

/** As the first edition of this page reported; some browser may still hold one. */
export const sendEvent = (boat: string, trip: string, event: unknown) =>
  ask((api) =>
    api.POST('/api/boats/{boat}/trips/{trip}/events', {
      params: { path: { boat, trip } },
      body: { events: [event] } as never,
    }),
  )
