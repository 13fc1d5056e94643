import { useEffect, useState } from 'react'
import { sources } from '../../shared/device'

/** Between two ticks, and a little more (ms): what happened since the last has happened. */
export const TICK_MS = 1200

/** Now, each second (ms); it goes on from the clock when the page was in the background. */
export function useSecond(): number {
  const [now, setNow] = useState(sources.now)
  useEffect(() => {
    const timer = setInterval(() => setNow(sources.now()), 1000)
    return () => clearInterval(timer)
  }, [])
  return now
}
