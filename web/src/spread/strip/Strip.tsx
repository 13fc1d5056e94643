import { memo, type ReactNode } from 'react'
import { Button } from '../../shared/ui/Button'
import { Select } from '../../shared/ui/Select'
import { TypedField } from '../../shared/ui/TypedField'
import { fromSi, toSi } from '../../units/model'
import { useUnits, type Figure } from '../../units/UnitsContext'
import {
  leastLetOut,
  lineOf,
  LONGEST_CABLE_M,
  LONGEST_LET_OUT_M,
  removeLine,
  setDeep,
  setDrag,
  setHolder,
  setLetOut,
  setSpeed,
  usableHolders,
} from '../model'
import type { Boat, Deep, Gear, Ground, Line, SolvedLine } from '../queries'
import type { Editing } from '../useEditor'
import { percent, rideWords } from '../why/sentences'
import { DepthField } from '../depth/DepthField'
import { TacklePanel } from './TacklePanel'

/** The selected line with its few controls, what each change would do, and the speed of all lines. */
export const Strip = memo(function Strip({
  editor,
  boat,
  gear,
  selected,
  solved,
  ground,
  onRemoved,
  onSeen,
}: {
  editor: Editing
  boat: Boat
  gear: Gear
  selected: string | null
  solved: readonly SolvedLine[]
  ground?: Ground
  onRemoved(): void
  /** It was seen elsewhere than computed. */
  onSeen(): void
}) {
  const line = lineOf(editor.doc, selected)
  const answer = solved.find((s) => s.lineId === selected)
  return (
    <section
      aria-label="Selected line"
      className="flex shrink-0 flex-wrap items-stretch border-t-2 border-ink bg-shade text-[14px]"
    >
      {line ? (
        <>
          <Named line={line} answer={answer} {...{ editor, boat, gear, solved, onRemoved }} />
          {line.deep && <Cable line={line} deep={line.deep} answer={answer} editor={editor} />}
          <LetOut line={line} answer={answer} editor={editor} />
          <RunsAt {...{ line, answer, editor, onSeen }} boat={boat.boatId} />
          <Pull line={line} answer={answer} editor={editor} />
        </>
      ) : (
        <Cell title="Selected">
          <p className="text-lg">No line. Choose one on the drawing, or add one.</p>
        </Cell>
      )}
      <Speed editor={editor} ground={ground} />
    </section>
  )
})

function Cell({ title, children, tools }: { title: string; children: ReactNode; tools?: ReactNode }) {
  return (
    <div className="flex flex-col justify-between gap-0.5 border-r border-ink/20 px-3 py-2.5 last:border-r-0">
      <span className="flex items-center justify-between gap-2 text-slate">
        {title}
        {tools && <span className="flex items-center text-ink">{tools}</span>}
      </span>
      {children}
    </div>
  )
}

function Named({
  line,
  answer,
  editor,
  boat,
  gear,
  solved,
  onRemoved,
}: {
  line: Line
  answer: SolvedLine | undefined
  editor: Editing
  boat: Boat
  gear: Gear
  solved: readonly SolvedLine[]
  onRemoved(): void
}) {
  const lure = gear.lures.find((item) => item.gearId === line.tackle[0]?.lureGearId)
  const takenBy = (holderId: string) => {
    const other = editor.doc.draft.lines.find((l) => l.holderId === holderId && l.lineId !== line.lineId)
    return other && (solved.find((s) => s.lineId === other.lineId)?.label ?? 'taken')
  }
  return (
    <Cell title="Selected">
      <p className="max-w-64 truncate text-xl">
        <b>{answer?.label ?? '…'}</b> {lure?.name ?? 'no lure'}
        <span className="text-base text-slate"> {lure?.colour}</span>
      </p>
      <div className="flex items-center gap-2">
        <Select
          aria-label="Holder"
          className={line.deep ? 'w-28' : 'w-40'}
          value={line.holderId}
          onChange={(event) => {
            const holder = boat.holders.find((h) => h.holderId === event.target.value)
            if (holder) editor.edit((doc) => setHolder(doc, line.lineId, holder, gear))
          }}
        >
          {usableHolders(boat.holders, gear).map((holder) => {
            const other = takenBy(holder.holderId)
            return (
              <option key={holder.holderId} value={holder.holderId}>
                {other ? `${holder.name}: swap with ${other}` : holder.name}
              </option>
            )
          })}
        </Select>
        <TacklePanel
          {...{ line, editor, gear, solved }}
          boat={boat.boatId}
          label={answer?.label ?? ''}
          onRemove={() => {
            editor.edit((doc) => removeLine(doc, line.lineId))
            onRemoved()
          }}
        />
      </div>
    </Cell>
  )
}

