import type { LiveNow } from '../../deck/live/queries'
import type { Where } from '../../deck/Scope'
import type { Layer } from '../../deck/Sighted'
import { sources } from '../../shared/device'
import type { useStrikeReports } from '../spread/useStrikeReports'
import { placed, type useSightings } from './useSightings'

/**
 * Tells what is seen, where and in which layer of water.
 *
 * @param invented the boat is not there: where she was is no fact, and goes with the page
 */
export const seeingOf =
  (
    reports: ReturnType<typeof useStrikeReports>,
    sightings: ReturnType<typeof useSightings>,
    live: { now?: LiveNow | undefined; heardAt: number } | undefined,
    invented: boolean,
  ) =>
  async (what: string, words: string, where: Where | null, { topM, bottomM }: Layer = {}) => {
    const at =
      where && live?.now ? placed(live.now, where, Math.max(0, sources.wall() - live.heardAt) / 1000) : null
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
