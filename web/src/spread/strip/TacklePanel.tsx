import { useQuery } from '@tanstack/react-query'
import { Popover } from 'radix-ui'
import { Button } from '../../shared/ui/Button'
import { Select } from '../../shared/ui/Select'
import { TypedField } from '../../shared/ui/TypedField'
import { useUnits } from '../../units/UnitsContext'
import { insertPiece, isLead, removePiece, setBranch, setDeep, setPiece, swapTackle, tieAs } from '../model'
import {
  chainsOf,
  type Branch,
  type Chain,
  type Deep,
  type Gear,
  type Line,
  type Piece,
  type SolvedLine,
} from '../queries'
import { CHAIN_WORDS, KIND_WORDS } from '../words'
import type { Editing } from '../useEditor'

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

/** Ties the line as one of the usual chains, of what is aboard. */
function TieAs({ line, editor, boat }: { line: Line; editor: Editing; boat: string }) {
  const chains = useQuery(chainsOf(boat)).data ?? []
  const fits = (chain: Chain) =>
    chain.missing.length === 0 && !(line.deep && chain.tackle.some((piece) => piece.branch))
  return (
    <label className="mb-1 flex items-center gap-2">
      Tie it as
      <Select
        aria-label="Tie it as"
        value=""
        onChange={(event) => {
          const chain = chains.find((c) => c.name === event.target.value)
          if (chain) editor.edit((doc) => tieAs(doc, line.lineId, chain))
        }}
      >
        <option value="" disabled>
          a usual chain
        </option>
        {chains.map((chain) => (
          <option key={chain.name} value={chain.name} disabled={!fits(chain)}>
            {CHAIN_WORDS[chain.name] ?? chain.name}
            {chain.missing.length > 0 &&
              ` (aboard there is no ${chain.missing.map(missingWord).join(', no ')})`}
          </option>
        ))}
      </Select>
    </label>
  )
}

const missingWord = (kind: string) => KIND_WORDS[kind] ?? kind.toLowerCase().replaceAll('_', ' ')

/** Ball, cable, clip and how deep the line sits in it. */
function DeepRow({ deep, line, editor, gear }: { deep: Deep; line: Line; editor: Editing; gear: Gear }) {
  const units = useUnits()
  const set = (change: Partial<Deep>) => editor.edit((doc) => setDeep(doc, line.lineId, change))
  const typed = (text: string): string | null => {
    const read = units.read('distance', text)
    if (read === null || read < 0.5 || read > 60)
      return `Type a length from ${units.say('distance', 0.5)} to ${units.say('distance', 60)}.`
    set({ clipAboveM: read })
    return null
  }
  return (
    <div className="flex flex-wrap items-center gap-2 border-b border-ink/20 py-2">
      <span className="w-20 text-slate">downrigger</span>
      <Select
        aria-label="Ball"
        className="w-52"
        value={deep.ballGearId}
        onChange={(event) => set({ ballGearId: event.target.value })}
      >
        {gear.lures
          .filter((item) => isLead(item.kind))
          .map((item) => (
            <option key={item.gearId} value={item.gearId}>
              {item.name}
            </option>
          ))}
      </Select>
      <Select
        aria-label="Hold of the clip"
        value={deep.seat}
        onChange={(event) => set({ seat: event.target.value as Deep['seat'] })}
      >
        <option value="HALF">clip half seated</option>
        <option value="FULL">clip fully seated</option>
      </Select>
      <span className="flex items-center gap-2">
        <TypedField
          label="Clip above the ball"
          value={units.say('distance', deep.clipAboveM)}
          onCommit={typed}
          size={7}
          className="h-11"
        />
        above the ball
      </span>
    </div>
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
        {gear.lures.map((item) => (
          <option key={item.gearId} value={item.gearId}>
            {item.name}, {item.colour}
          </option>
        ))}
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

function PieceLength({ piece, onSet }: { piece: { lengthM?: number }; onSet(lengthM: number): void }) {
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
