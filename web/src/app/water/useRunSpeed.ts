import { useState } from 'react'

const KEY = 'moss.run'
/** Sixteen knots, until somebody says (m/s). */
const USUAL_MPS = 8.2311

/** How fast she runs out, as this device was told (m/s). */
export function useRunSpeed(): [number, (mps: number) => void] {
  const [mps, setMps] = useState(() => {
    const kept = Number(localStorage.getItem(KEY))
    return kept >= 1 && kept <= 40 ? kept : USUAL_MPS
  })
  return [
    mps,
    (next) => {
      localStorage.setItem(KEY, String(next))
      setMps(next)
    },
  ]
}
