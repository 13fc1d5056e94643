import { memo, type ReactNode } from 'react'
import { Button } from '../../shared/ui/Button'
import { useUnits } from '../../units/UnitsContext'
import { saySentence, type OpenSentence } from '../../units/sentence'
import type { Finding, Mend, Solved } from '../../draft/queries'
import type { Solving } from '../../draft/useSolved'

/** What the tool says now, most important first: a sentence, its figures, one button that does it. */
export function WhyColumn({
  solving,
  lines,
  timeZone,
  onMend,
  onSelect,
  head,
  foot,
}: {
  solving: Solving
  lines: number
  timeZone: string
  onMend(mend: Mend): void
  onSelect(lineId: string): void
  /** Said before what the solver found. */
  head?: ReactNode
  /** Stays in sight below what is said. */
  foot: ReactNode
}) {
  return (
    <aside
      aria-label="Why"
      className="flex w-[304px] shrink-0 flex-col border-l border-ink/20 max-md:w-full max-md:border-l-0"
    >
      <div
        className="flex min-h-24 flex-1 flex-col gap-3.5 overflow-y-auto py-3.5"
        tabIndex={0}
        role="region"
        aria-label="What the tool says"
      >
        {!solving.problem && head}
        {solving.problem && (
          <Note tone="warn" title="This cannot be solved as it is">
            {solving.problem.faults.length === 0 && <p>{solving.problem.message}</p>}
            {solving.problem.faults.map((fault) => (
              <p key={fault.field + fault.code}>
                {fault.message}. {fault.mend}
              </p>
            ))}
          </Note>
        )}
        {lines > 0 && <Findings {...{ solved: solving.solved, timeZone, onMend, onSelect }} />}
      </div>
      {foot}
    </aside>
  )
}

const Findings = memo(function Findings({
  solved,
  timeZone,
  onMend,
  onSelect,
}: {
  solved: Solved | null
  timeZone: string
  onMend(mend: Mend): void
  onSelect(lineId: string): void
}) {
  return solved?.findings.map((finding) => (
    <FindingNote
      key={`${finding.kind} ${finding.lineIds.join(' ')}`}
      {...{ finding, timeZone, onMend, onSelect }}
    />
  ))
})

function FindingNote({
  finding,
  timeZone,
  onMend,
  onSelect,
}: {
  finding: Finding
  timeZone: string
  onMend(mend: Mend): void
  onSelect(lineId: string): void
}) {
  const units = useUnits()
  const say = (sentence: OpenSentence) => saySentence(sentence, units, timeZone)
  const { mend } = finding
  return (
    <Note
      tone={finding.warns ? 'warn' : finding.kind.startsWith('CARE') ? 'care' : 'good'}
      title={say(finding.title)}
      onTitle={() => finding.lineIds[0] && onSelect(finding.lineIds[0])}
    >
      <p>{say(finding.text)}</p>
      {mend && (
        <Button className="mt-1.5" onClick={() => onMend(mend)}>
          {say(mend.words)}
        </Button>
      )}
    </Note>
  )
}

export function Note({
  tone,
  title,
  onTitle,
  children,
}: {
  tone: 'warn' | 'care' | 'good'
  title: string
  onTitle?(): void
  children: ReactNode
}) {
  const bar = { warn: 'border-rust', care: 'border-slate', good: 'border-moss' }[tone]
  return (
    <section className={`border-l-[5px] pr-4 pl-3 ${bar}`}>
      <h3 className="text-[15px] font-bold">
        {tone === 'warn' && <span className="sr-only">Warning: </span>}
        {onTitle ? (
          <button type="button" className="text-left hover:underline" onClick={onTitle}>
            {title}
          </button>
        ) : (
          title
        )}
      </h3>
      <div className="text-[15px] leading-snug text-slate">{children}</div>
    </section>
  )
}
