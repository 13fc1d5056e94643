import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { callBody } from '../../call/model'
import { originOf, planOf, type Playbook } from '../../call/queries'
import type { Doc } from '../../draft/model'
import type { Draft } from '../../draft/queries'
import type { Editor } from '../../draft/useEditor'
import { useBuild } from '../plan/useBuild'
import type { TripOfDay } from '../useTrip'

export interface Offer {
  draft: Draft
  playbook: Playbook
}

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
  const building = useBuild(boat)
  const plan = useQuery(planOf(boat, trip.date)).data
  const playbook = useQuery(originOf(boat, editor.base.spreadId)).data?.playbook
  const [offer, setOffer] = useState<Offer | null>(null)
  const refill = async () => {
    if (!plan) return
    const made = await building.refill(callBody(plan, trip.place, trip.at, playbook), editor.doc.draft)
    if (made && made.draft.lines.length > 0) setOffer({ draft: made.draft, playbook: made.made.playbook })
  }
  return {
    building,
    refill: plan ? () => void refill() : undefined,
    offer,
    take: (name: string) => {
      if (offer) editor.edit((doc) => ({ ...refilled(doc, offer), name }))
      setOffer(null)
    },
    leave: () => setOffer(null),
  }
}
