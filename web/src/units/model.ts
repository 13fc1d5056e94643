/**
 * Quantities as people type and read them; SI inside. Held to the same vectors as `core/units`
 * (`core/src/test/resources/units/vectors.json`).
 */

export type Quantity = 'length' | 'speed' | 'mass' | 'force' | 'temperature' | 'volume'

export interface Unit {
  readonly id: string
  readonly symbol: string
  /** Lower case. */
  readonly spellings: readonly string[]
  /** si = (value + offset) · factor */
  readonly factor: number
  readonly offset?: number
}

const POUND_KG = 0.45359237
const G = 9.80665

const unit = (id: string, symbol: string, factor: number, spellings: string[], offset = 0): Unit => ({
  id,
  symbol,
  factor,
  spellings,
  offset,
})

export const UNITS: Record<Quantity, readonly Unit[]> = {
  length: [
    unit('METRE', 'm', 1, ['m', 'metre', 'metres', 'meter', 'meters']),
    unit('CENTIMETRE', 'cm', 0.01, ['cm']),
    unit('MILLIMETRE', 'mm', 0.001, ['mm']),
    unit('YARD', 'yd', 0.9144, ['yd', 'yds', 'yard', 'yards']),
    unit('FOOT', 'ft', 0.3048, ['ft', "'", 'foot', 'feet']),
    unit('INCH', 'in', 0.0254, ['in', '"', 'inch', 'inches']),
    unit('FATHOM', 'fm', 1.8288, ['fm', 'fathom', 'fathoms']),
  ],
  speed: [
    unit('METRE_PER_SECOND', 'm/s', 1, ['m/s', 'mps']),
    unit('KNOT', 'kn', 1852 / 3600, ['kn', 'kt', 'kts', 'knot', 'knots']),
    unit('MILE_PER_HOUR', 'mph', 1609.344 / 3600, ['mph']),
    unit('KILOMETRE_PER_HOUR', 'km/h', 1 / 3.6, ['km/h', 'kmh', 'kph']),
  ],
  mass: [
    unit('KILOGRAM', 'kg', 1, ['kg', 'kilo', 'kilos']),
    unit('GRAM', 'g', 0.001, ['g', 'gram', 'grams']),
    unit('POUND', 'lb', POUND_KG, ['lb', 'lbs', 'pound', 'pounds']),
    unit('OUNCE', 'oz', POUND_KG / 16, ['oz', 'ounce', 'ounces']),
  ],
  force: [
    unit('NEWTON', 'N', 1, ['n', 'newton', 'newtons']),
    unit('KILOGRAM_FORCE', 'kg', G, ['kg', 'kgf', 'kilo', 'kilos']),
    unit('GRAM_FORCE', 'g', G / 1000, ['g', 'gf', 'gram', 'grams']),
    unit('POUND_FORCE', 'lb', G * POUND_KG, ['lb', 'lbf', 'lbs', 'pound', 'pounds']),
    unit('OUNCE_FORCE', 'oz', (G * POUND_KG) / 16, ['oz', 'ozf', 'ounce', 'ounces']),
  ],
  // Of litres: nobody says fuel in cubic metres.
  volume: [
    unit('LITRE', 'L', 1, ['l', 'litre', 'litres', 'liter', 'liters']),
    unit('US_GALLON', 'gal', 3.785411784, ['gal', 'gals', 'gallon', 'gallons']),
    unit('IMPERIAL_GALLON', 'imp gal', 4.54609, ['impgal']),
  ],
  temperature: [unit('CELSIUS', '°C', 1, ['°c', 'c']), unit('FAHRENHEIT', '°F', 5 / 9, ['°f', 'f'], -32)],
}

export const unitOf = (quantity: Quantity, id: string): Unit => {
  const found = UNITS[quantity].find((u) => u.id === id)
  if (!found) throw new Error(`no unit ${id} of ${quantity}`)
  return found
}

export const toSi = (value: number, u: Unit): number => (value + (u.offset ?? 0)) * u.factor
export const fromSi = (si: number, u: Unit): number => si / u.factor - (u.offset ?? 0)

/** Digits after the point that a crew can use for a value of this size. */
export function decimals(quantity: Quantity, value: number): number {
  if (quantity === 'temperature') return 1
  if ((quantity === 'mass' || quantity === 'force') && Math.abs(value) < 0.995) return 2
  return Math.abs(value) < 19.95 ? 1 : 0
}

