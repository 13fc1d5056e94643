import { useState } from 'react'

/** On or off, kept on this device under a key. */
export function useSwitch(key: string): [boolean, () => void] {
  const [on, setOn] = useState(() => localStorage.getItem(key) === 'on')
  return [
    on,
    () => {
      localStorage.setItem(key, on ? 'off' : 'on')
      setOn(!on)
    },
  ]
}
