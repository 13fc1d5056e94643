import { Weighed } from '../../call/Weighed'
import { weight } from '../../call/model'
import { Button } from '../../shared/ui/Button'
import { degrees } from '../../units/degrees'
import { saySentence, type OpenSentence } from '../../units/sentence'
import { useUnits } from '../../units/UnitsContext'
import type { Place } from '../../water/queries'
import { RunningOut } from './RunningOut'
import type { PlanDay } from '../plan/usePlanDay'
import type { useWater } from './useWater'
import { arrivalWords, fuelWords, runMin } from './words'

const MILE_M = 1852

/** The places in order, each with its reasons and how far it is to run; and what is not known. */
export function PlaceList({
  boat,
  w,
  target,
  planDay,
  onBegin,
  onCourse,
}: {
  boat: string
  w: ReturnType<typeof useWater>
  target: string | undefined
  planDay: PlanDay
  onBegin(place: Place, runMin: number): void
  onCourse(place: Place): void
}) {
  const units = useUnits()
  const say = (sentence: OpenSentence) => saySentence(sentence, units, planDay.place.timeZone)
  const { places, lacking } = w.begin
  return (
    <>
      {places.map((place, i) => {
        const chosen = i === w.chosen
        return (
          <section key={`${place.at.latitudeDeg} ${place.at.longitudeDeg}`} className="mb-3">
            <button
              type="button"
              aria-pressed={chosen}
              className="flex min-h-11 w-full items-center gap-2 text-left"
              onClick={() => w.choose(i)}
            >
              <span
                className={`grid size-8 shrink-0 place-items-center rounded-full border-2 border-ink font-bold ${chosen ? 'bg-lichen text-black' : ''}`}
              >
                {i + 1}
              </span>
              <span className="leading-tight">
                <b className="block">{place.title}</b>
                <span className="text-sm text-slate">
                  {(place.outM / MILE_M).toFixed(1)} miles on {degrees(place.bearingDeg)}°, {runMin(place)}{' '}
                  min out
                </span>
              </span>
              <span className="ml-auto font-mono">{weight(place.tenths)}</span>
            </button>
            {chosen && (
              <>
                <Weighed
                  testid="place-reasons"
                  rows={place.reasons.map((reason) => ({
                    key: reason.rule,
                    tenths: reason.tenths,
                    words: say(reason.says),
                  }))}
                  sum={place.tenths}
                />
                <p className="mt-1 text-[15px]">{arrivalWords(planDay, place, units)}</p>
                <p
                  data-testid="fuel"
                  className={place.reach.isTooFar ? 'border-l-4 border-rust pl-2 text-[15px]' : 'text-[15px]'}
                >
                  {fuelWords(place, units)}
                </p>
                <Button tone="strong" className="mt-2 w-full" onClick={() => onBegin(place, runMin(place))}>
                  Begin here
                </Button>
                <Button className="mt-2 w-full" onClick={() => onCourse(place)}>
                  Course from here
                </Button>
              </>
            )}
          </section>
        )
      })}
      {places.length === 0 && !w.waiting && (
        <p className="mb-3">
          Nothing speaks for one place more than for another yet. Take in a grid of temperature or depth.
        </p>
      )}
      {places.length > 0 && <RunningOut boat={boat} />}
      <section className="border-l-4 border-slate/50 pl-3 text-[15px]">
        <h2 className="font-bold">Would change it</h2>
        {!target && <p>No target is chosen on Plan: the warmth of the water says nothing.</p>}
        {lacking.map((sentence) => (
          <p key={sentence.text}>{say(sentence)}</p>
        ))}
        <p className="mt-1 text-slate">Seasons, sizes and closed waters are local: look them up.</p>
      </section>
    </>
  )
}
