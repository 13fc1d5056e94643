import { useEffect, useState } from 'react'
import { Big } from './StrikeCard'

/** For the second touch (ms). */
const SECOND_MS = 4000

/**
 * Against wet sleeves and spray: locked, only the lines' pads hear a touch. Two touches at two places unlock: drops do not
 * do that.
 */
export function Lock({ locked, onLock }: { locked: boolean; onLock(locked: boolean): void }) {
  const [once, setOnce] = useState(false)
  useEffect(() => {
    if (!once) return
    const timer = setTimeout(() => setOnce(false), SECOND_MS)
    return () => clearTimeout(timer)
  }, [once])
  if (!locked) return <Big onClick={() => onLock(true)}>Lock</Big>
  return (
    <span className="flex flex-1 items-center justify-between gap-3" data-live>
      {once ? (
        <Big
          strong
          onClick={() => {
            setOnce(false)
            onLock(false)
          }}
        >
          And here: unlock
        </Big>
      ) : (
        <span role="status">Locked: only the lines hear a touch.</span>
      )}
      <Big pressed={once} onClick={() => setOnce(true)}>
        Unlock
      </Big>
    </span>
  )
}
