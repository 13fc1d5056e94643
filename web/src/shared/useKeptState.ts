import { useCallback, useSyncExternalStore } from 'react'

const states = new Map<string, unknown>()
const listeners = new Set<() => void>()

const subscribe = (listener: () => void) => {
  listeners.add(listener)
  return () => void listeners.delete(listener)
}

/** State by name that outlives the component: what was begun on one station goes on while another is looked at. */
export function useKeptState<T>(name: string, initial: T): [T, (change: Partial<T>) => void] {
  const state = useSyncExternalStore(subscribe, () => (states.get(name) as T | undefined) ?? initial)
  const change = useCallback(
    (part: Partial<T>) => {
      states.set(name, { ...((states.get(name) as T | undefined) ?? initial), ...part })
      listeners.forEach((listener) => listener())
    },
    [name, initial],
  )
  return [state, change]
}
