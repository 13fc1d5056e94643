import { memo, useRef, type ReactNode } from 'react'
import { useBelow } from '../../shared/useBelow'
import type { Mend, Solved } from '../../draft/queries'
import type { Solving } from '../../draft/useSolved'
import { FindingNote } from './FindingNote'
import { Note } from './Note'

/** What the tool says now, most important first; what does not fit is counted and one touch away. */
export function WhyList({
  solving,
  lines,
  timeZone,
  onMend,
  onPoint,
  onSelect,
  head,
  tail,
}: {
  solving: Solving
  lines: number
  timeZone: string
  onMend(mend: Mend): void
  onPoint?: ((mend: Mend | null) => void) | undefined
  onSelect(lineId: string): void
  /** Said after what warns, before what is merely good to know. */
  head?: ReactNode
  tail?: ReactNode
}) {
  const region = useRef<HTMLDivElement>(null)
  const below = useBelow(region)
  const found = lines > 0 ? solving.solved : null
  return (
    <>
      <div
        ref={region}
        className="flex min-h-24 flex-1 flex-col gap-3 overflow-y-auto py-3"
        tabIndex={0}
        role="region"
        aria-label="What the tool says"
      >
        {solving.problem && (
          <Note tone="warn" title="This cannot be solved as it is">
            {solving.problem.said.map((sentence) => (
              <p key={sentence}>{sentence}</p>
            ))}
          </Note>
        )}
        <Findings {...{ found, timeZone, onMend, onPoint, onSelect }} warn />
        {!solving.problem && head}
        <Findings {...{ found, timeZone, onMend, onPoint, onSelect }} warn={false} />
        {!solving.problem && tail}
      </div>
      {below > 0 && (
        <button
          type="button"
          className="min-h-11 shrink-0 border-t border-ink/20 px-4 text-left text-sm font-semibold underline"
          onClick={() =>
            region.current?.scrollBy({ top: region.current.clientHeight - 60, behavior: 'smooth' })
          }
        >
          {below} more
        </button>
      )}
    </>
  )
}

const Findings = memo(function Findings({
  found,
  warn,
  timeZone,
  onMend,
  onPoint,
  onSelect,
}: {
  found: Solved | null
  /** Which of the two: those that warn, or the rest. */
  warn: boolean
  timeZone: string
  onMend(mend: Mend): void
  onPoint?: ((mend: Mend | null) => void) | undefined
  onSelect(lineId: string): void
}) {
  return found?.findings
    .filter((finding) => Boolean(finding.warns) === warn)
    .map((finding) => (
      <FindingNote
        key={`${finding.kind} ${finding.lineIds.join(' ')}`}
        {...{ finding, timeZone, onMend, onPoint, onSelect }}
      />
    ))
})
