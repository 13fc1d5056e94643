/** A boat as it is drawn and changed. Metres from the middle of the transom: astern, to starboard, up. */
import type { Boat, Holder } from '../../draft/queries'

export type Point = Holder['base']
export type End = 'base' | 'tip'

export const KINDS: readonly (readonly [Holder['kind'], string])[] = [
  ['FLAT', 'rod low over the side'],
  ['RIGGER', 'rigger clip'],
  ['CENTRE', 'high in the middle'],
  ['DOWNRIGGER', 'downrigger arm'],
]

export const kindWords = (kind: Holder['kind']): string => KINDS.find(([one]) => one === kind)?.[1] ?? kind

const tenth = (metres: number) => Math.round(metres * 10) / 10

export const withHolder = (boat: Boat, holderId: string, change: (holder: Holder) => Holder): Boat => ({
  ...boat,
  holders: boat.holders.map((holder) => (holder.holderId === holderId ? change(holder) : holder)),
})

/** One end of a holder to a place on the plan; its height stays. */
export const moved = (boat: Boat, holderId: string, end: End, asternM: number, starboardM: number): Boat =>
  withHolder(boat, holderId, (holder) => ({
    ...holder,
    [end]: { ...holder[end], asternM: tenth(asternM), starboardM: tenth(starboardM) },
  }))

/** One end to a height over the water. */
export const raised = (boat: Boat, holderId: string, end: End, asternM: number, heightM: number): Boat =>
  withHolder(boat, holderId, (holder) => ({
    ...holder,
    [end]: { ...holder[end], asternM: tenth(asternM), heightM: Math.min(12, Math.max(0, tenth(heightM))) },
  }))

/** A new holder at the starboard gunwale amidships, or the mirror image of one. */
export function added(boat: Boat, holderId: string, like?: Holder): Boat {
  const half = boat.beamM / 2
  const made: Holder = like
    ? {
        ...like,
        holderId,
        name: mirrorName(like.name),
        base: mirrored(like.base),
        tip: mirrored(like.tip),
      }
    : {
        holderId,
        name: 'New holder',
        kind: 'FLAT',
        base: { asternM: tenth(-0.2 * boat.lengthM), starboardM: tenth(half * 0.9), heightM: 1 },
        tip: { asternM: tenth(-0.1 * boat.lengthM), starboardM: tenth(half + 1.2), heightM: 1.6 },
      }
  return { ...boat, holders: [...boat.holders, made] }
}

const mirrored = (point: Point): Point => ({
  ...point,
  starboardM: point.starboardM === 0 ? 0 : -point.starboardM,
})

const mirrorName = (name: string): string => {
  if (/starboard/i.test(name))
    return name.replace(/starboard/i, (word) => (word[0] === 'S' ? 'Port' : 'port'))
  if (/port/i.test(name))
    return name.replace(/port/i, (word) => (word[0] === 'P' ? 'Starboard' : 'starboard'))
  return `${name}, other side`.slice(0, 60)
}

export const removed = (boat: Boat, holderId: string): Boat => ({
  ...boat,
  holders: boat.holders.filter((holder) => holder.holderId !== holderId),
})

/** An optional figure set, or taken out. */
export function withFigure(
  boat: Boat,
  field: 'idleMps' | 'drogueAreaM2' | 'drogueSpeedMps' | 'propSpreadM' | 'topMps',
  value: number | undefined,
): Boat {
  const { [field]: _had, ...rest } = boat
  return value === undefined ? rest : { ...rest, [field]: value }
}

/** Without the second of two tries: an area without a speed says nothing. */
export const withoutDrogue = (boat: Boat): Boat =>
  withFigure(withFigure(boat, 'drogueAreaM2', undefined), 'drogueSpeedMps', undefined)

const KNOT_MPS = 1852 / 3600

/** What a boat of her length usually makes, as core reckons where nothing is told (m/s). */
export const usualTop = (boat: Boat): number =>
  KNOT_MPS * Math.sqrt(boat.lengthM) * (boat.engines === 0 ? 2.43 : Math.min(9, 30 / Math.sqrt(boat.lengthM)))

const USUAL_SPACING_M = 0.75

/** Between the outermost propellers (m); the usual spacing where nothing is set, as core draws the wash. */
export const propSpread = (boat: Boat): number =>
  boat.engines < 2 ? 0 : (boat.propSpreadM ?? USUAL_SPACING_M * (boat.engines - 1))

/** Offsets of the engines from the middle, port first (m). */
export const engineOffsets = (boat: Boat): number[] => {
  const spread = propSpread(boat)
  return Array.from({ length: boat.engines }, (_, i) =>
    boat.engines < 2 ? 0 : -spread / 2 + (spread * i) / (boat.engines - 1),
  )
}

/** An outer engine so far from the middle; the others follow. */
export const spreadEngines = (boat: Boat, fromMiddleM: number): Boat =>
  withFigure(boat, 'propSpreadM', Math.min(10, boat.beamM, Math.max(0.4, tenth(2 * Math.abs(fromMiddleM)))))
