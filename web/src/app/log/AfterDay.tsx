import { useQuery } from '@tanstack/react-query'
import type { Boat } from '../../draft/queries'
import { afterOf } from '../../log/queries'
import { Button } from '../../shared/ui/Button'
import type { useDay } from '../../strikes/useDay'
import { saySentence } from '../../units/sentence'
import { useUnits } from '../../units/UnitsContext'
import { useWhenSent } from '../useWhenSent'
import { amountWords, useTakeOff } from './useTakeOff'

/** What a day used up, each taken off what is counted by one tap, and what is to be done before the next one. */
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
  /** The last that happened on it (ms). */
  end: number
  report: ReturnType<typeof useDay>['report']
}) {
  const units = useUnits()
  const { data } = useQuery(afterOf(boat.boatId, trip, facts))
  useWhenSent(boat.boatId, ['after'])
  const { takeOff, takeTackle, busy, said } = useTakeOff(boat, trip, end, report)
  if (!data || data.used.length + data.tackle.length + data.work.length === 0) return null
  const tackle = data.tackle.map(
    (one) => `${saySentence(one.words, units, 'UTC')}, ${amountWords(units, one, one.amount)}`,
  )
  return (
    <section aria-label="After this day" className="border-t border-ink/25 py-2" data-testid="after-day">
      <h3 className="font-bold">After this day</h3>
      <ul className="my-1 grid gap-1">
        {data.used.map((one) => (
          <li key={one.gearId} className="flex flex-wrap items-center gap-3">
            {one.gone} {one.name} {one.bait ? 'used' : 'lost'}
            <Button small disabled={busy} onClick={() => void takeOff(one)}>
              Take {one.gone} off the box
            </Button>
          </li>
        ))}
        {tackle.length > 0 && (
          <li className="flex flex-wrap items-center gap-3">
            Went with {data.losses.length === 1 ? 'it' : 'them'}: {tackle.join('; ')}
            <Button small disabled={busy} onClick={() => void takeTackle(data)}>
              Take it off the evening’s count
            </Button>
          </li>
        )}
      </ul>
      {said && <p role="status">{said}</p>}
      <ul className="list-disc pl-5">
        {data.work.map((sentence) => (
          <li key={sentence.text}>{saySentence(sentence, units, 'UTC')}</li>
        ))}
      </ul>
    </section>
  )
}
