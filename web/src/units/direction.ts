/** Directions as people say them: 40, 40°, ne, north-east. Clockwise from north, in radians. */
const POINTS = [
  'n',
  'nne',
  'ne',
  'ene',
  'e',
  'ese',
  'se',
  'sse',
  's',
  'ssw',
  'sw',
  'wsw',
  'w',
  'wnw',
  'nw',
  'nnw',
]
const WORDS: readonly (readonly [RegExp, string])[] = [
  [/north/g, 'n'],
  [/south/g, 's'],
  [/east/g, 'e'],
  [/west/g, 'w'],
  [/[\s-]/g, ''],
]

export function readDirection(typed: string): number | null {
  const text = typed
    .trim()
    .toLowerCase()
    .replace(',', '.')
    .replace(/\s*(°|deg|degrees)$/, '')
  if (/^\d{1,3}(\.\d+)?$/.test(text)) return Number(text) <= 360 ? (Number(text) * Math.PI) / 180 : null
  const point = POINTS.indexOf(WORDS.reduce((left, [word, short]) => left.replace(word, short), text))
  return point < 0 ? null : (point * Math.PI) / 8
}
