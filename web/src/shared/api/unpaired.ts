import { useSyncExternalStore } from 'react'

let unpaired = false
const subscribers = new Set<() => void>()

/** Told by every answer: 401 is of a device that the boat does not know, or no more. */
export function sawStatus(status: number): void {
  const next = status === 401
  if (next === unpaired || (status !== 401 && !(status >= 200 && status < 300))) return
  unpaired = next
  subscribers.forEach((told) => told())
}

/** True while the server does not let this device in. */
export const useUnpaired = () =>
  useSyncExternalStore(
    (told) => {
      subscribers.add(told)
      return () => subscribers.delete(told)
    },
    () => unpaired,
  )