/** Value with its unit, minus and plus, typed or stepped. */
export function Stepper({
  label,
  figure,
  si,
  step,
  onSet,
  range,
}: {
  label: string
  figure: Figure
  si: number
  /** In the reader's unit. */
  step: number
  onSet(si: number): void
  range: { least: number; most: number }
}) {
  const units = useUnits()
  const unit = units.unit(figure)
  const nudge = (by: number) => {
    const next = toSi(Math.round((fromSi(si, unit) + by) * 1000) / 1000, unit)
    onSet(Math.min(range.most, Math.max(range.least, next)))
  }
  const typed = (text: string): string | null => {
    const read = units.read(figure, text)
    if (read === null)
      return `That is not a ${label.toLowerCase()} we can read. Type a number and a unit, such as ${units.say(figure, si)}.`
    if (read < range.least || read > range.most)
      return `${label} is ${units.say(figure, read)}. Use ${units.say(figure, range.least)} to ${units.say(figure, range.most)}.`
    onSet(read)
    return null
  }
  return (
    <div className="flex items-center gap-1.5">
      <TypedField
        label={label}
        value={units.figure(figure, si)}
        onCommit={typed}
        size={4}
        className="h-11 text-2xl"
      />
      <span className="font-mono">{unit.symbol}</span>
      <Button
        aria-label={`${label}, less`}
        className="w-11 text-xl leading-none"
        onClick={() => nudge(-step)}
      >
        −
      </Button>
      <Button aria-label={`${label}, more`} className="w-11 text-xl leading-none" onClick={() => nudge(step)}>
        +
      </Button>
    </div>
  )
}

function Cable({
  line,
  deep,
  answer,
  editor,
}: {
  line: Line
  deep: Deep
  answer: SolvedLine | undefined
  editor: Editing
}) {
  const units = useUnits()
  return (
    <Cell title="Cable out">
      <Stepper
        label="Cable"
        figure="distance"
        si={deep.cableOutM}
        step={1}
        range={{ least: Math.max(2, deep.clipAboveM + 0.5), most: LONGEST_CABLE_M }}
        onSet={(cableOutM) => editor.edit((doc) => setDeep(doc, line.lineId, { cableOutM }))}
      />
      <span className="text-slate">
        {answer?.deep
          ? `ball ${units.say('distance', answer.deep.ballDepthM)}, blown back ${units.say('distance', answer.deep.blowBackM)}`
          : 'from the surface down'}
      </span>
    </Cell>
  )
}

function LetOut({ line, answer, editor }: { line: Line; answer: SolvedLine | undefined; editor: Editing }) {
  const units = useUnits()
  const unit = units.unit('distance')
  const perTenM = answer?.depthPerTenM
  const change = perTenM === undefined ? undefined : perTenM * unit.factor
  return (
    <Cell title={line.deep ? 'Behind the clip' : 'Let out'}>
      <Stepper
        label="Let-out"
        figure="distance"
        si={line.letOutM}
        step={1}
        range={{ least: leastLetOut(line), most: LONGEST_LET_OUT_M }}
        onSet={(si) => editor.edit((doc) => setLetOut(doc, line.lineId, si))}
      />
      <span className="text-slate">
        {line.deep
          ? answer?.deep?.bellyM === undefined
            ? 'from clip to lure'
            : `belly to the rod ${units.say('distance', answer.deep.bellyM)}`
          : change === undefined
            ? 'from tip or clip to lure'
            : `${signed(change, units)} for 10 ${unit.symbol} more`}
      </span>
    </Cell>
  )
}

