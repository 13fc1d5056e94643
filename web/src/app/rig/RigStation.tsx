import { Suspense, useCallback, useMemo, useState } from 'react'
import { useNavigate } from 'react-router'
import { dayInWords } from '../../clock/model'
import { useRig } from '../../rig/useRig'
import { later } from '../../shared/later'
import { Button } from '../../shared/ui/Button'
import { useAddress } from '../../shared/useAddress'
import { useEditor } from '../../draft/useEditor'
import { useSaving } from '../../draft/useSaving'
import { FoldedDay } from './FoldedDay'
import { Frame } from '../Frame'
import { SpreadConflict } from '../SpreadConflict'
import { useKeys } from '../keys'
import { RigBar } from './RigBar'
import { TABS } from './RigTabs'
import { Bench } from './Bench'
import { useAsk } from './useBench'
import { useTicks } from './useTicks'
import { useTrip } from '../useTrip'
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
