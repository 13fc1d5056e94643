import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { planOf, savePlan } from '../../call/queries'
import { weighedOf } from '../../deck/queries'
import { Big } from '../../deck/StrikeCard'
import type { Problem } from '../../shared/api/client'
import { sources } from '../../shared/device'
import { saySentence } from '../../units/sentence'
import { useUnits } from '../../units/UnitsContext'
import type { DeckState } from './useDeck'

/** One line where what was seen has put another method first, and what was seen into the plan by a tap. */
export function Weighed({ s, spread }: { s: DeckState; spread: string }) {
  const { boatId } = s.boat
  const trip = s.trip.live ? s.trip.trip : undefined
  const { data } = useQuery({
    ...weighedOf(boatId, spread, trip?.tripId ?? '', sources.now),
    enabled: trip !== undefined,
  })
  const go = useNavigate()
  const client = useQueryClient()
  const units = useUnits()
  const [said, setSaid] = useState<string | null>(null)
  if (!trip || !data || (data.seen.length === 0 && !data.well)) return null
  const keep = async () => {
    try {
      const plan = await client.fetchQuery({ ...planOf(boatId, trip.day), staleTime: 0 })
      // The well is counted on from what the plan says: written into it, it would be counted twice.
      const seen = data.seen.filter(({ topic }) => topic !== 'LIVE_BAIT')
      const topics = new Set(seen.map(({ topic }) => topic))
      const answers = [...plan.answers.filter(({ topic }) => !topics.has(topic)), ...seen]
      client.setQueryData(planOf(boatId, trip.day).queryKey, await savePlan(boatId, { ...plan, answers }))
      void go(`/boats/${boatId}/plan?day=${trip.day}`)
    } catch (problem) {
      setSaid((problem as Problem).said.join(' '))
    }
  }
  return (
    <section aria-label="Weighed again" className="mt-3 border-t border-ink/30 pt-2">
      {(['leads', 'well'] as const).map((of) => {
        const says = data[of]
        return (
          says && (
            <p key={of} role="status" className="mb-2 text-lg font-semibold" data-testid={of}>
              {saySentence(says, units, s.trip.place.timeZone)}
            </p>
          )
        )
      })}
      {data.seen.length > 0 && <Big onClick={() => void keep()}>Answer the plan by what was seen</Big>}
      {said && <p role="alert">{said}</p>}
    </section>
  )
}
