import { useEffect } from 'react'

/** Keeps the screen on while the deck is shown, where the device lets a page do so. */
export function useAwake() {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null
    let gone = false
    const ask = async () => {
      if (document.visibilityState !== 'visible') return
      // A device low on power refuses: then it sleeps as it always does.
      lock = (await navigator.wakeLock?.request('screen').catch(() => null)) ?? null
      if (gone) void lock?.release()
    }
    void ask()
    document.addEventListener('visibilitychange', ask)
    return () => {
      gone = true
      document.removeEventListener('visibilitychange', ask)
      void lock?.release()
    }
  }, [])
}
