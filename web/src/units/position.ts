/**
 * A place on the globe as people write it: `27 36.5 N, 47 18.2 W`, `27.6083, -47.3`, `27°36'30"N 47°18'12"W`,
 * `N27 36.5 W47 18.2`. Latitude first where no letter says which is which.
 */
export interface Position {
  /** North positive. */
  latitudeDeg: number
  /** East positive. */
  longitudeDeg: number
}

const TOKEN = /\d+(?:[.,]\d+)?|[nsew]|[-+]|[^]/g
const SKIPPED = /^[\s,;°'"′″’”]$/

interface Token {
  number?: number
  sign?: 1 | -1
  letter?: string
}

export function readPosition(typed: string): Position | null {
  const tokens = tokensOf(typed.trim().toLowerCase().replace(/−/g, '-'))
  if (!tokens) return null
  const letters = tokens.filter((token) => token.letter)
  const halves = letters.length === 0 ? inTwo(tokens) : byLetters(tokens, letters.length)
  if (!halves) return null
  const [latitudeDeg, longitudeDeg] = halves
  if (!(Math.abs(latitudeDeg) <= 90 && Math.abs(longitudeDeg) <= 180)) return null
  return { latitudeDeg, longitudeDeg }
}

/** Numbers with their signs, and letters; null where something else stands among them. */
function tokensOf(text: string): Token[] | null {
  const tokens: Token[] = []
  let sign: 1 | -1 | undefined
  let before = ''
  for (const part of text.match(TOKEN) ?? []) {
    if (/^\d/.test(part)) {
      tokens.push({ number: Number(part.replace(',', '.')), ...(sign && { sign }) })
      sign = undefined
    } else if (/^[nsew]$/.test(part)) tokens.push({ letter: part })
    // A dash right after a figure parts degrees from minutes; elsewhere it is a sign.
    else if (/^[-+]$/.test(part)) sign = /^[\d°'"]/.test(before) ? undefined : part === '-' ? -1 : 1
    else if (!SKIPPED.test(part)) return null
    before = part
  }
  return tokens
}

/** The same number of figures for each half. */
function inTwo(tokens: readonly Token[]): [number, number] | null {
  const half = tokens.length / 2
  if (!Number.isInteger(half) || half < 1 || half > 3) return null
  const first = degrees(tokens.slice(0, half))
  const second = degrees(tokens.slice(half))
  return first === null || second === null ? null : [first, second]
}

/** Each half has its letter, before or after its figures; in either order. */
function byLetters(tokens: readonly Token[], letters: number): [number, number] | null {
  if (letters !== 2 || tokens.some((token) => token.sign)) return null
  const ordered = tokens[0]?.letter ? tokens : [...tokens].reverse()
  const second = ordered.findIndex((token, at) => at > 0 && token.letter)
  if (!ordered[0]?.letter || second < 0) return null
  const halves = [ordered.slice(0, second), ordered.slice(second)].map(([letter, ...figures]) => {
    const value = degrees(tokens[0]?.letter ? figures : figures.reverse())
    return {
      letter: letter!.letter!,
      value: value === null ? null : /[sw]/.test(letter!.letter!) ? -value : value,
    }
  })
  const north = halves.find((half) => /[ns]/.test(half.letter))
  const east = halves.find((half) => /[ew]/.test(half.letter))
  if (!north || !east || north.value === null || east.value === null) return null
  return [north.value, east.value]
}

/** Degrees, then minutes and seconds below sixty; only the last may have a fraction. */
function degrees(tokens: readonly Token[]): number | null {
  if (tokens.length < 1 || tokens.length > 3) return null
  const figures = tokens.map((token) => token.number ?? NaN)
  if (figures.some(Number.isNaN) || tokens.slice(1).some((token) => token.sign)) return null
  if (figures.slice(0, -1).some((figure) => !Number.isInteger(figure))) return null
  if (figures.slice(1).some((figure) => figure >= 60)) return null
  const size = figures.reduce((sum, figure, at) => sum + figure / 60 ** at, 0)
  return (tokens[0]!.sign ?? 1) * size
}

/** `27°36.50′ N, 47°18.20′ W`, to some twenty metres. */
export const printPosition = ({ latitudeDeg, longitudeDeg }: Position): string =>
  `${half(latitudeDeg, 'N', 'S')}, ${half(longitudeDeg, 'E', 'W')}`

function half(degrees: number, positive: string, negative: string): string {
  const hundredths = Math.round(Math.abs(degrees) * 6000)
  const minutes = (hundredths % 6000) / 100
  return `${Math.floor(hundredths / 6000)}°${minutes.toFixed(2)}′ ${degrees < 0 ? negative : positive}`
}
