import { queryOptions } from '@tanstack/react-query'
import { ask, type Schemas } from '../shared/api/client'

export type Trip = Schemas['TripBody']
export type DayLog = Schemas['LogReply']
export type Strike = Schemas['StrikeReply']
export type EventBody = Schemas['EventBody']

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

export const sendEvents = (boat: string, trip: string, events: EventBody[]) =>
  ask((api) =>
    api.POST('/api/boats/{boat}/trips/{trip}/events', { params: { path: { boat, trip } }, body: { events } }),
  )
