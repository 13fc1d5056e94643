import { keepPreviousData, queryOptions } from '@tanstack/react-query'
import { ask, type Schemas } from '../shared/api/client'

export type Log = Schemas['YearsReply']
export type Sum = Schemas['LogSum']
export type Question = Schemas['LogQuestion']
export type Arm = Schemas['LogArm']
export type FacetOf = Schemas['LogFacet']
export type Struck = Schemas['LoggedStrike']

/** A slice of all days; the one before stays shown until the next is there. */
export const logOf = (boat: string, where: readonly string[], day: string) =>
  queryOptions({
    queryKey: ['log', boat, day, where],
    queryFn: () =>
      ask((api) =>
        api.GET('/api/boats/{boat}/log', {
          params: { path: { boat }, query: { day, where: [...where] } },
        }),
      ),
    placeholderData: keepPreviousData,
  })
