import { queryOptions } from '@tanstack/react-query'
import { ask, type Schemas } from '../../shared/api/client'

export type SounderAsked = Schemas['SounderBody']
export type Sounded = Schemas['SounderReply']
export type LureReach = Schemas['LureReach']

export const soundedOf = (boat: string, body: SounderAsked) =>
  queryOptions({
    queryKey: ['sounder', boat, body],
    queryFn: () => ask((api) => api.POST('/api/boats/{boat}/sounder', { params: { path: { boat } }, body })),
    staleTime: Infinity,
    placeholderData: (before: Sounded | undefined) => before,
  })
