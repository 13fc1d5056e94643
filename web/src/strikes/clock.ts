const DAY_MIN = 24 * 60

/** Minutes since midnight of `9:07`, `09.07` or `0907`; null of anything else. */
function minutesOf(typed: string): number | null {
  const [, hours = '', minutes = ''] = /^\s*(\d{1,2})\s*[:.h]?\s*(\d{2})\s*$/.exec(typed) ?? []
  if (hours === '' || Number(hours) > 23 || Number(minutes) > 59) return null
  return 60 * Number(hours) + Number(minutes)
}

/**
 * The moment nearest to `about` (ms) that a clock shows as typed, where it shows `shown` then: a night's fishing goes over
 * midnight. Null where nothing can be read.
 */
export function nearest(about: number, shown: string, typed: string): number | null {
  const wanted = minutesOf(typed)
  const now = minutesOf(shown)
  if (wanted === null || now === null) return null
  const later = (((wanted - now + DAY_MIN / 2) % DAY_MIN) + DAY_MIN) % DAY_MIN
  return about + (later - DAY_MIN / 2) * 60_000
}
