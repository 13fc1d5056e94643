import { useQuery } from '@tanstack/react-query'
import { callBody } from '../../call/model'
import { planOf } from '../../call/queries'
import type { Editor } from '../../draft/useEditor'
import { useBuild } from '../plan/useBuild'
import type { TripOfDay } from '../useTrip'

/** The rest of a spread called anew from the day's plan, around the lines that are locked; one step to undo. */
export function useRefill(boat: string, trip: TripOfDay, editor: Editor) {
  const building = useBuild(boat)
  const plan = useQuery(planOf(boat, trip.date)).data
  const refill = async () => {
    if (!plan) return
    const made = await building.refill(callBody(plan, trip.place, trip.at), editor.doc.draft)
    if (made && made.draft.lines.length > 0)
      editor.edit((doc) => ({ ...doc, draft: { ...doc.draft, ...made.draft } }))
  }
  return { building, refill: plan ? () => void refill() : undefined }
}
