import { sources } from '../../shared/device'
import { saveBoat, type Boat, type Holder } from '../../draft/queries'

export interface Begun {
  name: string
  lengthM: number
  beamM: number
  engines: number
  home: Home
}

/** Where she is at home, and the clock there. */
export type Home = Pick<Boat, 'place' | 'latitudeDeg' | 'longitudeDeg' | 'timeZone'>

/** Invented coasts to practise on, with tides of their own. */
export const COASTS: readonly Home[] = [
  { place: 'Tarrow Banks', latitudeDeg: 27.6, longitudeDeg: -47.3, timeZone: 'Etc/GMT+3' },
  { place: 'Skarn Sound', latitudeDeg: 43.4, longitudeDeg: -38.9, timeZone: 'Etc/GMT+3' },
]

/** From about here on boats carry poles (m, a guess to be dragged). */
const POLES_FROM_M = 8

/** Rods and poles as boats of such a size usually have them, to be dragged into place. */
export function guessedHolders(lengthM: number, beamM: number): Holder[] {
  const half = beamM / 2
  const railM = Math.max(0.6, 0.12 * lengthM)
  const both = (name: string, kind: Holder['kind'], tip: Holder['tip'], base: Holder['base']): Holder[] =>
    [1, -1].map((side) => ({
      holderId: sources.uuid(),
      name: `${side > 0 ? 'Starboard' : 'Port'} ${name}`,
      kind,
      base: { ...base, starboardM: side * base.starboardM },
      tip: { ...tip, starboardM: side * tip.starboardM },
    }))
  const gunwale = both(
    'gunwale',
    'FLAT',
    { asternM: -0.2 * lengthM + 0.8, starboardM: half + 1.8, heightM: railM + 0.5 },
    { asternM: -0.3 * lengthM, starboardM: 0.92 * half, heightM: railM },
  )
  const corner = both(
    'corner',
    'FLAT',
    { asternM: 1.1, starboardM: 0.8 * half + 0.6, heightM: railM + 0.6 },
    { asternM: -0.1, starboardM: 0.8 * half, heightM: railM },
  )
  const poles = both(
    'rigger',
    'RIGGER',
    { asternM: 0.4, starboardM: half + 4.5, heightM: railM + 4 },
    { asternM: -0.45 * lengthM, starboardM: 0.9 * half, heightM: railM + 1.4 },
  )
  const centre: Holder = {
    holderId: sources.uuid(),
    name: 'Centre stern',
    kind: 'CENTRE',
    base: { asternM: -0.1, starboardM: 0, heightM: railM },
    tip: { asternM: 1.2, starboardM: 0, heightM: railM + 0.6 },
  }
  return [...(lengthM >= POLES_FROM_M ? poles : []), ...gunwale, ...corner, centre].map(rounded)
}

const rounded = (holder: Holder): Holder => {
  const tenth = (value: number) => Math.round(10 * value) / 10
  const point = ({ asternM, starboardM, heightM }: Holder['tip']) => ({
    asternM: tenth(asternM),
    starboardM: tenth(starboardM),
    heightM: tenth(heightM),
  })
  return { ...holder, base: point(holder.base), tip: point(holder.tip) }
}

/** Makes a boat; returns her id. Lists of boats are asked again by whoever shows her. */
export async function newBoat({ home, ...begun }: Begun): Promise<string> {
  const boatId = sources.uuid()
  await saveBoat({
    boatId,
    version: 0,
    ...begun,
    ...home,
    holders: guessedHolders(begun.lengthM, begun.beamM),
  })
  return boatId
}
