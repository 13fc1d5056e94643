import { memo, type ReactNode } from 'react'
import { Button } from '../../shared/ui/Button'
import { useUnits } from '../../units/UnitsContext'
import type { Finding, Mend, Ride, Slower, Solved } from '../../draft/queries'
import type { Solving } from '../../draft/useSolved'
import { sentence } from './sentences'

/** What the tool says now, most important first: a sentence, its figures, one button that does it. */
export function WhyColumn({
  solving,
  lines,
  label,
  onMend,
  onSelect,
  head,
  foot,
}: {
  solving: Solving
  lines: number
  label(lineId: string): string
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
        {lines > 0 && <Findings {...{ solved: solving.solved, label, onMend, onSelect }} />}
      </div>
      {foot}
    </aside>
  )
}

const Findings = memo(function Findings({
  solved,
  label,
  onMend,
  onSelect,
}: {
  solved: Solved | null
  label(lineId: string): string
  onMend(mend: Mend): void
  onSelect(lineId: string): void
}) {
  const ride = (lineId: string) => solved?.lines.find((line) => line.lineId === lineId)?.ride
  return solved?.findings.map((finding) => (
    <FindingNote
      key={`${finding.kind} ${finding.lineIds.join(' ')}`}
      {...{ finding, label, ride, onMend, onSelect }}
      slower={solved.slower}
    />
  ))
})

function FindingNote({
  finding,
  label,
  ride,
  slower,
  onMend,
  onSelect,
}: {
  finding: Finding
  label(lineId: string): string
  ride(lineId: string): Ride | undefined
  slower: Slower | undefined
  onMend(mend: Mend): void
  onSelect(lineId: string): void
}) {
  const units = useUnits()
  const said = sentence(finding, units, label, ride, slower)
  const { mend } = finding
  return (
    <Note
      tone={finding.warns ? 'warn' : finding.kind.startsWith('CARE') ? 'care' : 'good'}
      title={said.title}
      onTitle={() => finding.lineIds[0] && onSelect(finding.lineIds[0])}
    >
      <p>{said.text}</p>
      {said.action && mend && (
        <Button className="mt-1.5" onClick={() => onMend(mend)}>
          {said.action}
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
