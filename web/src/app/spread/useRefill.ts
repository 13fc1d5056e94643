import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { callBody } from '../../call/model'
import { keepOrigin, originOf, planOf, type Made, type Origin } from '../../call/queries'
import type { Doc } from '../../draft/model'
import type { Draft } from '../../draft/queries'
import type { Editor } from '../../draft/useEditor'
import { useRefillSearch } from '../plan/useBuild'
import type { TripOfDay } from '../useTrip'

export interface Offer {
  draft: Draft
  made: Made
}

/** Why the lines are as they are: those called anew by the new call, those that stay by the one that made them. */
export const retold = (before: Origin | null, { draft, made }: Offer): Made => ({
  ...made,
  stories: draft.lines.flatMap(({ lineId }) => {
    const isOf = (story: { lineId: string }) => story.lineId === lineId
    return made.stories.find(isOf) ?? before?.stories.find(isOf) ?? []
  }),
})

/** With the lines called anew; what is known of the water stays known. */
export const refilled = (doc: Doc, { draft }: Offer): Doc => ({
  ...doc,
  draft: { ...doc.draft, ...draft, here: { ...draft.here, ...doc.draft.here } },
})

/**
 * The rest of a spread called anew from the day's plan, around the lines that are locked, by the method it was built by.
 * It is offered before anything changes, and taken it is one step to undo.
 */
export function useRefill(boat: string, trip: TripOfDay, editor: Editor) {
  const building = useRefillSearch(boat)
  const plan = useQuery(planOf(boat, trip.date)).data
  const origin = useQuery(originOf(boat, editor.base.spreadId)).data
  const [offer, setOffer] = useState<Offer | null>(null)
  const [taken, setTaken] = useTaken(boat, trip.date, editor)
  const refill = async () => {
    if (!plan) return
    const made = await building.refill(
      callBody(plan, trip.place, trip.at, origin?.playbook),
      editor.doc.draft,
    )
    if (made && made.draft.lines.length > 0) setOffer(made)
  }
  return {
    building,
    refill: plan ? () => void refill() : undefined,
    offer,
    /** Of lines called anew and not saved yet. */
    called: taken,
    take: (name: string) => {
      if (offer) {
        editor.edit((doc) => ({ ...refilled(doc, offer), name }))
        const before = editor.doc.draft.lines.map(({ lineId }) => lineId)
        setTaken({
          made: retold(origin ?? null, offer),
          lines: offer.draft.lines.map(({ lineId }) => lineId).filter((id) => !before.includes(id)),
        })
      }
      setOffer(null)
    },
    leave: () => setOffer(null),
  }
}

interface Taken {
  made: Made
  /** The lines that it called. */
  lines: readonly string[]
}

/** The story of a call that was taken: it is kept once its lines are, and with them forgotten where they were undone. */
function useTaken(boat: string, day: string, { base, doc }: Editor) {
  const queries = useQueryClient()
  const [taken, setTaken] = useState<Taken | null>(null)
  const { spreadId } = base
  const isIn = (draft: Draft) => draft.lines.some(({ lineId }) => taken?.lines.includes(lineId))
  const stands = isIn(base.draft)
  useEffect(() => {
    if (!taken || !stands) return
    const tell = async () => {
      const before = await queries.fetchQuery(originOf(boat, spreadId))
      const told = await keepOrigin(boat, spreadId, taken.made, day, before?.version)
      queries.setQueryData(originOf(boat, spreadId).queryKey, told)
      setTaken(null)
    }
    // Told with the next save where this one was not heard.
    tell().catch(() => undefined)
  }, [boat, base.version, day, queries, spreadId, stands, taken])
  return [taken && isIn(doc.draft) ? taken.made : null, setTaken] as const
}
