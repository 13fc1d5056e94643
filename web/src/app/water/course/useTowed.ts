import { useQuery } from '@tanstack/react-query'
import { calledFor } from '../../../call/queries'
import { spreadOf, titlesOf, type Draft, type Title } from '../../../draft/queries'
import { useAddress } from '../../../shared/useAddress'

const ALONE = 'none'

export interface Towed {
  titles: readonly Title[]
  /** Null: the boat alone. */
  spreadId: string | null
  draft: Draft | null
  /** Nothing is known yet of what she tows. */
  waiting: boolean
  choose(spreadId: string | null): void
}

/** What she tows on a course: the spread that was called for the day, else the one that was kept last, unless another is chosen. */
export function useTowed(boat: string, date: string): Towed {
  const [params, put] = useAddress()
  const titles = useQuery(titlesOf(boat)).data
  const called = useQuery({ queryKey: ['called', boat, date], queryFn: () => calledFor(boat, date) })
  const usable = (titles ?? []).filter(({ putAway, lines }) => !putAway && lines > 0)
  const latest = [...usable].sort((a, b) => Date.parse(b.savedAt) - Date.parse(a.savedAt))[0]
  const asked = params.get('towed')
  const known = (id: string | null | undefined) => usable.find(({ spreadId }) => spreadId === id)
  const chosen = asked === ALONE ? undefined : (known(asked) ?? known(called.data?.spreadId) ?? latest)
  const spread = useQuery({ ...spreadOf(boat, chosen?.spreadId ?? ''), enabled: chosen !== undefined })
  return {
    titles: usable,
    spreadId: chosen?.spreadId ?? null,
    draft: (chosen && spread.data?.draft) ?? null,
    waiting: !titles || called.isPending || (chosen !== undefined && spread.isPending),
    choose: (spreadId) => put({ towed: spreadId ?? ALONE }),
  }
}
