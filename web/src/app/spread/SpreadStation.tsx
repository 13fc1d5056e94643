import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Suspense, useCallback, useMemo, useState } from 'react'
import { useNavigate } from 'react-router'
import { DayLine } from '../../clock/DayLine'
import { clockOf, dayInWords, streamAt } from '../../clock/model'
import { dayOf, type Day as DayOfTrip } from '../../clock/queries'
import { sources } from '../../shared/device'
import { later } from '../../shared/later'
import { Button } from '../../shared/ui/Button'
import { useAddress } from '../../shared/useAddress'
import { changed } from '../../draft/change'
import { addLine, type Doc, freeHolders, MOST_LINES, removeLine, setSpeed } from '../../draft/model'
import type { Mend } from '../../draft/queries'
import { OriginNote } from '../../call/OriginNote'
import { RuleNote } from '../../call/RuleNote'
import { Orders } from '../../spread/turn/Orders'
import { TurnNote } from '../../spread/turn/TurnNote'
import { SpreadBar } from '../../spread/SpreadBar'
import { Stage } from '../../spread/stage/Stage'
import { useLineHandling } from '../../spread/stage/useLineHandling'
import { Strip } from '../../spread/strip/Strip'
import { useEditor } from '../../draft/useEditor'
import { useSaving } from '../../draft/useSaving'
import { useSolved } from '../../draft/useSolved'
import { WhyColumn } from '../../spread/why/WhyColumn'
import { useUnits } from '../../units/UnitsContext'
import { fromSi, toSi } from '../../units/model'
import { Frame } from '../Frame'
import { useKeys } from '../keys'
import { newSpread } from './newSpread'
import { Strikes } from './Strikes'
import { useStrikeReports } from './useStrikeReports'
import { useRefill } from './useRefill'
import { useTrip } from '../useTrip'
import type { Loaded } from '../WithSpread'
import { useTurning } from './useTurning'

const Conflict = later(() => import('../../draft/Conflict').then((module) => module.Conflict))
const GearSheet = later(() => import('../../spread/gear/GearSheet').then((module) => module.GearSheet))
const CalibrationSheet = later(() =>
  import('../../spread/calibration/CalibrationSheet').then((module) => module.CalibrationSheet),
)
const WaterSheet = later(() => import('../../spread/water/WaterSheet').then((module) => module.WaterSheet))
const HelmStage = later(() => import('../../spread/helm/HelmStage').then((module) => module.HelmStage))
const TableTwin = later(() => import('../../spread/TableTwin').then((module) => module.TableTwin))

