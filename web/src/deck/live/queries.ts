import { ask, type Schemas } from '../../shared/api/client'

export type Live = Schemas['LiveReply']
export type LiveNow = Schemas['NowReply']
export type LiveLine = Schemas['LiveLineReply']
export type LiveAsked = Schemas['LiveBody']

export const liveOf = (boat: string, body: LiveAsked) =>
  ask((api) => api.POST('/api/boats/{boat}/live', { params: { path: { boat } }, body }))
