import createClient from 'openapi-fetch'
import { fieldWords } from './fieldWords'
import type { components, paths } from './generated/types'
import { sawStatus } from './unpaired'

export type Schemas = components['schemas']

/** One thing wrong with what was sent, as the server says it. */
export interface Fault {
  code: string
  field: string
  value: string
  message: string
  mend: string
}

/** A request that was not served: a problem with its faults, or no answer at all (status 0). */
export class Problem extends Error {
  constructor(
    readonly status: number,
    title: string,
    readonly faults: readonly Fault[] = [],
    readonly theirs: unknown = undefined,
    readonly yours: unknown = undefined,
    /** What trouble the server is in, where it is in any. */
    readonly code: string = '',
  ) {
    super(title)
  }

  /** Each fault with its mend; the title where none is named. */
  get said(): readonly string[] {
    return this.faults.length > 0
      ? this.faults.map(({ field, message, mend }) => {
          const [words, how] = [message, mend].map((text) => text.replaceAll(field, fieldWords(field)))
          return `${words!.charAt(0).toUpperCase()}${words!.slice(1)}. ${how}`
        })
      : [this.message]
  }

  /** The server or its database did not answer; what was asked may be asked again. */
  get away(): boolean {
    return this.status === 0 || this.status === 502 || this.status === 503 || this.status === 504
  }
}

const client = createClient<paths>({ baseUrl: location.origin })

/** @param says why, in the server's words */
type Listener = (away: boolean, says?: string) => void
const listeners = new Set<Listener>()

/** Told after every request whether server and database answered. */
export function onReach(listener: Listener): () => void {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

const tell: Listener = (away, says) => listeners.forEach((listener) => listener(away, says))

export type Api = typeof client

export interface Answer<T> {
  data?: T
  error?: unknown
  response: Response
}

/** On an answer that the device held itself, for want of a link; see `sw/sw.ts`. */
const HELD = 'x-moss-held'

/** Troubles that are worth their own words to whoever waits. */
const TOLD = new Set(['DISK_FULL', 'BUSY'])

/** Data, or a thrown Problem. */
export async function ask<T>(call: (api: Api) => Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>
  try {
    answer = await call(client)
  } catch (error) {
    // Who gave up waiting says nothing of the link.
    if (!(error instanceof DOMException && error.name === 'AbortError')) tell(true)
    throw new Problem(0, 'The server does not answer.')
  }
  sawStatus(answer.response.status)
  if (answer.response.ok) {
    // What this device held while the server is away says nothing of the server.
    if (!answer.response.headers.has(HELD)) tell(false)
    return answer.data as T
  }
  const body = (answer.error ?? {}) as {
    title?: string
    detail?: string
    faults?: Fault[]
    theirs?: unknown
    yours?: unknown
    code?: string
  }
  const problem = new Problem(
    answer.response.status,
    body.detail ?? body.title ?? 'The request was refused.',
    body.faults ?? [],
    body.theirs,
    body.yours,
    body.code,
  )
  tell(problem.away, TOLD.has(problem.code) ? problem.message : '')
  throw problem
}
