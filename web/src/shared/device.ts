const KEY = 'moss.device'

/** The time of a day that is not today; null: it is now. */
let other: (() => number) | null = null

/** Source of ids and of the time; tests put their own in. */
export const sources = {
  uuid: (): string => crypto.randomUUID(),
  /** By the clock of the boat that is shown: on a practice day, that day's (ms). */
  now: (): number => other?.() ?? Date.now(),
  /** By the clock on the wall (ms). */
  wall: (): number => Date.now(),
}

/** From now on it is as late as `clock` says; null: as the wall's. */
export const goBy = (clock: (() => number) | null): void => {
  other = clock
}

/** This browser's own id, made once: events say which device reported them. */
export function deviceId(): string {
  const kept = localStorage.getItem(KEY)
  if (kept) return kept
  const made = sources.uuid()
  localStorage.setItem(KEY, made)
  return made
}
