import { Suspense, useCallback, useMemo, useState } from 'react'
import { useNavigate } from 'react-router'
import { dayInWords } from '../../clock/model'
import { BaitDrawing } from '../../rig/BaitDrawing'
import { ChainStage } from '../../rig/ChainStage'
import { ChainTable } from '../../rig/ChainTable'
import { DragBar } from '../../rig/DragBar'
import { Findings } from '../../rig/Findings'
import { MarksPanel, StrikePanel } from '../../rig/Figures'
import { Goods } from '../../rig/Goods'
import { PartStrip } from '../../rig/PartStrip'
import {
  countStock,
  eveningCalendar,
  type BenchLine,
  type Change,
  type Goods as GoodsItem,
  type RigAsk,
} from '../../rig/queries'
import { Tonight } from '../../rig/Tonight'
import { useRig, type Rigging } from '../../rig/useRig'
import { WaysPanel } from '../../rig/WaysPanel'
import { download } from '../../shared/download'
import type { Problem } from '../../shared/api/client'
import { later } from '../../shared/later'
import { Button } from '../../shared/ui/Button'
import { useAddress } from '../../shared/useAddress'
import { setRig } from '../../draft/bench'
import { changed } from '../../draft/change'
import { isLead, setDrag, setPiece } from '../../draft/model'
import type { Boat, Gear } from '../../draft/queries'
import { TieAs } from '../../spread/strip/TieAs'
import { useEditor, type Editor } from '../../draft/useEditor'
import { useSaving } from '../../draft/useSaving'
import { FoldedDay } from './FoldedDay'
import { Frame } from '../Frame'
import { SpreadConflict } from '../SpreadConflict'
import { saySentence } from '../../units/sentence'
import { useUnits } from '../../units/UnitsContext'
import { useKeys } from '../keys'
import { RigBar } from './RigBar'
import { Baits, TAB_WORDS, Tabs, TABS, type Tab } from './RigTabs'
import { useAsk, usePartActions, useWays } from './useBench'
import { useTicks } from './useTicks'
import { useTrip, type TripOfDay } from '../useTrip'
import type { Loaded } from '../WithSpread'

const RigNumbersSheet = later(() =>
  import('../../rig/RigNumbersSheet').then((module) => module.RigNumbersSheet),
)

