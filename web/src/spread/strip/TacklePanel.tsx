import { Popover } from 'radix-ui'
import { Button } from '../../shared/ui/Button'
import { Select } from '../../shared/ui/Select'
import { TypedField } from '../../shared/ui/TypedField'
import { useUnits } from '../../units/UnitsContext'
import { insertPiece, isLead, removePiece, setPiece, swapTackle } from '../model'
import type { Gear, Line, Piece, SolvedLine } from '../queries'
import type { Editing } from '../useEditor'

/** What is tied, from the reel down to the lure, each piece changed in place. */
export function TacklePanel({
  line,
  editor,
  gear,
  solved,
  label,
}: {
  line: Line
  editor: Editing
  gear: Gear
  solved: readonly SolvedLine[]
  label: string
}) {
  const others = solved.filter((other) => other.lineId !== line.lineId)
  const fromReel = line.tackle.map((piece, index) => ({ piece, index })).reverse()
  return (
    <Popover.Root>
      <Popover.Trigger asChild>
        <Button>Tackle</Button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="top"
          align="start"
          sideOffset={8}
          collisionPadding={12}
          aria-label={`Tackle of ${label}`}
          className="z-30 max-h-[78vh] w-[560px] max-w-[94vw] overflow-auto border-2 border-ink bg-foam p-4"
        >
          <h2 className="mb-1 text-lg font-bold">{label}: reel to lure</h2>
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
          <Popover.Close className="absolute top-2 right-3 min-h-11 px-2 font-semibold hover:underline">
            Close
          </Popover.Close>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}

function PieceRow({
  piece,
  index,
  line,
  editor,
  gear,
}: {
  piece: Piece
  index: number
  line: Line
  editor: Editing
  gear: Gear
}) {
  const isMain = index === line.tackle.length - 1
  const isLure = index === 0
  const change = (by: Partial<Piece>) => editor.edit((doc) => setPiece(doc, line.lineId, index, by))
  return (
    <li className="py-2">
      <div className="flex flex-wrap items-center gap-2">
        <span className="w-20 text-slate">{isMain ? 'main line' : isLure ? 'leader' : 'shock leader'}</span>
        <Select
          aria-label={isMain ? 'Main line' : `Leader ${index + 1}`}
          className="w-52"
          value={piece.lineGearId}
          onChange={(event) => change({ lineGearId: event.target.value })}
        >
          {gear.lines.map((item) => (
            <option key={item.gearId} value={item.gearId}>
              {item.name}
            </option>
          ))}
        </Select>
        {isMain ? (
          <MainLength line={line} />
        ) : (
          <PieceLength piece={piece} onSet={(lengthM) => change({ lengthM })} />
        )}
        {!isMain && !isLure && (
          <Button
            small
            tone="quiet"
            onClick={() => editor.edit((doc) => removePiece(doc, line.lineId, index))}
          >
            Take out
          </Button>
        )}
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <span className="w-20 text-slate">{isLure ? 'lure' : 'weight'}</span>
        <Select
          aria-label={isLure ? 'Lure' : `Weight ${index + 1}`}
          className="w-52"
          value={piece.lureGearId ?? ''}
          onChange={(event) => change({ lureGearId: event.target.value || undefined })}
        >
          {!isLure && <option value="">nothing</option>}
          {gear.lures
            .filter((item) => !isLure || !isLead(item.kind))
            .map((item) => (
              <option key={item.gearId} value={item.gearId}>
                {item.name}, {item.colour}
              </option>
            ))}
        </Select>
        {!isMain && (
          <Button
            small
            tone="quiet"
            onClick={() => editor.edit((doc) => insertPiece(doc, line.lineId, index))}
          >
            Tie a leader in above
          </Button>
        )}
      </div>
    </li>
  )
}

function MainLength({ line }: { line: Line }) {
  const units = useUnits()
  const leaders = line.tackle.reduce((sum, piece) => sum + (piece.lengthM ?? 0), 0)
  return <span className="font-mono">{units.say('distance', line.letOutM - leaders)} of it out</span>
}

function PieceLength({ piece, onSet }: { piece: Piece; onSet(lengthM: number): void }) {
  const units = useUnits()
  const typed = (text: string): string | null => {
    const read = units.read('distance', text)
    if (read === null || read < 0.5 || read > 100)
      return `Type a length from ${units.say('distance', 0.5)} to ${units.say('distance', 100)}.`
    onSet(read)
    return null
  }
  return (
    <TypedField
      label="Length"
      value={units.say('distance', piece.lengthM ?? 0)}
      onCommit={typed}
      size={8}
      className="h-11"
    />
  )
}
