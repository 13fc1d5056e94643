import { Button } from '../shared/ui/Button'
import { saySentence } from '../units/sentence'
import { useUnits } from '../units/UnitsContext'
import type { Log } from './queries'

const CLEAR = new Set(['EARLIER_WEEKS', 'TAKES_MORE'])

/** What the log says, the clearest first; each can be shown by its own slice. */
export function Findings({
  findings,
  onShow,
}: {
  findings: Log['findings']
  onShow?: (where: string[]) => void
}) {
  const units = useUnits()
  if (findings.length === 0)
    return <p>Nothing is clear yet. The log answers by itself as days, lines and strikes come in.</p>
  return (
    <ul className="grid gap-4" data-testid="findings">
      {findings.map(({ kind, title, says, where }) => {
        const words = saySentence(title, units, 'UTC')
        return (
          <li
            key={words}
            className={`border-l-4 pl-3 ${CLEAR.has(kind) ? 'border-moss' : 'border-slate/60'}`}
          >
            {kind === 'WOULD_TEACH' && <p className="text-sm text-slate">Would teach most</p>}
            <h3 className="text-lg leading-snug font-bold">
              {words.charAt(0).toUpperCase() + words.slice(1)}
            </h3>
            <p className="mb-1.5 leading-snug">{saySentence(says, units, 'UTC')}</p>
            {where.length > 0 && onShow && (
              <Button small onClick={() => onShow(where)}>
                Show only these
              </Button>
            )}
          </li>
        )
      })}
    </ul>
  )
}
