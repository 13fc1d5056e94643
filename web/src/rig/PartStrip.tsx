import { Button } from '../shared/ui/Button'
import { QuantityField } from '../shared/ui/QuantityField'
import { Select } from '../shared/ui/Select'
import { LureOptions, type LureChoice } from '../draft/LureOptions'
import { isJoint, isLine, type Placed } from './model'
import type { BenchLine, Joint, Part } from './queries'
import type { Dropped } from './chain/useDropping'
import { ScentField } from './ScentField'
import { FITTINGS, HOOK_KINDS } from './words'
import { RANGES } from '../shared/api/generated/ranges'

export interface Item {
  gearId: string
  name: string
}

/** What a chosen part can become. */
export interface PartActions {
  line(piece: number, gearId: string): void
  length(piece: number, metres: number): void
  joint(part: Part, kind: Joint): void
  fitting(part: Part, kind: NonNullable<Part['fitting']>, newtons: number): void
  item(piece: number, gearId: string | undefined): void
  hooks(kind: BenchLine['hookKind'], count: number, newtons: number): void
  reel(gearId: string): void
  scent(scent: string | undefined): void
  takeOut(piece: number): void
  asUsual(piece: number): void
  add(what: Dropped, part: Part): void
}

/** The chosen part with its few controls, and the tray of what can be tied in. */
export function PartStrip({
  bench,
  part,
  pieces,
  itemOf,
  lines,
  weights,
  lures,
  reels,
  scents,
  act,
}: {
  bench: BenchLine
  part: Placed['part'] | undefined
  /** Pieces of the tackle. */
  pieces: number
  /** Ids tied at a piece of the tackle. */
  itemOf(
    piece: number,
  ): { lineGearId: string; lureGearId?: string | undefined; footChosen: boolean } | undefined
  lines: readonly Item[]
  weights: readonly LureChoice[]
  lures: readonly LureChoice[]
  reels: readonly Item[]
  /** On the lures of the spread. */
  scents: readonly string[]
  act: PartActions
}) {
  return (
    <section
      aria-label="Chosen part"
      className="flex min-h-14 shrink-0 flex-wrap items-center gap-x-3 gap-y-1 border-y border-ink/25 bg-shade px-4 py-1"
    >
      {part ? (
        <Chosen {...{ bench, part, pieces, itemOf, lines, weights, lures, reels, scents, act }} />
      ) : (
        <p className="text-slate">Choose a part of the chain. Drag a leader to stretch it.</p>
      )}
      <span className="grow" />
      <Tray part={part} act={act} />
    </section>
  )
}

function Chosen({
  bench,
  part,
  pieces,
  itemOf,
  lines,
  weights,
  lures,
  reels,
  scents,
  act,
}: Omit<Parameters<typeof PartStrip>[0], 'part'> & { part: Part }) {
  const tied = itemOf(part.piece)
  const name = (
    <b className="min-w-24">{part.words === 'end' || part.words === 'join' ? part.name : part.words}</b>
  )
  if (part.twig) return <p>{name} The second leader is changed under Tackle on Spread.</p>
  if (part.sort === 'SPOOL' || part.sort === 'BACKING')
    return (
      <>
        {name}
        <Select
          aria-label="Reel"
          value={bench.reel?.gearId ?? ''}
          onChange={(event) => act.reel(event.target.value)}
        >
          {reels.map((reel) => (
            <option key={reel.gearId} value={reel.gearId}>
              {reel.name}
            </option>
          ))}
        </Select>
      </>
    )
  if (isLine(part.sort) && tied)
    return (
      <>
        {name}
        <Select
          aria-label={`Line of the ${part.words}`}
          value={tied.lineGearId}
          onChange={(event) => act.line(part.piece, event.target.value)}
        >
          {lines.map((line) => (
            <option key={line.gearId} value={line.gearId}>
              {line.name}
            </option>
          ))}
        </Select>
        {part.sort !== 'MAIN' && (
          <QuantityField
            label={`Length of the ${part.words}`}
            what="a length"
            figure={(part.lengthM ?? 0) < 2 ? 'small' : 'distance'}
            si={part.lengthM ?? 0}
            range={RANGES.PieceDraft.lengthM}
            onSet={(metres) => act.length(part.piece, metres)}
          />
        )}
        {part.piece > 0 && part.sort !== 'MAIN' && (
          <Button small tone="quiet" onClick={() => act.takeOut(part.piece)}>
            Take out
          </Button>
        )}
      </>
    )
  if (isJoint(part.sort) && part.joint)
    return (
      <>
        {name}
        <Select
          aria-label="Tied with"
          value={part.joint}
          onChange={(event) => act.joint(part, event.target.value as Joint)}
        >
          {part.choices.map((choice) => (
            <option key={choice.joint} value={choice.joint}>
              {`${choice.words}, ${Math.round(100 * choice.share)} %`}
            </option>
          ))}
        </Select>
        {tied?.footChosen && (
          <Button small tone="quiet" onClick={() => act.asUsual(part.piece)}>
            As usual
          </Button>
        )}
      </>
    )
  if (part.sort === 'FITTING' && part.fitting)
    return (
      <FittingControls {...{ part, act, name }} fitting={part.fitting} chosen={tied?.footChosen ?? false} />
    )
  if (part.sort === 'HOOKS') return <HookControls {...{ bench, act, name }} />
  const isLure = part.sort === 'LURE'
  return (
    <>
      {name}
      <Select
        aria-label={isLure ? 'Lure' : 'Weight'}
        value={tied?.lureGearId ?? ''}
        onChange={(event) => act.item(part.piece, event.target.value || undefined)}
      >
        {!isLure && part.piece < pieces && <option value="">nothing</option>}
        <LureOptions items={isLure ? lures : weights} />
      </Select>
      {isLure && <ScentField scent={bench.scent} used={scents} onSet={act.scent} />}
    </>
  )
}

