import { queryOptions } from '@tanstack/react-query'
import { ask, type Schemas } from '../shared/api/client'
import { keep } from '../shared/api/keep'
import { posted, refused, told } from '../shared/api/told'

export type CourseBody = Schemas['CourseBody']
export type Course = Schemas['CourseReply']
export type Kept = Schemas['KeptCourseBody']
export type SailedEvent = Schemas['SailedEvent']
export type Sailed = Schemas['SailedReply']
export type LureOnCourse = Schemas['LureOnCourse']
export type Spot = Schemas['SpotBody']

export async function layCourse(boat: string, body: CourseBody): Promise<Course> {
  const response = await fetch(`/api/boats/${boat}/courses`, posted(body))
  if (!response.ok) throw await refused(response)
  return (await response.json()) as Course
}

/** Follows it with every line and tells how far it is. */
export const sailCourse = (
  boat: string,
  body: CourseBody,
  onEvent: (event: SailedEvent) => void,
  signal: AbortSignal,
): Promise<void> => told(`/api/boats/${boat}/courses/sailed`, body, onEvent, signal)

/** What was taken along for a day. */
export const keptCourse = (boat: string, day: string) =>
  queryOptions({
    queryKey: ['course', boat, day],
    queryFn: () =>
      ask((api) => api.GET('/api/boats/{boat}/courses/{day}', { params: { path: { boat, day } } })),
  })

export const saveCourse = (boat: string, body: Kept) =>
  keep<Kept>((api) => api.PUT('/api/boats/{boat}/courses', { params: { path: { boat } }, body }))

export const removeCourse = (boat: string, { day, version }: Kept) =>
  ask((api) =>
    api.DELETE('/api/boats/{boat}/courses/{day}', { params: { path: { boat, day }, query: { version } } }),
  )

export const routeOf = (boat: string, day: string) => `/api/boats/${boat}/courses/${day}.gpx`
