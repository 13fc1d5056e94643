import { degrees } from '../../units/degrees'
import { useUnits } from '../../units/UnitsContext'
import { Big } from '../StrikeCard'
import type { Practice, PracticeHelm } from './queries'

const RATES = [1, 30, 60] as const
const TURNS = [-30, -10, 10, 30] as const
/** Half a knot (m/s). */
const STEP_MPS = 0.257
const MOST_MPS = 12
/** As a boat with lines out is turned, and as hard as she is (m). */
const EASY_M = 120
const HARD_M = 60

const SAYS: Record<Practice['steering'], string> = {
  ALONG_THE_LEDGE: 'Up and down the ledge, by herself',
  COURSE: 'Steering',
  CIRCLE_PORT: 'Circling to port',
  CIRCLE_STARBOARD: 'Circling to starboard',
}

/** The helm of a practice boat, and how fast its time runs. */
export function Helm({
  practice,
  headingDeg,
  onSteer,
  onRate,
}: {
  practice: Practice
  headingDeg: number
  onSteer(helm: PracticeHelm): void
  onRate(helm: PracticeHelm): void
}) {
  const units = useUnits()
  const { rate, steering, steerDeg, radiusM, holdMps } = practice
  const now = { rate, steering, steerDeg, radiusM, holdMps }
  const steer = (change: Partial<PracticeHelm>) => onSteer({ ...now, ...change })
  const from = steering === 'COURSE' ? steerDeg : headingDeg
  return (
    <section aria-label="Practice helm" className="mb-4 border-b-[3px] border-ink pb-3">
      <p className="pb-1 text-lg" role="status">
        {SAYS[steering]}
        {steering === 'COURSE' && ` ${degrees(steerDeg)}°`}, {units.say('speed', holdMps)} through the water.
      </p>
      <div className="grid grid-cols-4 gap-2">
        {TURNS.map((by) => (
          <Big
            key={by}
            onClick={() =>
              steer({
                steering: 'COURSE',
                steerDeg: (Math.round(from + by) + 360) % 360,
                radiusM: EASY_M,
              })
            }
          >
            {by < 0 ? `◂ ${-by}°` : `${by}° ▸`}
            <span className="sr-only"> {by < 0 ? 'to port' : 'to starboard'}</span>
          </Big>
        ))}
        <Big
          pressed={steering === 'CIRCLE_PORT'}
          onClick={() => steer({ steering: 'CIRCLE_PORT', radiusM: HARD_M })}
        >
          ↺<span className="sr-only">Circle to port</span>
        </Big>
        <Big
          pressed={steering === 'CIRCLE_STARBOARD'}
          onClick={() => steer({ steering: 'CIRCLE_STARBOARD', radiusM: HARD_M })}
        >
          ↻<span className="sr-only">Circle to starboard</span>
        </Big>
        <Big onClick={() => steer({ holdMps: Math.max(0, holdMps - STEP_MPS) })}>Slower</Big>
        <Big onClick={() => steer({ holdMps: Math.min(MOST_MPS, holdMps + STEP_MPS) })}>Faster</Big>
      </div>
      <div className="mt-2 grid grid-cols-[1.3fr_1fr_1fr_1fr] gap-2">
        <Big
          pressed={steering === 'ALONG_THE_LEDGE'}
          onClick={() => steer({ steering: 'ALONG_THE_LEDGE', radiusM: EASY_M })}
        >
          <span className="sr-only">Up and down the </span>Ledge
        </Big>
        {RATES.map((times) => (
          <Big key={times} pressed={rate === times} onClick={() => onRate({ ...now, rate: times })}>
            <span className="sr-only">Time runs </span>×{times}
          </Big>
        ))}
      </div>
      {practice.over && <p className="mt-2">This practice day is over: it has come to the present.</p>}
    </section>
  )
}