/** The bench: what is tied for each line, how strong it is, and what must be done before the day. */
export function RigStation({ boat, boats, gear, gearStamp, titles, kept }: Loaded) {
  const editor = useEditor(kept)
  const saving = useSaving(boat.boatId, editor)
  const trip = useTrip(boat)
  const [params, put] = useAddress()
  const [fishKg, setFishKg] = useState<number>()
  const deadText = params.get('baits')
  const deadBaits = deadText === null ? undefined : Number(deadText)
  const wanted = useMemo(
    () => ({ fishKg, deadBaits: Number.isInteger(deadBaits) ? deadBaits : undefined }),
    [fishKg, deadBaits],
  )
  const asked = useAsk(boat.boatId, editor, trip, wanted)
  const rigging = useRig(boat.boatId, asked, String(gearStamp))
  const ticks = useTicks(boat.boatId, kept.spreadId, rigging.rig)
  const lines = rigging.rig?.lines ?? []
  const line = lines.find((one) => one.lineId === params.get('line')) ?? lines[0]
  const tab = TABS.find((one) => one === params.get('tab')) ?? 'tonight'
  const table = params.get('view') === 'table'
  const [numbers, setNumbers] = useState(false)
  const go = useNavigate()
  const print = (card: string) => void go(`/boats/${boat.boatId}/print/${kept.spreadId}?card=${card}`)
  const choose = useCallback((lineId: string) => put({ line: lineId }), [put])
  const next = (by: number) => {
    const at = lines.findIndex((one) => one.lineId === line?.lineId)
    const other = lines[(at + by + lines.length) % lines.length]
    if (other) choose(other.lineId)
  }

  useKeys({
    KeyT: () => put({ view: table ? null : 'table' }),
    KeyK: () => next(1),
    KeyJ: () => next(-1),
    KeyP: () => print('rig'),
    'Ctrl+KeyZ': editor.undo,
    'Ctrl+Shift+KeyZ': editor.redo,
    'Ctrl+KeyS': () => void saving.save(),
  })

  return (
    <Frame boat={boat} boats={boats} words={`${dayInWords(trip.date)}, ${trip.place.name}`}>
      <FoldedDay trip={trip} rig={rigging.rig} ticked={ticks.ticked} />
      <RigBar
        {...{ editor, titles, lines, table }}
        chosen={line?.lineId ?? null}
        saving={saving.busy}
        onChoose={choose}
        onOpen={(spreadId) => void go(`/boats/${boat.boatId}/rig/${spreadId}`)}
        onSave={() => void saving.save()}
        onTable={() => put({ view: table ? null : 'table' })}
        onNumbers={() => setNumbers(true)}
        onPrint={print}
      />
      {(saving.problem ?? rigging.problem) && (
        <p role="alert" className="shrink-0 border-b-2 border-rust px-4 py-1.5">
          {saving.problem ?? rigging.problem?.said.join(' ')}{' '}
          {rigging.problem && editor.canUndo && (
            <Button small onClick={editor.undo}>
              Undo
            </Button>
          )}
        </p>
      )}
      {line ? (
        <Bench
          key={line.lineId}
          {...{ boat, gear, editor, trip, line, rigging, ticks, asked, tab, table, wanted }}
          onTab={(to) => put({ tab: to === 'tonight' ? null : to })}
          onFish={setFishKg}
          onBaits={(count) => put({ baits: String(count) })}
        />
      ) : (
        <main className="p-8">
          {rigging.rig && (
            <>
              <h1 className="mb-2 text-xl font-bold">No lines to rig yet</h1>
              <p className="mb-4">Add lines on Spread, or let the plan call them.</p>
              <Button tone="strong" onClick={() => void go(`/boats/${boat.boatId}/spread/${kept.spreadId}`)}>
                To the spread
              </Button>
            </>
          )}
        </main>
      )}
      <Suspense fallback={null}>
        {numbers && (
          <RigNumbersSheet
            boat={boat.boatId}
            open
            onClose={() => setNumbers(false)}
            onChanged={rigging.again}
          />
        )}
        <SpreadConflict {...{ saving, editor, boat, gear }} />
      </Suspense>
    </Frame>
  )
}