const signed = (metres: number, units: ReturnType<typeof useUnits>) =>
  Math.abs(metres) < 0.005
    ? 'same depth'
    : `${units.say('distance', Math.abs(metres))} ${metres > 0 ? 'deeper' : 'shallower'}`

function RunsAt({
  line,
  answer,
  editor,
  boat,
  onSeen,
}: {
  line: Line
  answer: SolvedLine | undefined
  editor: Editing
  boat: string
  onSeen(): void
}) {
  const units = useUnits()
  const tow = answer?.tow
  const share = tow?.skippingShare ?? 0
  const unit = units.unit('speed')
  const perKnot =
    answer?.depthPerKnotM === undefined ? undefined : (answer.depthPerKnotM * unit.factor * 3600) / 1852
  const second = answer?.branch && `second at ${units.say('distance', answer.branch.depthM)}`
  return (
    <Cell
      title="Runs at"
      tools={
        <>
          <DepthField
            key={line.lineId}
            {...{ boat, editor }}
            lineId={line.lineId}
            depthM={tow?.depthM ?? 1}
            label={answer?.label ?? ''}
          />
          <Button small tone="quiet" className="-my-2 px-1" onClick={onSeen}>
            Seen…
          </Button>
        </>
      }
    >
      <p className="font-mono text-2xl whitespace-nowrap" data-testid="runs-at">
        {!tow
          ? '…'
          : tow.regime === 'RUNNING'
            ? units.say('distance', tow.depthM ?? 0)
            : tow.regime === 'SURFACE'
              ? 'surface'
              : 'in the air'}
      </p>
      <span className="text-slate">
        {share > 0.005
          ? `out of the water ${percent(share)}`
          : perKnot === undefined
            ? ' '
            : `${signed(perKnot, units)} per ${unit.symbol}`}
        {second && <span className="block">{second}</span>}
        {answer?.ride && <span className="block">{rideWords(answer.ride)}</span>}
      </span>
    </Cell>
  )
}

function Pull({ line, answer, editor }: { line: Line; answer: SolvedLine | undefined; editor: Editing }) {
  const units = useUnits()
  const pull = answer?.tow.tensionAtTipN
  const typed = (text: string): string | null => {
    const read = units.read('pull', text)
    if (read === null || read < 0 || read > 5000)
      return `Type a strike drag such as ${units.say('pull', 49)}.`
    editor.edit((doc) => setDrag(doc, line.lineId, read))
    return null
  }
  return (
    <Cell title="Pull of the water">
      <p className="font-mono text-2xl" data-testid="pull">
        {pull === undefined ? '–' : units.say('pull', pull)}
      </p>
      <span className="text-slate">
        strike drag{' '}
        <TypedField
          label="Strike drag"
          value={units.say('pull', line.strikeDragN)}
          onCommit={typed}
          size={7}
          className="h-7"
        />
      </span>
    </Cell>
  )
}

function Speed({ editor, ground }: { editor: Editing; ground: Ground | undefined }) {
  const units = useUnits()
  return (
    <Cell title="Speed through water">
      <Stepper
        label="Speed"
        figure="speed"
        si={editor.doc.draft.speedThroughWaterMps}
        step={0.1}
        range={{ least: 0.2, most: 11 }}
        onSet={(si) => editor.edit((doc) => setSpeed(doc, si))}
      />
      <span className="text-slate" data-testid="over-ground">
        {ground
          ? `${units.say('speed', ground.overGroundMps)} over ground, ${streamWords(ground, units)}`
          : 'steps of 0.1; keys [ and ]'}
      </span>
    </Cell>
  )
}

const streamWords = ({ aheadMps }: Ground, units: ReturnType<typeof useUnits>) =>
  Math.abs(aheadMps) < 0.05
    ? 'stream across'
    : `${units.figure('speed', Math.abs(aheadMps))} ${aheadMps > 0 ? 'with' : 'against'} you`
