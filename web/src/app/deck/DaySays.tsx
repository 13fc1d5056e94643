import { useQuery } from '@tanstack/react-query'
import { adviceOf } from '../../log/queries'
import { Button } from '../../shared/ui/Button'
import { saySentence, type OpenSentence } from '../../units/sentence'
import { useUnits } from '../../units/UnitsContext'
import { useWhenSent } from '../useWhenSent'
import type { DeckState } from './useDeck'
import { useMove } from './useMove'

/** A day's advice stands for so long (ms): nobody changes a spread by the second. */
const STANDS_MS = 60_000

/** What this day has said so far: a call where one may be made, one thing to try, and what each position took. */
export function DaySays({ s }: { s: DeckState }) {
  const trip = s.trip.trip?.tripId
  // The end of the minute: what was told in it counts.
  const at = Math.ceil(s.now / STANDS_MS) * STANDS_MS
  const { data } = useQuery({
    ...adviceOf(s.boat.boatId, trip ?? '', new Date(at).toISOString(), s.told.length),
    enabled: trip !== undefined,
  })
  const units = useUnits()
  useWhenSent(s.boat.boatId, ['advice', 'move'])
  if (!data || data.positions.every(({ strikes }) => strikes === 0)) return null
  const say = (sentence: (typeof data.calls)[number]) => saySentence(sentence, units, s.trip.place.timeZone)
  const most = Math.max(...data.positions.map(({ strikes }) => strikes))
  return (
    <section
      aria-label="What the day says"
      className="mt-3 border-t border-ink/30 pt-2"
      data-testid="day-says"
    >
      <h3 className="mb-1 font-bold">What the day says</h3>
      {data.calls.map((call) => (
        <p key={call.text} role="status" className="mb-2 border-l-4 border-moss pl-3 text-lg leading-snug">
          {say(call)}
        </p>
      ))}
      <Suggested {...{ s, at }} trying={data.trying ? say(data.trying) : null} />
      {[data.hands, data.place, data.lost].map(
        (one) =>
          one && (
            <p key={one.text} className="mb-2 border-l-4 border-slate/60 pl-3 text-lg leading-snug">
              {say(one)}
            </p>
          ),
      )}
      <ul className="grid gap-1">
        {data.positions.map(({ position, strikes, expected }) => (
          <li key={position} className="grid grid-cols-[1fr_5.5rem_2rem] items-center gap-2 leading-tight">
            {position}
            <span className="h-2.5 bg-shade" aria-hidden>
              <span className="block h-full bg-moss" style={{ width: `${(100 * strikes) / most}%` }} />
            </span>
            <span className="text-right font-mono">
              {strikes}
              <span className="sr-only"> strikes, {Math.round(100 * expected)} % of the time</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}

/** What to try next, and the change that does it where one was found that passes the checks. */
function Suggested({ s, at, trying }: { s: DeckState; at: number; trying: string | null }) {
  const units = useUnits()
  const { move, take, problem } = useMove({
    ...s.moving,
    at: new Date(at).toISOString(),
    wanted: trying !== null,
  })
  const say = (sentence: OpenSentence) => saySentence(sentence, units, s.trip.place.timeZone)
  // Both are of one answer where there is one: words of before beside a change of now would contradict it.
  const words = move ? (move.says ? say(move.says) : null) : trying
  if (!words) return problem ? <p role="alert">{problem}</p> : null
  return (
    <div className="mb-2 border-l-4 border-slate/60 pl-3 text-lg leading-snug" data-testid="suggested">
      <p>{words}</p>
      {move?.resting && <p className="text-slate">Two moves in half an hour: let them fish first.</p>}
      {move?.move && move.checked && (
        <>
          <p className="mt-1 font-semibold">{say(move.move.words)}.</p>
          <p className="text-base text-slate">{say(move.checked)}</p>
          <Button className="mt-1.5 min-h-16" onClick={() => void take(move.move!)}>
            Change the spread so
          </Button>
        </>
      )}
      {problem && (
        <p role="alert" className="mt-1 border-l-4 border-rust pl-2">
          {problem}
        </p>
      )}
    </div>
  )
}
