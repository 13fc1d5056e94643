import { queryOptions } from '@tanstack/react-query'
import { ask, Problem, type Schemas } from '../shared/api/client'
import { keep } from '../shared/api/keep'

export type Rig = Schemas['RigReply']
export type RigAsk = Schemas['RigBody']
export type BenchLine = Schemas['LineBenchReply']
export type Part = Schemas['PartReply']
export type Note = Schemas['NoteReply']
export type Mend = Schemas['MendReply']
export type Change = Schemas['SpreadChangeReply']
export type Way = Schemas['WayReply']
export type Side = Schemas['WaySideReply']
export type Bait = Schemas['BaitReply']
export type Task = Schemas['TaskReply']
export type Goods = Schemas['GoodsReply']
export type RigNumber = Schemas['Named']
export type Ticked = Schemas['Ticked']
export type Joint = NonNullable<Part['joint']>

const path = (boat: string) => ({ params: { path: { boat } } })

export const rigOf = (boat: string, body: RigAsk) =>
  ask((api) => api.POST('/api/boats/{boat}/rig', { ...path(boat), body }))

export const tick = (boat: string, spread: string, body: Schemas['TickBody']) =>
  ask((api) =>
    api.PUT('/api/boats/{boat}/spreads/{spread}/ticks', { params: { path: { boat, spread } }, body }),
  )

/** What was counted aboard, by item. */
export const stockOf = (boat: string) =>
  queryOptions({
    queryKey: ['stock', boat],
    queryFn: () => ask((api) => api.GET('/api/boats/{boat}/stock', path(boat))),
  })

/** No amount: nobody counted. */
export const countStock = (boat: string, body: Schemas['StockBody']) =>
  keep<Schemas['StockBody']>((api) => api.PUT('/api/boats/{boat}/stock', { ...path(boat), body }))

export const rigCatalogue = () =>
  queryOptions({
    queryKey: ['rig', 'catalogue'],
    queryFn: () => ask((api) => api.GET('/api/rig/numbers')),
    staleTime: Infinity,
  })

export const rigNumbersOf = (boat: string) =>
  queryOptions({
    queryKey: ['rig-numbers', boat],
    queryFn: () => ask((api) => api.GET('/api/boats/{boat}/rig/numbers', path(boat))),
  })

export const setRigNumbers = (boat: string, body: Schemas['NumbersBody']) =>
  keep<Schemas['NumbersReply']>((api) => api.PUT('/api/boats/{boat}/rig/numbers', { ...path(boat), body }))

/** The evening's work as a calendar file. */
export async function eveningCalendar(boat: string, body: RigAsk): Promise<string> {
  const response = await fetch(`/api/boats/${boat}/rig/calendar`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  })
  if (!response.ok) throw new Problem(response.status, 'The calendar was not made.')
  return response.text()
}
