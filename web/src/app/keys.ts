import { useEffect, useLayoutEffect, useRef, useState } from 'react'

const KEY = 'moss.single-keys'

export const singleKeys = {
  on: (): boolean => localStorage.getItem(KEY) !== 'off',
  set: (on: boolean) => localStorage.setItem(KEY, on ? 'on' : 'off'),
}

const CHANGED = 'moss.keys'

/** The single keys that can be another, by their place on the keyboard. */
export type Remap = Readonly<Record<string, string>>

/** Keys put elsewhere: the usual place, and where it is now. */
export const remap = {
  all(): Remap {
    try {
      return JSON.parse(localStorage.getItem(CHANGED) ?? '{}') as Remap
    } catch {
      return {}
    }
  },
  /** What was on that key goes to where this one was: no key does two things, and none is lost. */
  put(usual: string, code: string): Remap {
    const before = remap.all()
    const was = before[usual] ?? usual
    const there = usualOf(before, code)
    const after = Object.fromEntries(
      Object.entries({ ...before, [usual]: code, ...(there !== usual && { [there]: was }) }).filter(
        ([from, to]) => from !== to,
      ),
    )
    localStorage.setItem(CHANGED, JSON.stringify(after))
    return after
  },
  clear(): Remap {
    localStorage.removeItem(CHANGED)
    return {}
  },
}

/** What a pressed key stands for. */
const usualOf = (changed: Remap, code: string): string =>
  Object.keys(changed).find((usual) => changed[usual] === code) ?? code

/** The key that does what `usual` does, as it is printed on it. */
export const keyName = (usual: string, changed: Remap = remap.all()): string => {
  const code = changed[usual] ?? usual
  return PRINTED[code] ?? code.replace(/^(Key|Digit)/, '')
}

const PRINTED: Readonly<Record<string, string>> = {
  BracketLeft: '[',
  BracketRight: ']',
  Slash: '/',
  Semicolon: ';',
  Quote: "'",
  Comma: ',',
  Period: '.',
  Minus: '-',
  Equal: '=',
  Backquote: '`',
  Backslash: '\\',
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
  const current = useRef(keys)
  // With what is on the screen, not after it: a second press may come before effects have run.
  useLayoutEffect(() => {
    current.current = keys
  })
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (typing(event.target) || event.altKey) return
      const ctrl = event.ctrlKey || event.metaKey
      const name = `${ctrl ? 'Ctrl+' : ''}${event.shiftKey ? 'Shift+' : ''}${event.code}`
      const act = current.current[ctrl || event.shiftKey ? name : usualOf(remap.all(), event.code)]
      if (!act || (!ctrl && !singleKeys.on())) return
      event.preventDefault()
      act(event)
    }
    window.addEventListener('keydown', onKeyDown)
    return () => window.removeEventListener('keydown', onKeyDown)
  }, [])
}
