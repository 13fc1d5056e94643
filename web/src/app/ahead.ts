import type { QueryClient } from '@tanstack/react-query'
import { solveAhead } from '../draft/ahead'
import {
  boatOf,
  boats,
  gearOf,
  putAwayOf,
  spreadOf,
  titlesOf,
  type BoatTitle,
  type Title,
} from '../draft/queries'

/** The boat that opens where none is named. */
export const firstOf = (all: readonly BoatTitle[] | undefined) =>
  all?.find((boat) => !boat.putAway) ?? all?.[0]

/** The spread that opens where none is named: the one saved last. */
export const latestOf = (titles: readonly Title[] | undefined) => titles?.find((title) => !title.putAway)

const ON_A_SPREAD = ['spread', 'rig', 'deck']

/** Asks for what the address stands on before anything of it is drawn; the pages find it there, or on its way. */
export function askAhead(pathname: string, queries: QueryClient): void {
  const [, , boatId, station = 'spread', spreadId] = pathname.split('/')
  if (!ON_A_SPREAD.includes(station)) return
  // The page asks again for what does not come, and says what is wrong.
  void ahead(queries, station, boatId, spreadId).catch(() => undefined)
}

async function ahead(
  queries: QueryClient,
  station: string,
  named?: string,
  spreadId?: string,
): Promise<void> {
  const boatId = named || firstOf(await queries.fetchQuery(boats()))?.boatId
  if (!boatId) return
  void queries.prefetchQuery(boatOf(boatId))
  void queries.prefetchQuery(gearOf(boatId))
  void queries.prefetchQuery(putAwayOf(boatId))
  void queries.prefetchQuery(titlesOf(boatId))
  await spreadAhead(queries, station, boatId, spreadId)
}

/** The spread of the address, or the latest, and how it is solved. */
export async function spreadAhead(
  queries: QueryClient,
  station: string,
  boatId: string,
  named?: string,
): Promise<void> {
  const spreadId = named || latestOf(await queries.fetchQuery(titlesOf(boatId)))?.spreadId
  if (!spreadId) return
  const kept = await queries.fetchQuery(spreadOf(boatId, spreadId))
  if (station === 'spread') solveAhead(boatId, kept.draft)
}
