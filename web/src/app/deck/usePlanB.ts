import { useQuery } from '@tanstack/react-query'
import { useEffect } from 'react'
import { callBody } from '../../call/model'
import { callOf, catalogue, originOf, planOf, type Playbook } from '../../call/queries'
import { playbookWords } from '../../call/words'
import { clockOf } from '../../clock/model'
import { weighedOf } from '../../deck/queries'
import type { Problem } from '../../shared/api/client'
import { useRefillSearch } from '../plan/useBuild'
import type { TripOfDay } from '../useTrip'

/** A spread that could be called now and is not the one that is fished. */
export interface Callable {
  playbook: Playbook
  words: string
  role: string
}

/** A call stands for so long on deck (ms). */
const CALL_STANDS_MS = 5 * 60_000

/**
 * What leads now, by the plan and what was seen since, and plan B: each can be called anew and is kept as a spread.
 *
 * @param onBuilt told the id of the spread that was built
 */
export function usePlanB(
  { boat, spread, trip, now }: { boat: string; spread: string; trip: TripOfDay; now: number },
  open: boolean,
  onBuilt: (spread: string) => void,
) {
  const plan = useQuery({ ...planOf(boat, trip.date), enabled: open }).data
  const ours = useQuery({ ...originOf(boat, spread), enabled: open }).data?.playbook
  const words = useQuery({ ...catalogue(), enabled: open }).data
  const out = trip.trip?.tripId
  const seen = useQuery({ ...weighedOf(boat, spread, out ?? '', () => now), enabled: open && !!out }).data
    ?.seen
  const topics = new Set(seen?.map(({ topic }) => topic))
  const known = plan && {
    ...plan,
    answers: [...plan.answers.filter(({ topic }) => !topics.has(topic)), ...(seen ?? [])],
  }
  const minute = Math.floor(now / CALL_STANDS_MS)
  const asked = useQuery({
    queryKey: ['call', 'now', boat, trip.date, minute, known?.answers],
    queryFn: () => callOf(boat, callBody(known!, trip.place, now)),
    enabled: open && known !== undefined && known.answers.length > 0,
  })
  const building = useRefillSearch(boat)
  const { built, opened } = building
  useEffect(() => {
    if (!built) return
    opened()
    onBuilt(built)
  }, [built, opened, onBuilt])
  const leads = asked.data?.taken.playbook
  const planB = asked.data?.planB?.playbook
  const offers: Callable[] = [
    ...(leads && leads !== ours ? [{ playbook: leads, role: 'leads now' }] : []),
    ...(planB && planB !== ours && planB !== leads ? [{ playbook: planB, role: 'plan B' }] : []),
  ].map((one) => ({ ...one, words: words ? playbookWords(words, one.playbook) : '' }))
  return {
    offers,
    /** Nothing is known yet by which anything could be called. */
    blank: known?.answers.length === 0,
    share: building.share,
    problem: building.problem ?? (asked.error ? (asked.error as Problem).said.join(' ') : null),
    call: ({ playbook, words: name }: Callable) =>
      known &&
      void building.build(
        callBody(known, trip.place, now, playbook),
        `${name}, ${clockOf(now, trip.place.timeZone)}`,
      ),
  }
}
