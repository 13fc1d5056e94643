import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { gearOf, saveLure, type Boat } from '../../draft/queries'
import { afterOf, type UsedUp } from '../../log/queries'
import type { Problem } from '../../shared/api/client'
import { Button } from '../../shared/ui/Button'
import type { useDay } from '../../strikes/useDay'
import { saySentence } from '../../units/sentence'
import { useWhenSent } from '../useWhenSent'
import { useUnits } from '../../units/UnitsContext'

/** What a day used up, each taken off the box by one tap, and what is to be done before the next one. */
export function AfterDay({
  boat,
  trip,
  facts,
  end,
  report,
}: {
  boat: Boat
  trip: string
  /** How many are known here: with another one it is asked again. */
  facts: number
  /** The last that happened on it: it is told then, for the day is no longer for it (ms). */
  end: number
  report: ReturnType<typeof useDay>['report']
}) {
  const units = useUnits()
  const { data } = useQuery(afterOf(boat.boatId, trip, facts))
  useWhenSent(boat.boatId, ['after'])
  const { takeOff, busy, said } = useTakeOff(boat, trip, end, report)
  if (!data || (data.used.length === 0 && data.work.length === 0)) return null
  return (
    <section aria-label="After this day" className="border-t border-ink/25 py-2" data-testid="after-day">
      <h3 className="font-bold">After this day</h3>
      {data.used.length > 0 && (
        <ul className="my-1 grid gap-1">
          {data.used.map((one) => (
            <li key={one.gearId} className="flex flex-wrap items-center gap-3">
              {one.gone} {one.name} {one.bait ? 'used' : 'lost'}
              <Button small disabled={busy} onClick={() => void takeOff(one)}>
                Take {one.gone} off the box
              </Button>
            </li>
          ))}
        </ul>
      )}
      {said && <p role="status">{said}</p>}
      <ul className="list-disc pl-5">
        {data.work.map((sentence) => (
          <li key={sentence.text}>{saySentence(sentence, units, 'UTC')}</li>
        ))}
      </ul>
    </section>
  )
}

/** The count goes down first, then the day is told of it: told twice it would be taken off once too often. */
function useTakeOff(boat: Boat, trip: string, end: number, report: ReturnType<typeof useDay>['report']) {
  const client = useQueryClient()
  const [busy, setBusy] = useState(false)
  const [said, setSaid] = useState<string | null>(null)
  const takeOff = async ({ gearId, name, gone }: UsedUp) => {
    setBusy(true)
    try {
      const gear = await client.fetchQuery(gearOf(boat.boatId))
      const lure = gear.lures.find((one) => one.gearId === gearId)
      const had = lure?.count
      if (lure && had !== undefined) {
        await saveLure(boat.boatId, { ...lure, count: Math.max(0, had - gone) })
        await client.invalidateQueries({ queryKey: gearOf(boat.boatId).queryKey })
      }
      const words = `${gone} ${name} taken off the box`
      await report(
        {
          kind: 'TENDED',
          at: end,
          payload: { routine: `TAKEN_OFF ${gearId} ${gone}` },
          words,
          label: '',
        },
        trip,
      )
      setSaid(
        had !== undefined
          ? `${words}: ${Math.max(0, had - gone)} left.`
          : `${name} is not counted in the box: nothing to take off.`,
      )
    } catch (error) {
      setSaid(`Not taken off: ${(error as Problem).message}`)
    } finally {
      setBusy(false)
    }
  }
  return { takeOff, busy, said }
}
