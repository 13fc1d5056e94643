/** Conditions of a slice, as the server reads them and as the address keeps them. */

export type Where =
  { facet: string; choices: readonly string[] } | { facet: string; from: number; to: number }

export function readWhere(text: string): Where {
  const colon = text.indexOf(':')
  const facet = text.slice(0, colon)
  const said = text.slice(colon + 1)
  const band = /^(-?[\d.]+(?:e-?\d+)?)\.\.(-?[\d.]+(?:e-?\d+)?)$/i.exec(said)
  return band ? { facet, from: Number(band[1]), to: Number(band[2]) } : { facet, choices: said.split('|') }
}

export const whereText = (where: Where): string =>
  'choices' in where
    ? `${where.facet}:${where.choices.join('|')}`
    : `${where.facet}:${where.from}..${where.to}`

/** In one parameter of the address: names may hold anything. */
export const packed = (where: readonly string[]): string | null =>
  where.length === 0 ? null : where.map(encodeURIComponent).join(',')

export function unpacked(text: string | null): string[] {
  try {
    return text ? text.split(',').map(decodeURIComponent) : []
  } catch {
    return []
  }
}

/** The condition of that facet is this one from now on; null takes it out. */
export function withWhere(all: readonly string[], facet: string, where: Where | null): string[] {
  const others = all.filter((text) => readWhere(text).facet !== facet)
  return where ? [...others, whereText(where)] : others
}

/** One choice more or less of a facet. */
export function toggled(all: readonly string[], facet: string, choice: string): string[] {
  const now = all.map(readWhere).find((where) => where.facet === facet)
  const before = now && 'choices' in now ? now.choices : []
  const choices = before.includes(choice) ? before.filter((one) => one !== choice) : [...before, choice]
  return withWhere(all, facet, choices.length > 0 ? { facet, choices } : null)
}

/** What odds of an arm are called: nobody is told a number that says nothing. */
export function oddsWords(odds: number): string {
  if (odds >= 0.75) return `odds ${Math.min(0.99, odds).toFixed(2)}`
  if (odds <= 0.25) return `less, odds ${Math.min(0.99, 1 - odds).toFixed(2)}`
  return 'not enough yet'
}

/** A round end of an axis that holds the value. */
export function roundEnd(value: number): number {
  if (!(value > 0)) return 1
  const power = 10 ** Math.floor(Math.log10(value))
  const step = [1, 1.5, 2, 3, 4, 5, 6, 8, 10].find((one) => one * power >= value) ?? 10
  return step * power
}

/** The first of a week of sevens of days. */
export const weekBegins = (year: number, week: number): Date =>
  new Date(Date.UTC(year, 0, 1 + 7 * (week - 1)))

export const shortHours = (minutes: number): string =>
  minutes < 600 ? `${Math.round(minutes)} min` : `${Math.round(minutes / 60).toLocaleString('en')} h`

/** What tells two holders of a side apart stands last. */
const TAIL = 10

/** At most so many letters of a name, from both its ends. */
export const shortened = (name: string, most: number): string =>
  name.length <= most ? name : `${name.slice(0, most - TAIL - 1)}…${name.slice(-TAIL)}`
