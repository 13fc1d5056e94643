import { useUnits } from '../../units/UnitsContext'
import { saySentence } from '../../units/sentence'
import type { Solving } from '../../draft/useSolved'
import { roundSaid, turnSaid } from '../turn/sentences'
import type { Turning } from '../turn/useTurns'
import { toneOf } from '../why/FindingNote'
import type { Tone } from '../why/Note'

interface Saying {
  tone: Tone
  title: string
  text: string
}

/** The most important thing the tool says, and how much more there is; a touch opens all. */
export function Foremost({
  solving,
  turning,
  label,
  timeZone,
  onAll,
}: {
  solving: Solving
  turning: Turning
  label(lineId: string): string
  timeZone: string
  onAll(): void
}) {
  const all = useSayings(solving, turning, label, timeZone)
  const first = all[0]
  if (!first) return null
  const bar = { warn: 'border-rust', care: 'border-slate', good: 'border-moss' }[first.tone]
  const more = all.length - 1
  return (
    <button
      type="button"
      className={`shrink-0 border-t border-l-[5px] border-t-ink/20 px-3 py-1.5 text-left leading-snug ${bar}`}
      onClick={onAll}
      data-testid="foremost"
    >
      <b className="block truncate text-[15px]">{first.title}</b>
      <span className="flex items-baseline gap-3 text-[14px] text-slate">
        <span className="line-clamp-1">{first.text}</span>
        <span className="ml-auto shrink-0 font-semibold text-ink underline">
          {more > 0 ? `${more} more` : 'all of it'}
        </span>
      </span>
    </button>
  )
}

/** What warns, then the turn, then the rest. */
function useSayings(
  { solved, problem }: Solving,
  { turns, round }: Turning,
  label: (lineId: string) => string,
  timeZone: string,
): Saying[] {
  const units = useUnits()
  if (problem)
    return [{ tone: 'warn', title: 'This cannot be solved as it is', text: problem.said.join(' ') }]
  const said = (solved?.findings ?? []).map((finding) => ({
    tone: toneOf(finding),
    title: saySentence(finding.title, units, timeZone),
    text: saySentence(finding.text, units, timeZone),
  }))
  const way = turns && (round ? roundSaid(round, units, label) : turnSaid(turns, units, label))
  const turn: Saying[] = turns && way ? [{ ...way, tone: turnSaid(turns, units, label).tone }] : []
  return [...said.filter((one) => one.tone === 'warn'), ...turn, ...said.filter((one) => one.tone !== 'warn')]
}
