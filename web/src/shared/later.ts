import { lazy, type ComponentType, type LazyExoticComponent } from 'react'

/** Scripts that are not needed for the first drawing, loaded when the page has nothing to do. */
const rest: (() => Promise<unknown>)[] = []

const IDLE_MS = 2500

/** A component whose script comes when it is first shown, or when the page is idle. */
export function later<P>(load: () => Promise<ComponentType<P>>): LazyExoticComponent<ComponentType<P>> {
  rest.push(load)
  return lazy(() => load().then((component) => ({ default: component })))
}

/** So that what comes next opens at once, also when the link has gone meanwhile. */
export function loadTheRest(): () => void {
  const timer = setTimeout(() => {
    // What does not come now is asked for again when it is opened.
    for (const load of rest) void load().catch(() => undefined)
  }, IDLE_MS)
  return () => clearTimeout(timer)
}
