import { useEffect, useMemo, useState } from 'react'
import { fixesOf, type Fix } from '../../strikes/fixes'

const KEY = 'moss.own-position'

export interface OwnPosition {
  on: boolean
  toggle(): void
  /** The last one; null while none is known. */
  fix: Fix | null
  /** Why none is. */
  why: string | null
  /** What is held is kept now. */
  keep(): void
}

/** A boat that trolls has moved by then: an older place is none (ms). */
const OLD_MS = 30_000

/**
 * This device as a source of its own: where the boat is, for days without instruments.
 *
 * @param real false for a boat that practises: where the device is says nothing of her
 */
export function useOwnPosition(boat: string, now: number, real: boolean): OwnPosition {
  const [wanted, setWanted] = useState(() => localStorage.getItem(KEY) === 'on')
  const on = wanted && real
  const [fix, setFix] = useState<Fix | null>(null)
  const [why, setWhy] = useState<string | null>(null)
  const fixes = useMemo(() => fixesOf(boat), [boat])
  useEffect(() => {
    if (!on) return
    const watch = navigator.geolocation.watchPosition(
      (told) => {
        const taken = fixes.take(told)
        setFix(taken)
        setWhy(taken ? null : 'This device is too uncertain of where it is.')
      },
      ({ code }) =>
        setWhy(
          code === 1
            ? 'This page may not know where the device is.'
            : 'The device does not know where it is.',
        ),
      { enableHighAccuracy: true, maximumAge: 1000 },
    )
    return () => {
      navigator.geolocation.clearWatch(watch)
      void fixes.keep()
    }
  }, [on, fixes])
  const old = fix !== null && now - Date.parse(fix.at) > OLD_MS
  return {
    on,
    toggle() {
      localStorage.setItem(KEY, on ? 'off' : 'on')
      setWanted(!on)
      setFix(null)
      setWhy(null)
    },
    fix: old ? null : fix,
    why: why ?? (old ? 'This device has told no place for a while.' : null),
    keep: () => void fixes.keep(),
  }
}
