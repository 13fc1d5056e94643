import { later } from '../shared/later'

const plan = () => import('./plan/PlanPage').then((module) => module.PlanPage)
const rig = () => import('./rig/RigPage').then((module) => module.RigPage)
const spread = () => import('./spread/SpreadPage').then((module) => module.SpreadPage)
const boat = () => import('./boat/BoatPage').then((module) => module.BoatPage)
const box = () => import('./boat/BoxPage').then((module) => module.BoxPage)
const deck = () => import('./deck/DeckPage').then((module) => module.DeckPage)
const log = () => import('./log/LogPage').then((module) => module.LogPage)
const season = () => import('./log/SeasonPage').then((module) => module.SeasonPage)
const water = () => import('./water/WaterPage').then((module) => module.WaterPage)
const print = () => import('./rig/PrintPage').then((module) => module.PrintPage)

/** A script for each station: the one asked for comes first. */
export const PlanPage = later(plan)
export const RigPage = later(rig)
export const SpreadPage = later(spread)
export const BoatPage = later(boat)
export const BoxPage = later(box)
export const DeckPage = later(deck)
export const LogPage = later(log)
export const SeasonPage = later(season)
export const WaterPage = later(water)
export const PrintPage = later(print)

/** Fetches the script of the address at once, beside the first data and not after it. */
export function fetchStation(pathname: string): void {
  const [, , , name = 'spread', view] = pathname.split('/')
  const loads: Record<string, () => Promise<unknown>> = {
    plan,
    rig,
    spread,
    deck,
    log,
    boat,
    box,
    print,
    season,
  }
  // What does not come now is asked for again when it is shown.
  void (view === 'water' ? water : loads[name])?.().catch(() => undefined)
}
