import { lazy, type ComponentType, type LazyExoticComponent } from 'react'

/** Scripts that are not needed for the first drawing, loaded when the page has nothing to do. */
const rest: (() => Promise<unknown>)[] = []

const IDLE_MS = 2500

interface Come<P> {
  default: ComponentType<P>
}

/** A component that can be fetched before it is shown. */
type Later<P> = LazyExoticComponent<ComponentType<P>> & { fetch(): Promise<unknown> }

/**
 * A component whose script comes when it is first shown, or when the page is idle; once it is there it shows at once,
 * without a blink of what stands in for it.
 */
export function later<P>(load: () => Promise<ComponentType<P>>): Later<P> {
  let come: Come<P> | null = null
  const fetched = () => load().then((component) => (come = { default: component }))
  rest.push(fetched)
  return Object.assign(
    lazy(() => (come ? atOnce(come) : fetched())),
    { fetch: fetched },
  )
}

/** A promise that calls back before it returns: React then need not wait a round for what is there. */
const atOnce = <T>(value: T) => ({ then: (done: (value: T) => void) => done(value) }) as Promise<T>

/** All that can come later, now. */
export const fetchTheRest = (): Promise<unknown> => Promise.allSettled(rest.map((load) => load()))

/** So that what comes next opens at once, also when the link has gone meanwhile. */
export function loadTheRest(): () => void {
  // What does not come now is asked for again when it is opened.
  const timer = setTimeout(() => void fetchTheRest(), IDLE_MS)
  return () => clearTimeout(timer)
}
