/** Days and hours in words, on the clock of a place. */

const FORMATS = {
  date: ['en-CA', { year: 'numeric', month: '2-digit', day: '2-digit' }],
  hour: ['en-GB', { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }],
  dayInWords: ['en-GB', { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' }],
  shortDay: ['en-GB', { day: 'numeric', month: 'long' }],
} as const satisfies Record<string, [string, Intl.DateTimeFormatOptions]>

const made = new Map<string, Intl.DateTimeFormat>()

/** Making a format takes a phone some milliseconds, and every label of every clock asks for one: each is made once. */
function format(what: keyof typeof FORMATS, timeZone: string, time: number): string {
  const key = `${what} ${timeZone}`
  let one = made.get(key)
  if (!one) {
    const [language, parts] = FORMATS[what]
    one = new Intl.DateTimeFormat(language, { ...parts, timeZone })
    made.set(key, one)
  }
  return one.format(time)
}

/** Calendar day at the place, `2026-06-18`, of milliseconds since 1970. */
export const dateAt = (time: number, timeZone: string): string => format('date', timeZone, time)

/** `HH:MM` on the clock of the place, of milliseconds since 1970. */
export const hourOf = (time: number, timeZone: string): string => format('hour', timeZone, time)

const noon = (date: string): number => Date.parse(`${date}T12:00:00Z`)

/** `Thursday 18 June 2026`. */
export const dayInWords = (date: string): string => format('dayInWords', 'UTC', noon(date)).replace(',', '')

/** `18 June`. */
export const shortDay = (date: string): string => format('shortDay', 'UTC', noon(date))
