import type { Gear, PutAway } from './queries'

/** The gear one can tie: without what is put away, but for what is tied in `inUse`. */
export function offered(gear: Gear, away: readonly PutAway[], inUse: unknown): Gear {
  if (away.length === 0) return gear
  const used = JSON.stringify(inUse)
  const gone = new Set(away.map(({ thing }) => thing).filter((thing) => !used.includes(thing)))
  const here = <T extends { gearId: string }>(items: readonly T[]): T[] =>
    items.filter((item) => !gone.has(item.gearId))
  return { lures: here(gear.lures), lines: here(gear.lines), reels: here(gear.reels) }
}
