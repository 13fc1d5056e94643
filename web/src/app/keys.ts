import { useEffect, useState } from 'react'

const KEY = 'moss.single-keys'

export const singleKeys = {
  on: (): boolean => localStorage.getItem(KEY) !== 'off',
  set: (on: boolean) => localStorage.setItem(KEY, on ? 'on' : 'off'),
}

export function useSingleKeysSetting(): [boolean, (on: boolean) => void] {
  const [on, setOn] = useState(singleKeys.on)
  return [
    on,
    (next) => {
      singleKeys.set(next)
      setOn(next)
    },
  ]
}

const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  target.closest('input, select, textarea, [role="dialog"], [role="menu"]') !== null

/**
 * Single keys by their place on the keyboard (`KeyboardEvent.code`), silent while someone types and where they are
 * switched off; with Ctrl or Cmd they always work.
 */
export function useKeys(keys: Record<string, (event: KeyboardEvent) => void>) {
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (typing(event.target) || event.altKey) return
      const ctrl = event.ctrlKey || event.metaKey
      const name = `${ctrl ? 'Ctrl+' : ''}${event.shiftKey ? 'Shift+' : ''}${event.code}`
      const act = keys[name]
      if (!act || (!ctrl && !singleKeys.on())) return
      event.preventDefault()
      act(event)
    }
    window.addEventListener('keydown', onKeyDown)
    return () => window.removeEventListener('keydown', onKeyDown)
  }, [keys])
}
