import { useUnits, type Units } from '../../units/UnitsContext'
import { lineOf, type Doc } from '../../draft/model'
import type { SolvedLine } from '../../draft/queries'
import { likelyRange, percent } from '../why/sentences'

/** Figures of the lines beside the drawing, which has room for their short names only; two in a row. */
export function Figures({
  lines,
  doc,
  selected,
  onSelect,
}: {
  lines: readonly SolvedLine[]
  doc: Doc
  selected: string | null
  onSelect(lineId: string): void
}) {
  const units = useUnits()
  if (lines.length === 0) return null
  const inOrder = [...lines].sort((a, b) => a.label.localeCompare(b.label))
  return (
    <ul
      className="grid max-h-[138px] [&:has(li:nth-child(7))]:max-h-[92px] shrink-0 grid-cols-2 overflow-y-auto border-t-2 border-ink px-1 py-0.5"
      aria-label="Lines"
      data-testid="figures"
    >
      {inOrder.map((line) => (
        <li key={line.lineId}>
          <button
            type="button"
            aria-pressed={line.lineId === selected}
            className={`flex min-h-11 w-full items-center gap-1.5 px-2 text-left text-[14px] whitespace-nowrap ${line.lineId === selected ? 'bg-lichen/50' : ''}`}
            onClick={() => onSelect(line.lineId)}
          >
            <b className="w-7">{line.label}</b>
            <span className="font-mono">{units.say('distance', lineOf(doc, line.lineId)?.letOutM ?? 0)}</span>
            <span className="truncate text-slate">{runs(line, units)}</span>
          </button>
        </li>
      ))}
    </ul>
  )
}

function runs(line: SolvedLine, units: Units): string {
  const share = line.tow.skippingShare ?? 0
  if (line.tow.regime === 'AIRBORNE') return 'in the air'
  if (share > 0.005) return `airborne ${percent(share)}`
  if (line.tow.surfacing === 'FLOATS') return 'floats'
  return likelyRange(line.likely, units) || units.say('distance', line.tow.depthM ?? 0)
}
