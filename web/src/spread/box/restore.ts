import {
  putAway,
  removeGear,
  saveLineGear,
  saveLure,
  saveReel,
  takeOut,
  type Gear,
  type LineGear,
  type Lure,
  type Reel,
} from '../../draft/queries'
import { Problem } from '../../shared/api/client'

/** A box with what of it is put away. */
export interface Box {
  gear: Gear
  away: ReadonlySet<string>
}

type Item = { what: 'line'; body: LineGear } | { what: 'lure'; body: Lure } | { what: 'reel'; body: Reel }

/** Lines come before the reels that carry them. */
const items = ({ lines, lures, reels }: Gear): Item[] => [
  ...lines.map((body): Item => ({ what: 'line', body })),
  ...lures.map((body): Item => ({ what: 'lure', body })),
  ...reels.map((body): Item => ({ what: 'reel', body })),
]

export const saveItem = (boat: string, item: Item): Promise<unknown> =>
  item.what === 'lure'
    ? saveLure(boat, item.body)
    : item.what === 'line'
      ? saveLineGear(boat, item.body)
      : saveReel(boat, item.body)

const byId = (gear: Gear) => new Map(items(gear).map((item) => [item.body.gearId, item]))

const same = (a: Item, b: Item) =>
  JSON.stringify({ ...a.body, version: 0 }) === JSON.stringify({ ...b.body, version: 0 })

/**
 * Undoes what was done between `before` and `after` on the box as it is `now`: what came is removed, or put away where
 * something needs it by now; what went is made again; what changed has its former words.
 */
export async function restore(boat: string, before: Box, after: Box, now: Box): Promise<void> {
  const was = byId(before.gear)
  const here = byId(now.gear)
  for (const [id, item] of byId(after.gear)) {
    const former = was.get(id)
    const present = here.get(id)
    if (former && present && !same(former, item))
      await saveItem(boat, withVersion(former, present.body.version))
  }
  for (const [id, item] of was) if (!here.has(id)) await saveItem(boat, withVersion(item, 0))
  for (const { body } of items(after.gear).reverse()) {
    if (was.has(body.gearId) || !here.has(body.gearId)) continue
    await putAway(boat, body.gearId)
    await removeGear(boat, body.gearId).catch(unlessNeeded)
  }
  for (const id of after.away) if (!before.away.has(id) && was.has(id)) await takeOut(boat, id)
  for (const id of before.away) if (!after.away.has(id)) await putAway(boat, id)
}

const withVersion = (item: Item, version: number): Item =>
  ({ ...item, body: { ...item.body, version } }) as Item

function unlessNeeded(error: unknown) {
  if (!(error instanceof Problem && error.status === 409)) throw error
}
