import { saySentence } from '../units/sentence'
import { useUnits } from '../units/UnitsContext'
import { oddsWords, roundEnd, shortHours } from './model'
import type { Arm, Question } from './queries'

/** What each arm took for its time, with where eight in ten lie, and the odds that it takes more than the others. */
export function ArmChart({
  question,
  chosen,
  onChoose,
}: {
  question: Question
  /** Conditions that hold. */
  chosen: readonly string[]
  onChoose(arm: Arm): void
}) {
  const units = useUnits()
  const most = roundEnd(
    Math.max(...question.arms.map(({ sum }) => Math.min(sum.high ?? 0, 3 * (sum.per100 ?? 0)))),
  )
  const at = (per100: number) => `${(100 * Math.min(per100, most)) / most}%`
  return (
    <div data-testid="arms">
      <ul>
        {question.arms.map((arm) => (
          <li key={arm.where} className="border-b border-ink/20">
            <button
              type="button"
              aria-pressed={chosen.includes(arm.where)}
              className="grid min-h-12 w-full grid-cols-[minmax(9rem,1.2fr)_minmax(5rem,1fr)_7rem] items-center gap-x-3 py-1 text-left hover:bg-shade aria-pressed:bg-shade"
              onClick={() => onChoose(arm)}
            >
              <span>
                <span className="block leading-tight font-semibold">
                  {capital(saySentence(arm.says, units, 'UTC'))}
                </span>
                <span className="block text-sm leading-tight text-slate">
                  {arm.sum.strikes} in {shortHours(arm.sum.minutes)}
                </span>
              </span>
              <span className="relative block h-6">
                <span
                  className="absolute top-2 h-2 bg-slate/45"
                  style={{ left: at(arm.sum.low ?? 0), right: `calc(100% - ${at(arm.sum.high ?? 0)})` }}
                />
                <span
                  className={`absolute top-1 size-4 -translate-x-1/2 rounded-full border-2 border-ink ${arm.odds >= 0.75 ? 'bg-lichen' : 'bg-ink'}`}
                  style={{ left: at(arm.sum.per100 ?? 0) }}
                />
              </span>
              <span className={`text-right text-sm ${arm.odds >= 0.75 ? 'font-bold' : 'text-slate'}`}>
                {oddsWords(arm.odds)}
              </span>
            </button>
          </li>
        ))}
      </ul>
      <p className="mt-1 grid grid-cols-[minmax(9rem,1.2fr)_minmax(5rem,1fr)_7rem] gap-x-3 text-sm text-slate">
        <span>strikes in 100 line-minutes</span>
        <span className="flex justify-between font-mono">
          <span>0</span>
          <span>{figure(most / 2)}</span>
          <span>{figure(most)}</span>
        </span>
      </p>
    </div>
  )
}

const figure = (value: number): string => value.toPrecision(2).replace(/\.0$/, '')

export const hours = (minutes: number): string =>
  minutes < 600
    ? `${Math.round(minutes)} line-minutes`
    : `${Math.round(minutes / 60).toLocaleString('en')} line-hours`

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