/** The chosen line: drawing, window, lists, and what the bench says. */
function Bench({
  boat,
  gear,
  editor,
  trip,
  line,
  rigging,
  ticks,
  asked,
  tab,
  table,
  wanted,
  onTab,
  onFish,
  onBaits,
}: {
  boat: Boat
  gear: Gear
  editor: Editor
  trip: TripOfDay
  line: BenchLine
  rigging: Rigging
  ticks: ReturnType<typeof useTicks>
  asked: RigAsk
  tab: Tab
  table: boolean
  wanted: { fishKg: number | undefined; deadBaits: number | undefined }
  onTab(tab: Tab): void
  onFish(kg: number): void
  onBaits(count: number): void
}) {
  const rig = rigging.rig!
  const units = useUnits()
  const [part, setPart] = useState<number | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const act = usePartActions(editor, line.lineId, gear)
  const ways = useWays(boat.boatId, editor, { holders: boat.holders, gear }, rigging.again)
  const drafted = editor.doc.draft.lines.find((one) => one.lineId === line.lineId)
  const { edit, preview, settle } = editor
  const live = useCallback(
    (change: Parameters<Editor['edit']>[0], settled: boolean) => {
      preview(change)
      if (settled) settle()
    },
    [preview, settle],
  )
  const mend = (changes: readonly Change[]) =>
    edit((doc) => changed(doc, changes, { holders: boat.holders, gear }))
  /** What could not be kept is said; nothing fails in silence. */
  const kept = (work: Promise<unknown>, otherwise: string) =>
    work.then(
      () => setProblem(null),
      () => setProblem(`${otherwise} Try again when the server is back.`),
    )
  const count = async (item: GoodsItem, amount: number | undefined) => {
    const body = { item: item.key, version: item.version, ...(amount !== undefined && { amount }) }
    await countStock(boat.boatId, body).then(
      () => setProblem(null),
      (error: Problem) =>
        setProblem(
          error.status === 409
            ? `${saySentence(item.words, units, 'UTC')} was counted elsewhere meanwhile: that count is shown. Yours, ${amount ?? 'none'}, was not kept; type it again to set it.`
            : `The count was not kept. ${error.said.join(' ')}`,
        ),
    )
    rigging.again()
  }
  const calendar = () =>
    kept(
      eveningCalendar(boat.boatId, asked).then((text) =>
        download(text, `moss-wake-evening-${trip.date}.ics`, 'text/calendar'),
      ),
      'The calendar was not made.',
    )
  const itemOf = (piece: number) => {
    const tied = drafted?.tackle[piece]
    return tied && { ...tied, footChosen: tied.foot !== undefined }
  }
  const lures = gear.lures.filter((lure) => !isLead(lure.kind))
  const zone = trip.place.timeZone
  return (
    <main className="flex min-h-0 flex-1 max-md:flex-col">
      <div className="flex min-w-0 flex-1 flex-col max-md:contents">
        {table ? (
          <div
            className="min-h-0 flex-1 overflow-y-auto px-4 py-2"
            tabIndex={0}
            role="region"
            aria-label="The chain in rows"
          >
            <ChainTable line={line} />
          </div>
        ) : (
          <div className="flex min-h-64 flex-[6] flex-col max-md:h-80 max-md:flex-none">
            <ChainStage
              line={line}
              selected={part}
              onSelect={setPart}
              onStretch={(piece, lengthM, settled) =>
                live((doc) => setPiece(doc, line.lineId, piece, { lengthM }), settled)
              }
              onDrop={act.add}
            />
          </div>
        )}
        <PartStrip
          bench={line}
          part={part === null ? undefined : line.parts[part]}
          pieces={drafted?.tackle.length ?? 0}
          itemOf={itemOf}
          lines={gear.lines}
          weights={gear.lures}
          lures={lures}
          reels={gear.reels}
          scents={rig.lines.flatMap((one) => one.scent ?? [])}
          act={act}
        />
        <DragBar
          line={line}
          onSet={(newtons, settled) => live((doc) => setDrag(doc, line.lineId, newtons), settled)}
        />
        <Tabs tab={tab} onTab={onTab} bait={line.bait !== undefined} />
        <div
          className="min-h-40 flex-[4] overflow-y-auto bg-shade/60 px-4 py-2 max-md:order-3 max-md:flex-none"
          tabIndex={0}
          role="tabpanel"
          aria-label={TAB_WORDS[tab]}
        >
          {(problem ?? ticks.problem) && (
            <p role="alert" className="border-l-4 border-rust pl-2">
              {problem ?? ticks.problem}
            </p>
          )}
          {tab === 'tonight' && (
            <>
              <Baits rig={rig} wanted={wanted.deadBaits} onBaits={onBaits} />
              <Tonight
                rig={rig}
                ticked={ticks.ticked}
                timeZone={zone}
                onTick={(task, done) => void ticks.set(task, done)}
                onCalendar={() => void calendar()}
              />
            </>
          )}
          {tab === 'goods' && <Goods rig={rig} onCount={(item, amount) => void count(item, amount)} />}
          {tab === 'bait' &&
            (line.bait ? (
              <BaitDrawing bait={line.bait} act={act.bait} />
            ) : (
              <p className="text-slate">
                {`${line.label} carries a lure: ${line.hookCount === 1 ? 'one hook' : `${line.hookCount} hooks`}. Choose its hooks on the drawing; a bait is chosen as the line's lure.`}
              </p>
            ))}
          {tab === 'marks' && (
            <MarksPanel line={line} onMarks={(marks) => edit((doc) => setRig(doc, line.lineId, { marks }))} />
          )}
          {tab === 'strike' && <StrikePanel line={line} fishKg={rig.fishKg} onFish={onFish} />}
          {tab === 'ways' && (
            <WaysPanel
              line={line}
              schools={ways.schools}
              onTake={(school, side, by) => void kept(ways.take(school, side, by), 'The side was not kept.')}
            />
          )}
        </div>
      </div>
      <aside
        className="flex w-[300px] shrink-0 flex-col gap-3.5 overflow-y-auto border-l border-ink/20 py-3.5 max-md:order-1 max-md:w-auto max-md:border-l-0"
        aria-label="What the bench says"
      >
        {drafted && (
          <div className="px-3">
            <TieAs boat={boat.boatId} line={drafted} editor={editor} />
          </div>
        )}
        <Findings line={line} timeZone={zone} onMend={mend} />
      </aside>
    </main>
  )
}
