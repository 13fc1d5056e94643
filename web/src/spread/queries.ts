import { queryOptions } from '@tanstack/react-query'
import { ask, type Schemas } from '../shared/api/client'

export type Boat = Schemas['BoatBody']
export type Holder = Schemas['HolderBody']
export type Gear = Schemas['Gear']
export type Lure = Schemas['LureGearBody']
export type LineGear = Schemas['LineGearBody']
export type LureKind = Schemas['LureKindReply']
export type Kept = Schemas['Kept']
export type Title = Schemas['Title']
export type Draft = Schemas['SpreadDraft']
export type Line = Schemas['LineDraft']
export type Piece = Schemas['PieceDraft']
export type Solved = Schemas['SolvedReply']
export type SolvedLine = Schemas['LineReply']
export type Wake = Schemas['WakeReply']
export type Ride = Schemas['RideReply']
export type Finding = Schemas['FindingReply']
export type Mend = Schemas['MendReply']

export const boats = () =>
  queryOptions({ queryKey: ['boats'], queryFn: () => ask((api) => api.GET('/api/boats')) })

export const gearOf = (boat: string) =>
  queryOptions({
    queryKey: ['gear', boat],
    queryFn: () => ask((api) => api.GET('/api/boats/{boat}/gear', { params: { path: { boat } } })),
  })

export const lureKinds = () =>
  queryOptions({
    queryKey: ['lure-kinds'],
    queryFn: () => ask((api) => api.GET('/api/lure-kinds')),
    staleTime: Infinity,
  })

export const titlesOf = (boat: string) =>
  queryOptions({
    queryKey: ['spreads', boat],
    queryFn: () => ask((api) => api.GET('/api/boats/{boat}/spreads', { params: { path: { boat } } })),
  })

export const spreadOf = (boat: string, spread: string) =>
  queryOptions({
    queryKey: ['spread', boat, spread],
    queryFn: () =>
      ask((api) => api.GET('/api/boats/{boat}/spreads/{spread}', { params: { path: { boat, spread } } })),
  })

export const saveSpread = (boat: string, body: Schemas['SpreadBody']) =>
  ask((api) =>
    api.PUT('/api/boats/{boat}/spreads/{spread}', {
      params: { path: { boat, spread: body.spreadId } },
      body,
    }),
  )

export const solve = (boat: string, draft: Draft) =>
  ask((api) => api.POST('/api/boats/{boat}/solve', { params: { path: { boat } }, body: draft }))

export const saveLure = (boat: string, body: Lure) =>
  ask((api) => api.PUT('/api/boats/{boat}/gear/lures', { params: { path: { boat } }, body }))

export const saveLineGear = (boat: string, body: LineGear) =>
  ask((api) => api.PUT('/api/boats/{boat}/gear/lines', { params: { path: { boat } }, body }))
