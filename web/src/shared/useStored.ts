import { useCallback, useState } from 'react'

/** What this device remembers under a name, or null. */
export const stored = <T>(key: string): T | null => {
  try {
    return JSON.parse(localStorage.getItem(key) ?? 'null') as T | null
  } catch {
    return null
  }
}

/** What this device remembers under a name; null takes it away. A page that is opened anew has it still. */
export function useStored<T>(key: string): [T | null, (next: T | null) => void] {
  const [held, setHeld] = useState(() => ({ key, value: stored<T>(key) }))
  const value = held.key === key ? held.value : stored<T>(key)
  const set = useCallback(
    (next: T | null) => {
      try {
        if (next === null) localStorage.removeItem(key)
        else localStorage.setItem(key, JSON.stringify(next))
      } catch {
        // No room, or none given: as long as the page lives it has it.
      }
      setHeld({ key, value: next })
    },
    [key],
  )
  return [value, set]
}
