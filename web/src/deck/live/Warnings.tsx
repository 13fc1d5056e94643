import { saySentence } from '../../units/sentence'
import { useUnits } from '../../units/UnitsContext'
import type { LiveNow } from './queries'

/** What somebody must act on, soonest first; nothing where nobody must. */
export function Warnings({ now, timeZone }: { now: LiveNow | undefined; timeZone: string }) {
  const units = useUnits()
  if (!now || now.warnings.length === 0) return null
  return (
    <>
      {/* Figures change each second; who listens is told once. */}
      <p role="alert" className="sr-only">
        {now.warnings.map(({ says }) => says.text.replace(/ in \{\d\}| ?\{\d\}/g, '')).join(' ')}
      </p>
      <ul aria-label="Act now" className="flex shrink-0 flex-col" data-testid="live-warnings">
        {now.warnings.map((warning) => (
          <li
            key={`${warning.kind} ${warning.lineIds.join(' ')}`}
            data-warning={warning.kind}
            className="border-b-[3px] border-ink bg-foam px-4 py-1 text-xl font-bold text-rust-text max-md:px-2 max-md:text-lg"
          >
            <span aria-hidden>▲ </span>
            {saySentence(warning.says, units, timeZone)}
          </li>
        ))}
      </ul>
    </>
  )
}
