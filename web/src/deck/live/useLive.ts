import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useEffect, useMemo, useRef } from 'react'
import type { Draft } from '../../draft/queries'
import { sources } from '../../shared/device'
import type { Fix } from '../../strikes/fixes'
import { liveOf, type Live, type LiveAsked } from './queries'

/** Asked each second (ms). */
const EVERY_MS = 1000
/** An answer so old says nothing of now (ms). */
const OLD_MS = 8000
/** Of a device that is the only source, so much of its way is held: longer than the longest line lags (ms). */
const HELD_MS = 300_000

/** When it was answered, by the clock of this device (ms). */
interface Heard {
  heardAt: number
}

/**
 * The spread on the water, followed second by second.
 *
 * @param draft null asks nothing
 * @param out   lines that are out
 * @param back  where to come back over
 * @param meet  what moves and is to be met
 * @param boatsSeen that send nothing, where they were seen
 * @param courseDay of the course she goes by; null for none
 * @param fix   the last of this device, where it is a source
 */
export function useLive(
  boat: string,
  spreadId: string,
  draft: Draft | null,
  out: readonly string[],
  back: LiveAsked['back'] | null,
  meet: LiveAsked['meet'] | null,
  boatsSeen: NonNullable<LiveAsked['boatsSeen']>,
  fix: Fix | null,
  courseDay: string | null,
): (Live & Heard) | undefined {
  const held = useRef<Fix[]>([])
  const heard = useRef('')
  const led = useRef('')
  useEffect(() => {
    if (!fix) return
    const from = Date.parse(fix.at) - HELD_MS
    held.current = [...held.current.filter(({ at }) => Date.parse(at) > from), fix]
  }, [fix])
  const asked = useQuery({
    queryKey: ['live', boat, spreadId, draft, out, back, meet, boatsSeen, courseDay],
    queryFn: async () => {
      // Another spread is told the whole way; what was told of it out of order would be passed over.
      const spread = JSON.stringify([draft, out])
      if (led.current !== spread) heard.current = ''
      led.current = spread
      const fixes = held.current.filter(({ at }) => at > heard.current)
      const live = await liveOf(boat, {
        draft: draft!,
        spreadId,
        outLineIds: [...out],
        fixes,
        ...(boatsSeen.length > 0 && { boatsSeen }),
        ...(back && { back }),
        ...(meet && { meet }),
        ...(courseDay && { courseDay }),
      })
      // One that the server has begun anew is told the whole way again.
      heard.current = live.now ? live.now.at : ''
      return live
    },
    enabled: draft !== null,
    placeholderData: keepPreviousData,
    refetchInterval: EVERY_MS,
    gcTime: EVERY_MS,
    retry: false,
  })
  // Without a link nothing is known of now: what was so is not drawn as if it were.
  const late = sources.wall() - asked.dataUpdatedAt > OLD_MS
  const { data, dataUpdatedAt } = asked
  const live = useMemo(() => data && { ...data, heardAt: dataUpdatedAt }, [data, dataUpdatedAt])
  return draft && !late ? live : undefined
}
