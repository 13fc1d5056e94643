/** A fact as the device has it: its own, or as the server keeps it. Times are ISO text. */
export interface Fact {
  factId: string
  kind: string
  happenedAt: string
  payload: Payload
}

/** Members by kind, as in the API document; whatever else a device sent is there too. */
export interface Payload {
  lineId?: string
  strikeId?: string
  targetId?: string
  letOutM?: number
  fished?: string
  sailed?: Sailed
  species?: string
  released?: boolean
  how?: string
  note?: string
  found?: string
  running?: number
  bait?: string
  count?: number
  at?: string
  latitudeDeg?: number
  longitudeDeg?: number
  lengthM?: number
  massKg?: number
  [other: string]: unknown
}

/** How she and a line went at a moment, as the live spread had it; as in the API document. */
export interface Sailed {
  at: string
  bend: 'INSIDE' | 'OUTSIDE' | 'NEITHER'
  turnDegMin: number
  headingDeg: number
  throughMps: number
  groundMps: number
  courseDeg: number
  streamMps: number
  streamTowardsDeg: number
  streamDoubtMps: number
  lureDepthM: number
  lureMps: number
  latitudeDeg: number
  longitudeDeg: number
  bottomM?: number
  waterC?: number
}

export type Outcome = 'OPEN' | 'LANDED' | 'RELEASED' | 'LOST'

export interface StrikeState {
  factId: string
  happenedAt: string
  lineId: string
  outcome: Outcome
  /** When its first fish was landed or it was lost (ms). */
  ended?: number
  how?: string
  species: string[]
  fish: Fish[]
  notes: string[]
  /** Where the lure was, where somebody said so. */
  placed?: Place
  /** What its fish had eaten, as it was told. */
  eaten?: string[]
  /** How its line went, where the live spread had it. */
  sailed?: Sailed
}

export interface Place {
  latitudeDeg: number
  longitudeDeg: number
}

/** One fish of a strike, by the fact that tells of it. */
export interface Fish {
  factId: string
  happenedAt: string
  species: string
  lengthM?: number
  massKg?: number
  released: boolean
}

export type LineNow = 'OUT' | 'FIGHTING' | 'IN' | 'UNKNOWN'

/** A time in which a line was in one state (ms); without an end while it lasts. */
export interface Stretch {
  from: number
  to?: number
  state: LineNow
  letOutM?: number
}

/** Kinds that say of a line that it was out. */
export const OF_LINE: ReadonlySet<string> = new Set([
  'STRUCK',
  'FOLLOWED',
  'SET',
  'CHANGED',
  'CLEARED',
  'RENEWED',
  'CHECKED',
  'TOUCHED',
  'CUED',
])
