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
  return kept(boat, queries, { spreadId, version: 0, name, draft })
}

/** Another spread in the place of one that stands: its name and its revisions stay. Returns its id. */
export async function anew(
  boat: string,
  queries: QueryClient,
  spreadId: string,
  draft: Draft,
): Promise<string> {
  const { version, name } = await queries.fetchQuery({ ...spreadOf(boat, spreadId), staleTime: 0 })
  return kept(boat, queries, { spreadId, version, name, draft })
}

async function kept(
  boat: string,
  queries: QueryClient,
  body: Parameters<typeof saveSpread>[1],
): Promise<string> {
  const saved = await saveSpread(boat, body)
  queries.setQueryData(spreadOf(boat, saved.spreadId).queryKey, saved)
  void queries.invalidateQueries({ queryKey: titlesOf(boat).queryKey })
  return saved.spreadId
}
