import type { LiveNow } from '../../deck/live/queries'
import type { Where } from '../../deck/Scope'
import type { Layer } from '../../deck/Sighted'
import type { useStrikeReports } from '../spread/useStrikeReports'
import { placed, type useSightings } from './useSightings'

/**
 * Tells what is seen, where and in which layer of water.
 *
 * @param invented the boat is not there: where she was is no fact, and goes with the page
 */
export const useSeeing =
  (
    reports: ReturnType<typeof useStrikeReports>,
    sightings: ReturnType<typeof useSightings>,
    now: LiveNow | undefined,
    invented: boolean,
  ) =>
  async (what: string, words: string, where: Where | null, { topM, bottomM }: Layer = {}) => {
    const at = where && now ? placed(now, where) : null
    const payload = {
      what,
      ...at?.seen,
      ...(!invented && at?.place),
      ...(topM !== undefined && { topM }),
      ...(bottomM !== undefined && { bottomM }),
    }
    const factId = await reports.tell('SIGHTED', payload, `Seen: ${words}`)
    if (invented && at && factId) sightings.practise(factId, at.place)
  }
