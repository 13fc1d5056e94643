import { useSyncExternalStore } from 'react'

const query = '(max-width: 767px)'
const media = typeof matchMedia === 'function' ? matchMedia(query) : null

const subscribe = (told: () => void) => {
  media?.addEventListener('change', told)
  return () => media?.removeEventListener('change', told)
}

/** Whether the page is as narrow as a phone held upright. */
export const usePhone = (): boolean => useSyncExternalStore(subscribe, () => media?.matches ?? false)
