import type { QueryClient } from '@tanstack/react-query'
import { sources } from '../../shared/device'
import { boats, saveBoat, type Boat, type Holder } from '../../draft/queries'

/** A small open boat with five rods, to be dragged into the shape of the skipper's own. Returns her id. */
export async function newBoat(queries: QueryClient): Promise<string> {
  const boatId = sources.uuid()
  const both = (name: string, tip: Holder['tip'], base: Holder['base']): Holder[] =>
    [1, -1].map((side) => ({
      holderId: sources.uuid(),
      name: `${side > 0 ? 'Starboard' : 'Port'} ${name}`,
      kind: 'FLAT',
      base: { ...base, starboardM: side * base.starboardM },
      tip: { ...tip, starboardM: side * tip.starboardM },
    }))
  const boat: Boat = {
    boatId,
    version: 0,
    name: 'My boat',
    lengthM: 6.5,
    beamM: 2.4,
    engines: 1,
    place: 'Home waters',
    latitudeDeg: 0,
    longitudeDeg: 0,
    timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    holders: [
      ...both(
        'gunwale',
        { asternM: -1.2, starboardM: 3, heightM: 1.4 },
        { asternM: -2, starboardM: 1.1, heightM: 0.9 },
      ),
      ...both(
        'corner',
        { asternM: 1.1, starboardM: 1.6, heightM: 1.5 },
        { asternM: -0.1, starboardM: 1, heightM: 0.9 },
      ),
      {
        holderId: sources.uuid(),
        name: 'Centre stern',
        kind: 'CENTRE',
        base: { asternM: -0.1, starboardM: 0, heightM: 0.9 },
        tip: { asternM: 1.2, starboardM: 0, heightM: 1.5 },
      },
    ],
  }
  await saveBoat(boat)
  await queries.invalidateQueries({ queryKey: boats().queryKey })
  return boatId
}