/** What goes where, and how deep it runs. */
export function SpreadStation({ boat, boats, gear, gearStamp, titles, kept }: Loaded) {
  const editor = useEditor(kept)
  const saving = useSaving(boat.boatId, editor)
  const solving = useSolved(boat.boatId, editor.doc.draft, gearStamp)
  const trip = useTrip(boat)
  const day = useDay(trip)
  const { building, refill } = useRefill(boat.boatId, trip, editor)
  const units = useUnits()
  const queries = useQueryClient()
  const go = useNavigate()
  const [params, put] = useAddress()
  const [sheet, setSheet] = useState<'gear' | 'water' | 'seen' | null>(null)
  const view = params.get('view')
  const table = view === 'table'
  const lines = editor.doc.draft.lines
  const chosen = params.get('line')
  const selected = lines.some((line) => line.lineId === chosen) ? chosen : (lines[0]?.lineId ?? null)

  const select = useCallback((lineId: string) => put({ line: lineId }), [put])
  const handling = useLineHandling(editor, boat, gear, select)
  // The drawing shows what was asked together with its answer; the strip is ahead of it by one answer at most.
  const drawn = useMemo<Doc>(
    () => ({ name: '', draft: solving.asked ?? kept.draft }),
    [solving.asked, kept.draft],
  )
  const present = lines.map((line) => line.lineId).join(' ')
  const solved = useMemo(
    () => (solving.solved?.lines ?? []).filter((line) => present.includes(line.lineId)),
    [solving.solved, present],
  )
  const label = useCallback(
    (lineId: string) => solved.find((line) => line.lineId === lineId)?.label ?? '…',
    [solved],
  )
  const add = useCallback(() => {
    const lineId = sources.uuid()
    editor.edit((doc) => addLine(doc, lineId, boat.holders, gear))
    select(lineId)
  }, [boat.holders, editor, gear, select])
  const { edit, dragging } = editor
  const turn = useTurning(editor, solving, { boat, gear, gearStamp }, selected, [params, put])
  const mend = useCallback(
    (by: Mend) => edit((doc) => changed(doc, by.changes, { holders: boat.holders, gear })),
    [edit, boat.holders, gear],
  )
  // While a lure is dragged the strip follows the drawing, so that a move costs one change of the page and not two.
  const shown = dragging && solving.asked ? drawn : editor.doc
  const strip = useMemo(() => ({ doc: shown, edit }), [shown, edit])
  const removed = useCallback(() => put({ line: null }), [put])
  const nudge = (by: number) => {
    const unit = units.unit('speed')
    const now = fromSi(editor.doc.draft.speedThroughWaterMps, unit)
    editor.edit((doc) => setSpeed(doc, toSi(Math.round((now + by) * 100) / 100, unit)))
  }
  const reports = useStrikeReports(boat, gear, trip, editor)
  const marks = useMemo(
    () => reports.strikes.map((s) => ({ at: Date.parse(s.happenedAt), label: s.label })),
    [reports.strikes],
  )
  const open = (spreadId: string) => void go(`/boats/${boat.boatId}/spread/${spreadId}`)
  const make = async (copy: boolean) => {
    const name = copy ? `${editor.doc.name}, copy`.slice(0, 60) : 'New spread'
    open(await newSpread(boat.boatId, queries, name, copy ? editor.doc.draft : undefined))
  }
  const chosenLine = lines.find((line) => line.lineId === selected)
  const canAdd = lines.length < MOST_LINES && freeHolders(editor.doc, boat.holders, gear).length > 0

  useKeys({
    KeyN: add,
    KeyC: () => selected && turn.toggleOrder('clear'),
    KeyO: () => turn.toggleOrder('set'),
    KeyT: () => put({ view: table ? null : 'table' }),
    KeyX: () => selected && void reports.strike(selected, label(selected)),
    Delete: () => selected && editor.edit((doc) => removeLine(doc, selected)),
    BracketLeft: () => nudge(-0.1),
    BracketRight: () => nudge(0.1),
    'Ctrl+KeyZ': editor.undo,
    'Ctrl+Shift+KeyZ': editor.redo,
    'Ctrl+KeyS': () => void saving.save(),
  })

  return (
    <Frame boat={boat} boats={boats} words={`${dayInWords(trip.date)}, ${trip.place.name}`}>
      <Day day={day} trip={trip} marks={marks} />
      <SpreadBar
        editor={editor}
        titles={titles}
        saving={saving.busy}
        table={table}
        onAdd={canAdd ? add : undefined}
        onOpen={open}
        onNew={() => void make(false)}
        onCopy={() => void make(true)}
        onSave={() => void saving.save()}
        onRevert={() => editor.reload(editor.base)}
        onTable={() => put({ view: table ? null : 'table' })}
        onGear={() => setSheet('gear')}
        onWater={() => setSheet('water')}
        onRefill={building.share === null ? refill : undefined}
        onSetting={() => turn.toggleOrder('set')}
        onClearing={selected ? () => turn.toggleOrder('clear') : undefined}
        order={turn.order}
      />
      {saving.problem && (
        <p role="alert" className="border-b-2 border-rust px-4 py-2">
          {saving.problem}
        </p>
      )}
      {building.share !== null && (
        <p className="flex items-center gap-3 border-b border-ink/20 px-4 py-1" role="status">
          Calling the lines that are not locked.
          <progress className="w-48" max={1} value={building.share} aria-label="Search" />
          <Button small onClick={building.cancel}>
            Cancel
          </Button>
        </p>
      )}
      {building.problem && (
        <p role="alert" className="border-b-2 border-rust px-4 py-1">
          {building.problem}
        </p>
      )}
      <main className="flex min-h-0 flex-1 max-md:flex-col">
        {table ? (
          <Suspense fallback={<div className="flex-1" />}>
            <TableTwin {...{ editor, boat, gear, solved, selected }} onSelect={select} />
          </Suspense>
        ) : view === 'helm' ? (
          <Suspense fallback={<div className="flex-1" />}>
            <HelmStage
              {...{ boat, gear, label }}
              doc={drawn}
              radiusM={turn.radiusM}
              onClose={() => put({ view: null })}
            />
          </Suspense>
        ) : (
          <div
            className="relative flex min-w-0 flex-1 flex-col"
            data-testid="drawing"
            aria-busy={drawn.draft !== editor.doc.draft}
          >
            <Stage
              {...{ boat, gear, selected, handling }}
              turns={turn.turns}
              turned={turn.turned}
              onTurn={turn.setTurned}
              {...(turn.numbers && { order: turn.numbers })}
              doc={drawn}
              solved={solving.solved}
              dragging={editor.dragging}
            />
            {lines.length === 0 && <Empty onAdd={add} />}
          </div>
        )}
        <WhyColumn
          solving={solving}
          lines={lines.length}
          timeZone={trip.place.timeZone}
          onMend={mend}
          onSelect={select}
          head={
            <>
              <Suspense fallback={null}>
                {turn.turns && turn.order && (
                  <Orders
                    {...{ label }}
                    turns={turn.turns}
                    kind={turn.order}
                    struck={selected}
                    onClose={() => turn.showOrder(null)}
                  />
                )}
              </Suspense>
              <TurnNote
                turning={turn.turning}
                label={label}
                boatM={boat.lengthM}
                radiusM={turn.radiusM}
                onRadius={turn.setRadiusM}
                onWiden={turn.widen}
                onHelm={() => put({ view: 'helm' })}
              />
              {solving.solved && (
                <OriginNote
                  boat={boat.boatId}
                  spread={kept.spreadId}
                  line={selected}
                  label={selected ? label(selected) : ''}
                  timeZone={trip.place.timeZone}
                />
              )}
              {solving.solved && <RuleNote boat={boat.boatId} day={trip.date} lines={lines.length} />}
            </>
          }
          foot={<Strikes reports={reports} trip={trip} lines={solved} />}
        />
      </main>
      <Strip
        {...{ boat, gear, selected, solved }}
        {...(solving.solved?.ground && { ground: solving.solved.ground })}
        editor={strip}
        onRemoved={removed}
        onSeen={() => setSheet('seen')}
      />
      <Suspense fallback={null}>
        {sheet === 'gear' && <GearSheet boat={boat.boatId} gear={gear} open onClose={() => setSheet(null)} />}
        {sheet === 'water' && (
          <WaterSheet
            editor={editor}
            engines={boat.engines}
            tide={streamOf(day, trip)}
            open
            onClose={() => setSheet(null)}
          />
        )}
        {chosenLine && sheet === 'seen' && (
          <CalibrationSheet
            boat={boat.boatId}
            gear={gear}
            line={chosenLine}
            label={label(chosenLine.lineId)}
            depthM={solved.find((line) => line.lineId === selected)?.tow.depthM ?? 1}
            speedMps={editor.doc.draft.speedThroughWaterMps}
            open
            onClose={() => setSheet(null)}
          />
        )}
        {saving.conflict && (
          <Conflict
            yours={editor.doc}
            theirs={saving.conflict}
            boat={boat}
            gear={gear}
            onKeepMine={() => void saving.keepMine()}
            onTakeTheirs={saving.takeTheirs}
            onClose={saving.decideLater}
          />
        )}
      </Suspense>
    </Frame>
  )
}

/** The light and tide of the day out. */
function useDay({ date, place }: ReturnType<typeof useTrip>) {
  return useQuery(dayOf(date, place)).data
}

function streamOf(day: DayOfTrip | undefined, { at, place }: ReturnType<typeof useTrip>) {
  const stream = day && streamAt(day, at)
  return stream ? { ...stream, when: clockOf(at, place.timeZone) } : null
}

function Day({
  day,
  trip,
  marks,
}: {
  day: DayOfTrip | undefined
  trip: ReturnType<typeof useTrip>
  marks: { at: number; label: string }[]
}) {
  if (!day) return <div className="h-16 shrink-0" />
  return <DayLine day={day} timeZone={trip.place.timeZone} at={trip.at} marks={marks} onMove={trip.setAt} />
}

function Empty({ onAdd }: { onAdd(): void }) {
  return (
    <div className="absolute inset-0 flex items-center justify-center">
      <div className="border-2 border-ink bg-foam p-6 text-center">
        <p className="mb-3 text-lg">No lines out yet.</p>
        <Button tone="strong" onClick={onAdd}>
          Add the first line
        </Button>
      </div>
    </div>
  )
}
