import type { QueryClient } from '@tanstack/react-query'
import { sources } from '../../shared/device'
import { spreadOf, titlesOf, type Draft } from '../../draft/queries'
import { saveSpread } from '../../draft/saves'

const SEVEN_KNOTS = (7 * 1852) / 3600

/** Makes a spread and keeps it at once, so that a strike can point at it. Returns its id. */
export async function newSpread(
  boat: string,
  queries: QueryClient,
  name = 'New spread',
  draft: Draft = { speedThroughWaterMps: SEVEN_KNOTS, lines: [] },
): Promise<string> {
  const spreadId = sources.uuid()
  const kept = await saveSpread(boat, { spreadId, version: 0, name, draft })
  queries.setQueryData(spreadOf(boat, spreadId).queryKey, kept)
  void queries.invalidateQueries({ queryKey: titlesOf(boat).queryKey })
  return spreadId
}

/** Another spread in the place of one that stands: its name and its revisions stay. Returns its id. */
export async function anew(
  boat: string,
  queries: QueryClient,
  spreadId: string,
  draft: Draft,
): Promise<string> {
  const { version, name } = await queries.fetchQuery({ ...spreadOf(boat, spreadId), staleTime: 0 })
  const kept = await saveSpread(boat, { spreadId, version, name, draft })
  queries.setQueryData(spreadOf(boat, spreadId).queryKey, kept)
  void queries.invalidateQueries({ queryKey: titlesOf(boat).queryKey })
  return spreadId
}
