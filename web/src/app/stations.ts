import { later } from '../shared/later'

/** A script for each station: the one asked for comes first. */
export const PlanPage = later(() => import('./plan/PlanPage').then((module) => module.PlanPage))
export const RigPage = later(() => import('./rig/RigPage').then((module) => module.RigPage))
export const SpreadPage = later(() => import('./spread/SpreadPage').then((module) => module.SpreadPage))
export const BoatPage = later(() => import('./boat/BoatPage').then((module) => module.BoatPage))
export const BoxPage = later(() => import('./boat/BoxPage').then((module) => module.BoxPage))
export const DeckPage = later(() => import('./deck/DeckPage').then((module) => module.DeckPage))
export const LogPage = later(() => import('./log/LogPage').then((module) => module.LogPage))
export const SeasonPage = later(() => import('./log/SeasonPage').then((module) => module.SeasonPage))
export const WaterPage = later(() => import('./water/WaterPage').then((module) => module.WaterPage))
export const PrintPage = later(() => import('./rig/PrintPage').then((module) => module.PrintPage))

const NAMED: Record<string, { fetch(): Promise<unknown> }> = {
  plan: PlanPage,
  rig: RigPage,
  spread: SpreadPage,
  deck: DeckPage,
  log: LogPage,
  boat: BoatPage,
  box: BoxPage,
  print: PrintPage,
  season: SeasonPage,
}

/** Fetches the script of the address at once, beside the first data and not after it; it then shows without waiting. */
export async function fetchStation(pathname: string): Promise<void> {
  const [, , , name = 'spread', view] = pathname.split('/')
  const station = view === 'water' ? WaterPage : NAMED[name]
  // What does not come now is asked for again when it is shown.
  await station?.fetch().catch(() => undefined)
}
