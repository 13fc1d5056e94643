import { useUnits } from '../../units/UnitsContext'
import type { Where } from '../Scope'
import { bowWords } from '../Scope'
import { Big } from '../StrikeCard'
import type { Practice } from './queries'
import { seenWords } from '../../strikes/seen'
import { bowOf } from './words'

/** What a crew that looks about sees on a practice sea: one tap tells it as seen. */
export function OutThere({
  practice,
  onSeen,
  onBait,
}: {
  practice: Practice
  onSeen(what: string, words: string, where: Where): void
  onBait(topM: number, bottomM: number): void
}) {
  const units = useUnits()
  const { sights, bait } = practice
  if (sights.length === 0 && !bait) return null
  return (
    <section aria-label="Out there" className="mb-3">
      <ul className="divide-y divide-ink/25">
        {sights.map((sight, at) => {
          const where = { bowDeg: bowOf(sight), offM: Math.max(5, sight.distanceM) }
          const words = seenWords(sight.what)
          return (
            <li key={at} className="flex items-center gap-2 py-1 text-lg">
              <span className="flex-1">
                {words}: {bowWords(where.bowDeg)}, {units.say('distance', sight.distanceM)}
              </span>
              <Big onClick={() => onSeen(sight.what, words, where)}>
                Seen<span className="sr-only">: {words}</span>
              </Big>
            </li>
          )
        })}
        {bait && (
          <li className="flex items-center gap-2 py-1 text-lg">
            <span className="flex-1">
              bait under her: {units.say('distance', bait.topM)} to {units.say('distance', bait.bottomM)}
            </span>
            <Big onClick={() => onBait(bait.topM, bait.bottomM)}>
              Seen<span className="sr-only">: bait on the sounder</span>
            </Big>
          </li>
        )}
      </ul>
    </section>
  )
}
