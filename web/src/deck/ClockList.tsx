import { useUnits } from '../units/UnitsContext'
import { asSentence, saySentence } from '../units/sentence'
import { countdown, type Clock } from './clocks'

/** Never more than two ask at once: the third would be read by nobody. */
const MOST_ASKING = 2
const MOST_SHOWN = 4

/** What is done again and again: those that ask, then the next ones; a tap says it is done. */
export function ClockList({ clocks, onDone }: { clocks: readonly Clock[]; onDone(clock: Clock): void }) {
  const units = useUnits()
  const asking = clocks.filter((clock) => clock.leftS <= 0)
  const shown = [...asking.slice(0, MOST_ASKING), ...clocks.filter((clock) => clock.leftS > 0)].slice(
    0,
    MOST_SHOWN,
  )
  if (clocks.length === 0) return <p className="text-slate">Clocks start with the first line that is set.</p>
  return (
    <ul aria-label="Clocks" className="divide-y divide-ink/25">
      {shown.map((clock) => {
        const { routine, leftS } = clock
        const asks = leftS <= 0
        return (
          <li key={routine.name} className="flex min-h-16 items-center gap-3 py-1" data-asks={asks}>
            <Ring share={Math.min(1, Math.max(0, 1 - leftS / routine.everyS))} asks={asks} />
            <span className="min-w-0 flex-1">
              <span className={`block text-lg leading-tight ${asks ? 'font-bold' : ''}`}>
                {asSentence(saySentence(routine.says, units, 'UTC'))}
              </span>
              <span className="text-base text-slate">
                {asks ? `asks for ${countdown(leftS)}` : `in ${countdown(leftS)}`}
              </span>
            </span>
            <button
              type="button"
              aria-label={`Done: ${saySentence(routine.says, units, 'UTC')}`}
              className="min-h-16 min-w-16 rounded-md border-[3px] border-ink px-2 text-lg font-bold"
              onClick={() => onDone(clock)}
            >
              Done
            </button>
          </li>
        )
      })}
    </ul>
  )
}

const RADIUS = 15
const ROUND = 2 * Math.PI * RADIUS

/** How much of its time has run; one that asks is full, and hatched by its middle as well as by colour. */
function Ring({ share, asks }: { share: number; asks: boolean }) {
  return (
    <svg width={40} height={40} viewBox="0 0 40 40" aria-hidden className="shrink-0">
      <circle cx={20} cy={20} r={RADIUS} fill="none" className="stroke-ink/25 stroke-[7]" />
      <circle
        cx={20}
        cy={20}
        r={RADIUS}
        fill="none"
        strokeDasharray={`${share * ROUND} ${ROUND}`}
        transform="rotate(-90 20 20)"
        className={`stroke-[7] ${asks ? 'stroke-rust' : 'stroke-moss'}`}
      />
      {asks && <circle cx={20} cy={20} r={6} className="fill-rust" />}
    </svg>
  )
}
