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

/** These draw it as it is solved. */
const SOLVED = ['spread', 'deck']

/**
 * Asks for all that the address stands on before anything of it is drawn; the pages find it there, or on its way. The
 * server named most of it in the head of the page, so that it is here before this runs.
 *
 * @returns where an address that names nothing leads to; null where it stays as it is, or leads nowhere yet
 */
export async function askAhead(pathname: string, queries: QueryClient): Promise<string | null> {
  const [, , named, station = 'spread', spreadId] = pathname.split('/')
  if (!ON_A_SPREAD.includes(station)) return null
  const all = queries.fetchQuery(boats())
  const boatId = named || firstOf(await all)?.boatId
  if (!boatId) return null
  const [spread] = await Promise.all([
    spreadAhead(queries, station, boatId, spreadId),
    all,
    queries.fetchQuery(boatOf(boatId)),
    queries.fetchQuery(gearOf(boatId)),
    queries.fetchQuery(putAwayOf(boatId)),
    queries.fetchQuery(titlesOf(boatId)),
  ])
  return pathname === '/' && spread ? `/boats/${boatId}/${station}/${spread}` : null
}

/** The spread of the address, or the latest, and how it is solved. */
export async function spreadAhead(
  queries: QueryClient,
  station: string,
  boatId: string,
  named?: string,
): Promise<string | null> {
  const spreadId = named || latestOf(await queries.fetchQuery(titlesOf(boatId)))?.spreadId
  if (!spreadId) return null
  const kept = await queries.fetchQuery(spreadOf(boatId, spreadId))
  if (SOLVED.includes(station)) await solveAhead(boatId, kept)
  return spreadId
}
