const KEY = 'moss.device'

/** Source of ids and of the time; tests put their own in. */
export const sources = {
  uuid: (): string => crypto.randomUUID(),
  now: (): number => Date.now(),
}

/** This browser's own id, made once: events say which device reported them. */
export function deviceId(): string {
  const kept = localStorage.getItem(KEY)
  if (kept) return kept
  const made = sources.uuid()
  localStorage.setItem(KEY, made)
  return made
}
