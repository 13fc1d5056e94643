import { useUnits } from '../../units/UnitsContext'
import type { Signal } from './queries'
import { signalWords } from './words'

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
  return (
    <ul
      role="alert"
      aria-label="Lines tell"
      className="pb-1 max-md:fixed max-md:inset-x-0 max-md:top-0 max-md:z-30 max-md:border-b-[3px] max-md:border-ink max-md:bg-foam max-md:p-2"
      data-testid="practice-signals"
    >
      {signals.map((signal) => (
        <li
          key={`${signal.lineId} ${signal.told}`}
          data-told={signal.told}
          className={`inline-block px-1 text-lg font-bold ${signal.told === 'GOES_OFF' ? 'bg-ink text-foam' : ''}`}
        >
          {signalWords(signal, labelOf(signal.lineId), units)}
        </li>
      ))}
    </ul>
  )
}
