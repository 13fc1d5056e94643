import { Button } from '../../shared/ui/Button'
import { Select } from '../../shared/ui/Select'
import { QuantityField } from '../../shared/ui/QuantityField'
import { useUnits } from '../../units/UnitsContext'
import { LureOptions } from '../../draft/LureOptions'
import { insertPiece, isLead, removePiece, setBranch, setPiece } from '../../draft/model'
import type { Branch, Gear, Line, Piece } from '../../draft/queries'
import type { Editing } from '../../draft/useEditor'
import { RANGES } from '../../shared/api/generated/ranges'

/** One piece of line with what is tied at its foot. */
export function PieceRow({
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
  const canBranch = !line.deep && !piece.lureGearId && line.tackle.every((other) => !other.branch)
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
          disabled={piece.branch !== undefined}
          onChange={(event) => change({ lureGearId: event.target.value || undefined })}
        >
          {!isLure && <option value="">nothing</option>}
          <LureOptions items={gear.lures.filter((item) => !isLure || !isLead(item.kind))} />
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
        {!isLure && canBranch && (
          <Button
            small
            tone="quiet"
            onClick={() =>
              editor.edit((doc) =>
                setBranch(doc, line.lineId, index, {
                  lureGearId: line.tackle[0]?.lureGearId ?? gear.lures[0]!.gearId,
                  lineGearId: line.tackle[0]!.lineGearId,
                  lengthM: 3,
                }),
              )
            }
          >
            Tie a second lure here
          </Button>
        )}
      </div>
      {piece.branch && <BranchRow branch={piece.branch} {...{ index, line, editor, gear }} />}
    </li>
  )
}

/** A second lure on a leader of its own, where two pieces meet. */
function BranchRow({
  branch,
  index,
  line,
  editor,
  gear,
}: {
  branch: Branch
  index: number
  line: Line
  editor: Editing
  gear: Gear
}) {
  const set = (change: Partial<Branch>) =>
    editor.edit((doc) => setBranch(doc, line.lineId, index, { ...branch, ...change }))
  return (
    <div className="mt-2 flex flex-wrap items-center gap-2" data-testid="second-lure">
      <span className="w-20 text-slate">second lure</span>
      <Select
        aria-label="Second lure"
        className="w-52"
        value={branch.lureGearId}
        onChange={(event) => set({ lureGearId: event.target.value })}
      >
        <LureOptions items={gear.lures} />
      </Select>
      <PieceLength piece={branch} onSet={(lengthM) => set({ lengthM })} />
      <Button
        small
        tone="quiet"
        onClick={() => editor.edit((doc) => setBranch(doc, line.lineId, index, undefined))}
      >
        Take off
      </Button>
    </div>
  )
}

function MainLength({ line }: { line: Line }) {
  const units = useUnits()
  const leaders = line.tackle.reduce((sum, piece) => sum + (piece.lengthM ?? 0), 0)
  return <span className="font-mono">{units.say('distance', line.letOutM - leaders)} of it out</span>
}

const PIECE_M = RANGES.PieceDraft.lengthM

function PieceLength({ piece, onSet }: { piece: { lengthM?: number }; onSet(lengthM: number): void }) {
  return (
    <QuantityField
      label="Length"
      what="a length"
      figure="distance"
      si={piece.lengthM ?? 0}
      range={PIECE_M}
      onSet={onSet}
      size={8}
    />
  )
}
