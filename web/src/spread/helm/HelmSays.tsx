import { useUnits } from '../../units/UnitsContext'
import type { Helmed } from '../../draft/queries'
import { linesOf, type Seen } from './model'

/** What the way does to the lines, over the picture. */
export function HelmSays({
  helmed,
  seen,
  busy,
  problem,
  label,
  drawn,
}: {
  helmed: Helmed | null
  seen: Seen | null
  busy: boolean
  problem: string | null
  label(lineId: string): string
  drawn: boolean
}) {
  const units = useUnits()
  const first = [...(helmed?.fouls ?? [])].sort((a, b) => a.afterS - b.afterS)[0]
  return (
    <div className="pointer-events-none absolute inset-x-4 top-3 leading-snug" aria-live="polite">
      {problem && (
        <p role="alert" className="font-bold text-rust-text">
          {problem}
        </p>
      )}
      {!drawn && <p>Touch the water where she shall go, mark after mark, or use the buttons.</p>}
      {helmed && seen && (
        <>
          <p className={first ? 'font-bold text-rust-text' : 'font-bold'} data-testid="helm-says">
            {first ? foulWords(first, label) : 'Nothing fouls on this way.'}
          </p>
          <p className="text-sm text-slate">
            {helmed.againM > 0 &&
              `Afterwards she may turn again after ${units.say('distance', helmed.againM)}. `}
            Seen from above, in still water. Look out before you turn: trolling gives no right of way.
          </p>
        </>
      )}
      {busy && !helmed && <p role="status">Steering her…</p>}
    </div>
  )
}

function foulWords(foul: Helmed['fouls'][number], label: (lineId: string) => string): string {
  const [one, other] = linesOf(foul).map(label)
  const when = `after ${Math.round(foul.afterS)} s`
  const where = foul.straightM > 0.5 ? `${when}, running straight again` : when
  return other ? `${one} and ${other} meet ${where}.` : `${one} hangs slack ${where}.`
}