/** The number alone, e.g. `84` or `1.3`. */
export function printNumber(quantity: Quantity, si: number, u: Unit): string {
  const value = fromSi(si, u)
  const digits = decimals(quantity, value)
  const text = roundHalfUp(Math.abs(value), digits)
  return value < 0 && Number(text) !== 0 ? `−${text}` : text
}

/** Number, space, symbol. */
export const print = (quantity: Quantity, si: number, u: Unit): string =>
  `${printNumber(quantity, si, u)} ${u.symbol}`

/** As Java's HALF_UP on the shortest decimal of the number, so that both sides print alike. */
function roundHalfUp(value: number, digits: number): string {
  return Number(`${Math.round(Number(`${value}e${digits}`))}e-${digits}`).toFixed(digits)
}

const PART = /^((?:\d+ )?\d+\/\d+|\d+(?:[.,]\d+)?|[.,]\d+)\s*([^\d\s.,+-]*)\s*/
/** No group of thousands begins with a lone nought. */
const THOUSANDS = /(?:[1-9]|\d\d),\d{3}(?!\d)/
const LONGEST = 40

/** Parts are said within one system: feet and inches, pounds and ounces, metres and centimetres. */
const SYSTEMS: readonly (readonly string[])[] = [
  ['METRE', 'CENTIMETRE', 'MILLIMETRE'],
  ['FATHOM', 'YARD', 'FOOT', 'INCH'],
  ['KILOGRAM', 'GRAM'],
  ['POUND', 'OUNCE'],
  ['KILOGRAM_FORCE', 'GRAM_FORCE'],
  ['POUND_FORCE', 'OUNCE_FORCE'],
]

const FRACTIONS: Readonly<Record<string, string>> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
}

/**
 * SI value of what was typed, or null when it cannot be read. A bare number, or one with nothing but a degree sign,
 * takes the unit in use; a sign before parts is the sign of all.
 */
export function parse(quantity: Quantity, typed: string, inUse: Unit): number | null {
  const text = normalised(typed)
  if (text === '' || text.length > LONGEST || THOUSANDS.test(text)) return null
  const sign = text.startsWith('-') ? -1 : 1
  return parts(quantity, /^[+-]/.test(text) ? text.slice(1).trim() : text, sign, inUse)
}

function parts(quantity: Quantity, whole: string, sign: 1 | -1, inUse: Unit): number | null {
  let text = whole
  let sum: number | null = null
  let previous: Unit | null = null
  while (text !== '') {
    const part: RegExpExecArray | null = PART.exec(text)
    if (!part) return null
    const u = partUnit(quantity, part[2] ?? '', previous, inUse)
    const value = partNumber(part[1] ?? '')
    const rest = text.slice(part[0].length)
    const bareAndMore = (part[2] ?? '') === '' && !previous && rest !== ''
    if (!u || bareAndMore || !Number.isFinite(value) || (previous && !follows(previous, u))) return null
    sum = (sum ?? 0) + toSi(sign * value, u)
    previous = u
    text = rest
  }
  return sum
}

const normalised = (typed: string) =>
  typed
    .replace(/[½¼¾⅓⅔⅛⅜⅝⅞]/g, (sign) => ` ${FRACTIONS[sign] ?? ''}`)
    .trim()
    .toLowerCase()
    .replace(/[′’]/g, "'")
    .replace(/[″”]/g, '"')
    .replace(/''/g, '"')
    .replace(/−/g, '-')
    .replace(/\s+/g, ' ')

const follows = (previous: Unit, u: Unit) =>
  u.factor < previous.factor &&
  SYSTEMS.some((system) => system.includes(previous.id) && system.includes(u.id))

function partUnit(quantity: Quantity, spelling: string, previous: Unit | null, inUse: Unit): Unit | null {
  if (spelling === '') {
    if (!previous) return inUse
    if (previous.id === 'FOOT') return unitOf('length', 'INCH')
    return previous.id === 'POUND' ? unitOf('mass', 'OUNCE') : null
  }
  if (spelling === '°' && quantity === 'temperature') return inUse
  return UNITS[quantity].find((u) => u.spellings.includes(spelling)) ?? null
}

function partNumber(text: string): number {
  const fraction = /^(?:(\d+) )?(\d+)\/(\d+)$/.exec(text)
  if (!fraction) return Number(text.replace(',', '.'))
  return Number(fraction[1] ?? 0) + Number(fraction[2]) / Number(fraction[3])
}
