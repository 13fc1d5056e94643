import { keepPreviousData, queryOptions } from '@tanstack/react-query'
import { ask, type Schemas } from '../shared/api/client'
import { sendFile } from '../shared/api/sendFile'

export type Log = Schemas['YearsReply']
export type Sum = Schemas['LogSum']
export type Question = Schemas['LogQuestion']
export type Arm = Schemas['LogArm']
export type FacetOf = Schemas['LogFacet']
export type Struck = Schemas['LoggedStrike']

/** What other devices told is looked for so often. */
const ANEW_MS = 60_000

/** A slice of all days; the one before stays shown until the next is there. */
export const logOf = (
  boat: string,
  where: readonly string[],
  day: string,
  /** Conditions of a slice that it is set beside. */
  beside: readonly string[] | null = null,
) =>
  queryOptions({
    queryKey: ['years', boat, day, where, beside],
    queryFn: () =>
      ask((api) =>
        api.GET('/api/boats/{boat}/log', {
          params: {
            path: { boat },
            query: {
              day,
              where: [...where],
              ...(beside && { beside: beside.length > 0 ? [...beside] : [''] }),
            },
          },
        }),
      ),
    placeholderData: keepPreviousData,
    staleTime: 0,
    refetchInterval: ANEW_MS,
  })

export type Cross = Schemas['LogCross']
export type Placed = Schemas['LogPosition']

/** The slice told apart two ways at once, and by position. */
export const picturesOf = (boat: string, where: readonly string[]) =>
  queryOptions({
    queryKey: ['years', boat, 'pictures', where],
    queryFn: () =>
      ask((api) =>
        api.GET('/api/boats/{boat}/log/pictures', {
          params: { path: { boat }, query: { where: [...where] } },
        }),
      ),
    placeholderData: keepPreviousData,
    staleTime: 0,
  })

/**
 * What a day has said until a moment.
 *
 * @param facts how many are known here: with another one it is asked again
 */
export const adviceOf = (boat: string, trip: string, at: string, facts: number) =>
  queryOptions({
    queryKey: ['advice', boat, trip, at, facts],
    queryFn: () =>
      ask((api) =>
        api.GET('/api/boats/{boat}/trips/{trip}/advice', { params: { path: { boat, trip }, query: { at } } }),
      ),
    placeholderData: keepPreviousData,
    retry: false,
  })

export type Move = Schemas['MoveReply']

/**
 * What the day suggests, solved as a change of the spread that is fished.
 *
 * @param facts how many are known here: with another one it is asked again
 */
export const moveOf = (boat: string, trip: string, body: Schemas['MoveBody'], facts: number) =>
  queryOptions({
    queryKey: ['move', boat, trip, body, facts],
    queryFn: () =>
      ask((api) =>
        api.POST('/api/boats/{boat}/trips/{trip}/moves', { params: { path: { boat, trip } }, body }),
      ),
    retry: false,
  })

export type Notebook = Schemas['NotebookReply']
export type Target = Schemas['NotebookColumnReply']['target']

/** How a table is read. */
export interface Reading {
  /** What each column holds; guessed by the server where null. */
  columns: readonly Target[] | null
  dayFirst: boolean
  feet: boolean
}

/** A table looked at, or taken in. */
export const readNotebook = (
  boat: string,
  table: Blob,
  { columns, dayFirst, feet }: Reading,
  taken: { name: string } | null,
) => {
  const query = new URLSearchParams({ dayFirst: `${dayFirst}`, feet: `${feet}`, take: `${taken !== null}` })
  columns?.forEach((column) => query.append('columns', column))
  if (taken) query.set('name', taken.name)
  return sendFile<Notebook>('POST', `/api/boats/${boat}/log/notebook.csv?${query}`, 'text/csv', table)
}

export const importsOf = (boat: string) =>
  queryOptions({
    queryKey: ['years', boat, 'imports'],
    queryFn: () => ask((api) => api.GET('/api/boats/{boat}/log/imports', { params: { path: { boat } } })),
  })

export const takeBack = (boat: string, imported: string) =>
  ask((api) =>
    api.DELETE('/api/boats/{boat}/log/imports/{imported}', { params: { path: { boat, imported } } }),
  )

/**
 * What each line of a day out was, as it was last told.
 *
 * @param facts how many are known here
 */
export const storyOf = (boat: string, trip: string, facts: number) =>
  queryOptions({
    queryKey: ['story', boat, trip, facts],
    queryFn: () =>
      ask((api) => api.GET('/api/boats/{boat}/trips/{trip}/lines', { params: { path: { boat, trip } } })),
    placeholderData: keepPreviousData,
    retry: false,
  })

/** As many as an answer holds. */
const WAY_POINTS = 4000

/** Where she went from a moment to another one (ms), thinned so that a day fits one answer. */
export const wayOf = (boat: string, start: number, end: number) => {
  const everyS = Math.max(10, (end - start) / 1000 / WAY_POINTS)
  return queryOptions({
    queryKey: ['way', boat, start, end],
    queryFn: () =>
      ask((api) =>
        api.GET('/api/boats/{boat}/fixes', {
          params: {
            path: { boat },
            query: { from: new Date(start).toISOString(), to: new Date(end).toISOString(), everyS },
          },
        }),
      ),
    enabled: Number.isFinite(start) && Number.isFinite(end),
    retry: false,
  })
}

/** Every line as it ran at a moment. */
export const ranAt = (boat: string, trip: string, at: string, facts: number) =>
  queryOptions({
    queryKey: ['story', boat, trip, facts, at],
    queryFn: () =>
      ask((api) =>
        api.GET('/api/boats/{boat}/trips/{trip}/lines', { params: { path: { boat, trip }, query: { at } } }),
      ),
    placeholderData: keepPreviousData,
    retry: false,
  })

export type Paper = Schemas['PaperReply']

/** A day from paper, looked at or kept. */
export const readPaper = (boat: string, body: Schemas['PaperBody']) =>
  ask((api) => api.POST('/api/boats/{boat}/paper', { params: { path: { boat } }, body }))

export type UsedUp = Schemas['UsedUp']
export type TackleGone = Schemas['TackleGone']
export type AfterOfDay = Schemas['AfterReply']

/**
 * What a day used up, and what is to be done after it.
 *
 * @param facts how many are known here
 */
export const afterOf = (boat: string, trip: string, facts: number) =>
  queryOptions({
    queryKey: ['after', boat, trip, facts],
    queryFn: () =>
      ask((api) => api.GET('/api/boats/{boat}/trips/{trip}/after', { params: { path: { boat, trip } } })),
    placeholderData: keepPreviousData,
    retry: false,
  })

/** Where the strikes of a slice are as a table. */
export const strikesFile = (boat: string, where: readonly string[]): string =>
  `/api/boats/${boat}/log/strikes.csv?${new URLSearchParams(where.map((text) => ['where', text]))}`
