import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { callBody } from '../../call/model'
import { originOf, planOf, type Playbook } from '../../call/queries'
import type { Draft } from '../../draft/queries'
import type { Editor } from '../../draft/useEditor'
import { useBuild } from '../plan/useBuild'
import type { TripOfDay } from '../useTrip'

export interface Offer {
  draft: Draft
  playbook: Playbook
}

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
    take: () => {
      if (offer) editor.edit((doc) => ({ ...doc, draft: { ...doc.draft, ...offer.draft } }))
      setOffer(null)
    },
    leave: () => setOffer(null),
  }
}
