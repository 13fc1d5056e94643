import { memo, type ReactNode } from 'react'
import { Button } from '../../shared/ui/Button'
import { Select } from '../../shared/ui/Select'
import { TypedField } from '../../shared/ui/TypedField'
import { fromSi, toSi } from '../../units/model'
import { useUnits, type Figure } from '../../units/UnitsContext'
import {
  leastLetOut,
  lineOf,
  LONGEST_LET_OUT_M,
  removeLine,
  setDrag,
  setHolder,
  setLetOut,
  setSpeed,
  usableHolders,
} from '../model'
import type { Boat, Gear, Line, SolvedLine } from '../queries'
import type { Editing } from '../useEditor'
import { percent, rideWords } from '../why/sentences'
import { TacklePanel } from './TacklePanel'

/** The selected line with its few controls, what each change would do, and the speed of all lines. */
export const Strip = memo(function Strip({
  editor,
  boat,
  gear,
  selected,
  solved,
  onRemoved,
}: {
  editor: Editing
  boat: Boat
  gear: Gear
  selected: string | null
  solved: readonly SolvedLine[]
  onRemoved(): void
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
          <LetOut line={line} answer={answer} editor={editor} />
          <RunsAt answer={answer} />
          <Pull line={line} answer={answer} editor={editor} />
        </>
      ) : (
        <Cell title="Selected">
          <p className="text-lg">No line. Choose one on the drawing, or add one.</p>
        </Cell>
      )}
      <Speed editor={editor} />
    </section>
  )
})

function Cell({ title, children, grow = false }: { title: string; children: ReactNode; grow?: boolean }) {
  return (
    <div
      className={`flex flex-col justify-between gap-0.5 border-r border-ink/20 px-4 py-2.5 ${grow ? 'flex-1' : ''}`}
    >
      <span className="text-slate">{title}</span>
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
          className="w-40"
          value={line.holderId}
          onChange={(event) => editor.edit((doc) => setHolder(doc, line.lineId, event.target.value))}
        >
          {usableHolders(boat.holders).map((holder) => {
            const other = takenBy(holder.holderId)
            return (
              <option key={holder.holderId} value={holder.holderId}>
                {other ? `${holder.name}: swap with ${other}` : holder.name}
              </option>
            )
          })}
        </Select>
        <TacklePanel {...{ line, editor, gear, solved }} label={answer?.label ?? ''} />
        <Button
          tone="quiet"
          onClick={() => {
            editor.edit((doc) => removeLine(doc, line.lineId))
            onRemoved()
          }}
        >
          Remove
        </Button>
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
        size={5}
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

function LetOut({ line, answer, editor }: { line: Line; answer: SolvedLine | undefined; editor: Editing }) {
  const units = useUnits()
  const unit = units.unit('distance')
  const perTenM = answer?.depthPerTenM
  const change = perTenM === undefined ? undefined : perTenM * unit.factor
  return (
    <Cell title="Let out">
      <Stepper
        label="Let-out"
        figure="distance"
        si={line.letOutM}
        step={1}
        range={{ least: leastLetOut(line), most: LONGEST_LET_OUT_M }}
        onSet={(si) => editor.edit((doc) => setLetOut(doc, line.lineId, si))}
      />
      <span className="text-slate">
        {change === undefined
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

function RunsAt({ answer }: { answer: SolvedLine | undefined }) {
  const units = useUnits()
  const tow = answer?.tow
  const share = tow?.skippingShare ?? 0
  const unit = units.unit('speed')
  const perKnot =
    answer?.depthPerKnotM === undefined ? undefined : (answer.depthPerKnotM * unit.factor * 3600) / 1852
  return (
    <Cell title="Runs at">
      <p className="font-mono text-2xl" data-testid="runs-at">
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

function Speed({ editor }: { editor: Editing }) {
  return (
    <Cell title="Speed through water, all lines">
      <Stepper
        label="Speed"
        figure="speed"
        si={editor.doc.draft.speedThroughWaterMps}
        step={0.1}
        range={{ least: 0.2, most: 11 }}
        onSet={(si) => editor.edit((doc) => setSpeed(doc, si))}
      />
      <span className="text-slate">steps of 0.1; keys [ and ]</span>
    </Cell>
  )
}
