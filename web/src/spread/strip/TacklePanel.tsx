import { Button } from '../../shared/ui/Button'
import { Panel } from '../../shared/ui/Panel'
import { Select } from '../../shared/ui/Select'
import { swapTackle } from '../../draft/model'
import type { Gear, Line, SolvedLine } from '../../draft/queries'
import type { Editing } from '../../draft/useEditor'
import { DeepRow } from './DeepRow'
import { PieceRow } from './PieceRow'
import { TieAs } from './TieAs'

/** What is tied, from the reel down to the lure, each piece changed in place. */
export function TacklePanel({
  line,
  editor,
  gear,
  boat,
  solved,
  label,
  onRemove,
}: {
  line: Line
  editor: Editing
  gear: Gear
  boat: string
  solved: readonly SolvedLine[]
  label: string
  onRemove(): void
}) {
  const others = solved.filter((other) => other.lineId !== line.lineId)
  const fromReel = line.tackle.map((piece, index) => ({ piece, index })).reverse()
  return (
    <Panel label={`Tackle of ${label}`} className="w-[560px]" trigger={<Button>Tackle</Button>}>
      <h2 className="mb-1 text-lg font-bold">{label}: reel to lure</h2>
      <TieAs {...{ line, editor, boat }} />
      {line.deep && <DeepRow deep={line.deep} {...{ line, editor, gear }} />}
      <ol className="divide-y divide-ink/20">
        {fromReel.map(({ piece, index }) => (
          <PieceRow key={index} {...{ piece, index, line, editor, gear }} />
        ))}
      </ol>
      {others.length > 0 && (
        <label className="mt-3 flex items-center gap-2">
          Swap tackle and let-out with
          <Select
            aria-label="Swap tackle with"
            value=""
            onChange={(event) => editor.edit((doc) => swapTackle(doc, line.lineId, event.target.value))}
          >
            <option value="" disabled>
              choose a line
            </option>
            {others.map((other) => (
              <option key={other.lineId} value={other.lineId}>
                {other.label}
              </option>
            ))}
          </Select>
        </label>
      )}
      <Button className="mt-3" onClick={onRemove}>
        Take {label} off the spread
      </Button>
    </Panel>
  )
}
