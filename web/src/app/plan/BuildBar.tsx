import type { Call, Catalogue } from '../../call/queries'
import { playbookWords } from '../../call/words'
import { Button } from '../../shared/ui/Button'
import { useUnits } from '../../units/UnitsContext'

/** On a phone the call stays in reach while its reasons are read. */
export function BuildBar({
  call,
  words,
  building,
  onBuild,
}: {
  call: Call
  words: Catalogue
  building: boolean
  onBuild(): void
}) {
  const units = useUnits()
  return (
    <div className="sticky bottom-0 flex items-center gap-3 border-t-2 border-ink bg-shade px-3 py-2">
      <span className="min-w-0 flex-1 leading-tight">
        <b className="block truncate">{playbookWords(words, call.taken.playbook)}</b>
        <span className="text-sm text-slate">
          {call.lines.lines === 1 ? 'one line' : `${call.lines.lines} lines`},{' '}
          {units.say('speed', call.taken.startMps)}
        </span>
      </span>
      <Button tone={call.verdict.length > 0 ? 'plain' : 'strong'} disabled={building} onClick={onBuild}>
        Build
      </Button>
    </div>
  )
}
