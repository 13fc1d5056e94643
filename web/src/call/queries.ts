import { queryOptions } from '@tanstack/react-query'
import { ask, type Schemas } from '../shared/api/client'
import { keep } from '../shared/api/keep'
import { posted, refused, told } from '../shared/api/told'

export type Catalogue = Schemas['CatalogueReply']
export type Topic = Schemas['TopicReply']
export type TopicName = Schemas['AnswerBody']['topic']
export type Answer = Schemas['AnswerBody']
export type Part = Schemas['TopicPart']
export type Call = Schemas['CallReply']
export type CallBody = Schemas['CallBody']
export type Score = Schemas['ScoreReply']
export type Reason = Schemas['ReasonReply']
export type Band = Schemas['BandReply']
export type Step = Schemas['StepReply']
export type Plan = Schemas['PlanBody']
export type Rule = Schemas['RuleBody']
export type Side = Schemas['SideBody']
export type NumberSet = Schemas['NumberBody']
export type NumbersBody = Schemas['NumbersBody']
export type Numbers = Schemas['NumbersReply']
export type BuildEvent = Schemas['BuildEvent']
export type Made = Schemas['MadeReply']
export type Origin = Schemas['OriginReply']
export type Playbook = Schemas['TakenReply']['playbook']

const path = (boat: string) => ({ params: { path: { boat } } })

export const catalogue = () =>
  queryOptions({
    queryKey: ['call', 'catalogue'],
    queryFn: () => ask((api) => api.GET('/api/call/catalogue')),
    staleTime: Infinity,
  })

export const planOf = (boat: string, day: string) =>
  queryOptions({
    queryKey: ['plan', boat, day],
    queryFn: () =>
      ask((api) => api.GET('/api/boats/{boat}/plans/{day}', { params: { path: { boat, day } } })),
  })

export const savePlan = (boat: string, body: Plan) =>
  keep<Plan>((api) =>
    api.PUT('/api/boats/{boat}/plans/{day}', { params: { path: { boat, day: body.day } }, body }),
  )

export const callOf = (boat: string, body: CallBody) =>
  ask((api) => api.POST('/api/boats/{boat}/call', { ...path(boat), body }))

export const schoolsOf = (boat: string) =>
  queryOptions({
    queryKey: ['schools', boat],
    queryFn: () => ask((api) => api.GET('/api/boats/{boat}/schools', path(boat))),
  })

export const takeSide = (boat: string, body: Side) =>
  keep<Side[]>(
    (api) => api.PUT('/api/boats/{boat}/schools', { ...path(boat), body }),
    () => ask((api) => api.GET('/api/boats/{boat}/schools', path(boat))),
  )

export const numbersOf = (boat: string) =>
  queryOptions({
    queryKey: ['numbers', boat],
    queryFn: () => ask((api) => api.GET('/api/boats/{boat}/numbers', path(boat))),
  })

export const setNumbers = (boat: string, body: NumbersBody) =>
  keep<Numbers>((api) => api.PUT('/api/boats/{boat}/numbers', { ...path(boat), body }))

export const rulesOf = (boat: string) =>
  queryOptions({
    queryKey: ['rules', boat],
    queryFn: () => ask((api) => api.GET('/api/boats/{boat}/rules', path(boat))),
  })

export const saveRule = (boat: string, body: Rule) =>
  keep<Rule>((api) => api.PUT('/api/boats/{boat}/rules', { ...path(boat), body }))

/** @param species as kept: an entry of an earlier edition may name one that is no longer known */
export const removeRule = (boat: string, species: string, version: number) =>
  keep<unknown>((api) =>
    api.DELETE('/api/boats/{boat}/rules/{species}', {
      params: { path: { boat, species }, query: { version } },
    }),
  )

/** Null for a spread made by hand. */
export const originOf = (boat: string, spread: string) =>
  queryOptions({
    queryKey: ['origin', boat, spread],
    queryFn: async (): Promise<Origin | null> =>
      (await ask<Origin | undefined>((api) =>
        api.GET('/api/boats/{boat}/spreads/{spread}/origin', { params: { path: { boat, spread } } }),
      )) ?? null,
  })

/** The last spread called for a day; null where none was. */
export const calledFor = async (boat: string, day: string) =>
  (await ask<Schemas['Called'] | undefined>((api) =>
    api.GET('/api/boats/{boat}/plans/{day}/spread', { params: { path: { boat, day } } }),
  )) ?? null

/** @param version of the story it replaces; 0 for a spread that was just made */
export const keepOrigin = (boat: string, spread: string, made: Made, day: string, version = 0) =>
  keep<Origin>((api) =>
    api.PUT('/api/boats/{boat}/spreads/{spread}/origin', {
      params: { path: { boat, spread } },
      body: {
        version,
        playbook: made.playbook,
        stories: made.stories,
        lacks: made.lacks,
        notes: made.notes,
        day,
      },
    }),
  )

/** Searches a spread and tells each word of it as it comes; aborting gives it up. */
export const buildSpread = (
  boat: string,
  body: Schemas['BuildBody'],
  onEvent: (event: BuildEvent) => void,
  signal: AbortSignal,
): Promise<void> => told(`/api/boats/${boat}/call/spread`, body, onEvent, signal)

/** The steps of the day as a calendar file. */
export async function calendarOf(boat: string, body: CallBody): Promise<string> {
  const response = await fetch(`/api/boats/${boat}/call/calendar`, posted(body))
  if (!response.ok) throw await refused(response)
  return response.text()
}
