import { useUnits } from '../../units/UnitsContext'
import type { Signal } from './queries'
import { signalWords, weedWords } from './words'

/** What the lines of a practice boat tell, as a crew would call it out. */
export function Signals({
  signals,
  labelOf,
}: {
  signals: readonly Signal[]
  labelOf(lineId: string): string
}) {
  const units = useUnits()
  if (signals.length === 0) return null
  const weedy = signals.filter(({ told }) => told === 'WEEDY').map(({ lineId }) => labelOf(lineId))
  return (
    <ul
      role="alert"
      aria-label="Lines tell"
      className="pb-1 max-md:fixed max-md:inset-x-0 max-md:top-0 max-md:z-30 max-md:border-b-[3px] max-md:border-ink max-md:bg-foam max-md:p-2"
      data-testid="practice-signals"
    >
      {signals
        .filter(({ told }) => told !== 'WEEDY')
        .map((signal) => (
          <li
            key={`${signal.lineId} ${signal.told}`}
            data-told={signal.told}
            className={`text-lg font-bold ${signal.told === 'GOES_OFF' ? 'bg-ink px-1 text-foam' : ''}`}
          >
            {signalWords(signal, labelOf(signal.lineId), units)}
          </li>
        ))}
      {weedy.length > 0 && (
        <li data-told="WEEDY" className="text-lg font-bold">
          {weedWords(weedy.sort())}
        </li>
      )}
    </ul>
  )
}