function FittingControls({
  part,
  fitting,
  chosen,
  act,
  name,
}: {
  part: Part
  fitting: NonNullable<Part['fitting']>
  chosen: boolean
  act: PartActions
  name: React.ReactNode
}) {
  return (
    <>
      {name}
      <Select
        aria-label="Fitting"
        value={fitting}
        onChange={(event) => act.fitting(part, event.target.value as typeof fitting, part.strengthN ?? 1000)}
      >
        {Object.entries(FITTINGS).map(([kind, words]) => (
          <option key={kind} value={kind}>
            {words}
          </option>
        ))}
      </Select>
      <QuantityField
        label="Fitting is rated"
        what="a strength"
        figure="pull"
        si={part.strengthN ?? 1000}
        range={RANGES.FootDraft.fittingN}
        onSet={(newtons) => act.fitting(part, fitting, newtons)}
      />
      {chosen && (
        <Button small tone="quiet" onClick={() => act.asUsual(part.piece)}>
          As usual
        </Button>
      )}
    </>
  )
}

function HookControls({ bench, act, name }: { bench: BenchLine; act: PartActions; name: React.ReactNode }) {
  const { hookKind, hookCount, hookStrengthN } = bench
  return (
    <>
      {name}
      <Select
        aria-label="Kind of hooks"
        value={hookKind}
        onChange={(event) => {
          const kind = event.target.value as typeof hookKind
          act.hooks(kind, kind === 'TWO_IN_LINE' || kind === 'BAIT_SET' ? 2 : 1, hookStrengthN)
        }}
      >
        {Object.entries(HOOK_KINDS).map(([kind, words]) => (
          <option key={kind} value={kind}>
            {words}
          </option>
        ))}
      </Select>
      <Select
        aria-label="Number of hooks"
        value={hookCount}
        onChange={(event) => act.hooks(hookKind, Number(event.target.value), hookStrengthN)}
      >
        {[1, 2, 3, 4, 5, 6].map((count) => (
          <option key={count}>{count}</option>
        ))}
      </Select>
      <QuantityField
        label="A hook opens at"
        what="a strength"
        figure="pull"
        si={hookStrengthN}
        range={RANGES.RigDraft.hookStrengthN}
        onSet={(newtons) => act.hooks(hookKind, hookCount, newtons)}
      />
    </>
  )
}

const TRAY: readonly (readonly [Dropped, string])[] = [
  ['leader', 'Leader'],
  ['weight', 'Weight'],
  ['swivel', 'Swivel'],
]

/** Dragged onto the chain, or put at the chosen part. */
function Tray({ part, act }: { part: Part | undefined; act: PartActions }) {
  const fits = part !== undefined && part.piece >= 0 && !part.twig
  return (
    <div className="flex items-center gap-1.5" role="group" aria-label="Tie in">
      <span className="text-sm text-slate">Tie in</span>
      {TRAY.map(([what, words]) => (
        <Button
          key={what}
          small
          draggable
          onDragStart={(event) => event.dataTransfer.setData('text/plain', what)}
          disabled={!fits}
          title={
            fits
              ? 'Drag it onto the chain, or tie it in at the chosen part'
              : 'Choose a part of the chain first, between the lure and the main line'
          }
          onClick={() => part && act.add(what, part)}
        >
          {words}
        </Button>
      ))}
    </div>
  )
}
