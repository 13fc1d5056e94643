import { useState } from 'react'

const KEY = 'moss.night'

/** Amber on near black, kept on this device. */
export function useNight(): [boolean, () => void] {
  const [night, setNight] = useState(() => localStorage.getItem(KEY) === 'on')
  return [
    night,
    () => {
      localStorage.setItem(KEY, night ? 'off' : 'on')
      setNight(!night)
    },
  ]
}
