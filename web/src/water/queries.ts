import { queryOptions } from '@tanstack/react-query'
import { ask, Problem, type Schemas } from '../shared/api/client'
import { keep } from '../shared/api/keep'
import type { paths } from '../shared/api/generated/types'

export type Grid = Schemas['GridReply']
export type Kind = Grid['kind']
export type Begin = Schemas['BeginReply']
export type Target = NonNullable<
  NonNullable<paths['/api/boats/{boat}/water/begin']['get']['parameters']['query']>['target']
>
export type Place = Schemas['PlaceReply']
export type SeaSpot = Schemas['SeaSpot']

/** Files put there come in by themselves, so what is here is asked again (ms). */
const FOLDER_MS = 20_000

export const gridsOf = (boat: string) =>
  queryOptions({
    queryKey: ['water', boat],
    queryFn: () => ask((api) => api.GET('/api/boats/{boat}/water', { params: { path: { boat } } })),
    refetchInterval: FOLDER_MS,
  })

/** The folder of the computer that serves whose files are taken in. */
export const folderOf = (boat: string) =>
  queryOptions({
    queryKey: ['water-folder', boat],
    queryFn: () => ask((api) => api.GET('/api/boats/{boat}/water/folder', { params: { path: { boat } } })),
    refetchInterval: FOLDER_MS,
    retry: false,
  })

/** Nothing more is said of a file that was refused. */
export const letBe = (boat: string, name: string) =>
  ask((api) => api.DELETE('/api/boats/{boat}/water/folder', { params: { path: { boat }, query: { name } } }))

/** Values of a grid, row by row from the south-west; NaN where nothing is known. They never change. */
export const cellsOf = (boat: string, grid: string) =>
  queryOptions({
    queryKey: ['water-cells', boat, grid],
    queryFn: async () => {
      const response = await fetch(`/api/boats/${boat}/water/${grid}/cells`)
      if (!response.ok) throw new Problem(response.status, 'The grid did not come.')
      return new Float32Array(await response.arrayBuffer())
    },
    staleTime: Infinity,
  })

/** Where it is worth beginning at a moment (ISO) of a day, for a fish. */
export const beginOf = (boat: string, at: string, day: string, target: Target | undefined) =>
  queryOptions({
    queryKey: ['water-begin', boat, at, day, target],
    queryFn: () =>
      ask((api) =>
        api.GET('/api/boats/{boat}/water/begin', {
          params: { path: { boat }, query: { at, day, ...(target && { target }) } },
        }),
      ),
  })

export const removeGrid = (boat: string, grid: string) =>
  ask((api) => api.DELETE('/api/boats/{boat}/water/{grid}', { params: { path: { boat, grid } } }))

export type Mark = Schemas['SeaMarkBody']
export type MarksTaken = Schemas['MarksTaken']

export const marksOf = (boat: string) =>
  queryOptions({
    queryKey: ['marks', boat],
    queryFn: () => ask((api) => api.GET('/api/boats/{boat}/marks', { params: { path: { boat } } })),
  })

export const saveMark = (boat: string, body: Mark) =>
  keep<Mark>((api) => api.PUT('/api/boats/{boat}/marks', { params: { path: { boat } }, body }))

export const removeMark = (boat: string, { markId: mark, version }: Mark) =>
  ask((api) =>
    api.DELETE('/api/boats/{boat}/marks/{mark}', { params: { path: { boat, mark }, query: { version } } }),
  )

export type Running = Schemas['RunningBody']

/** How she runs out and what she burns, as far as it was told. */
export const runningOf = (boat: string) =>
  queryOptions({
    queryKey: ['running', boat],
    queryFn: () => ask((api) => api.GET('/api/boats/{boat}/running', { params: { path: { boat } } })),
  })

export const saveRunning = (boat: string, body: Running) =>
  keep<Running>((api) => api.PUT('/api/boats/{boat}/running', { params: { path: { boat } }, body }))
