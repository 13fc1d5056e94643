import { useCallback, useState } from 'react'
import { changed } from '../../draft/change'
import { type Boat, type Gear } from '../../draft/queries'
import type { Editor } from '../../draft/useEditor'
import {
  countStock,
  eveningCalendar,
  type BenchLine,
  type Change,
  type Goods,
  type RigAsk,
} from '../../rig/queries'
import type { Rigging } from '../../rig/useRig'
import type { Problem } from '../../shared/api/client'
import { download } from '../../shared/download'
import { saySentence } from '../../units/sentence'
import { useUnits } from '../../units/UnitsContext'
import type { TripOfDay } from '../useTrip'
import type { Tab } from './RigTabs'
import { usePartActions, useWays } from './useBench'
import type { useTicks } from './useTicks'

/** What the bench stands on. */
export interface BenchProps {
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
}

/** The line on the bench, and all that is done to it. */
export type OnBench = ReturnType<typeof useOnBench>

export function useOnBench(props: BenchProps) {
  const { boat, gear, editor, trip, line, rigging, asked } = props
  const units = useUnits()
  const [part, setPart] = useState<number | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const aboard = { holders: boat.holders, gear }
  const ways = useWays(boat.boatId, editor, aboard, rigging.again)
  const { edit, preview, settle } = editor
  const live = useCallback(
    (change: Parameters<Editor['edit']>[0], settled: boolean) => {
      preview(change)
      if (settled) settle()
    },
    [preview, settle],
  )
  /** What could not be kept is said; nothing fails in silence. */
  const kept = (work: Promise<unknown>, otherwise: string) =>
    void work.then(
      () => setProblem(null),
      () => setProblem(`${otherwise} Try again when the server is back.`),
    )
  const count = async (item: Goods, amount: number | undefined) => {
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
  return {
    ...props,
    rig: rigging.rig!,
    zone: trip.place.timeZone,
    /** The same line as it is drafted. */
    drafted: editor.doc.draft.lines.find((one) => one.lineId === line.lineId),
    ...{ part, setPart, problem, ways, live, kept },
    act: usePartActions(editor, line.lineId, gear),
    mend: (changes: readonly Change[]) => edit((doc) => changed(doc, changes, aboard)),
    count: (item: Goods, amount: number | undefined) => void count(item, amount),
    calendar: () =>
      kept(
        eveningCalendar(boat.boatId, asked).then((text) =>
          download(text, `moss-wake-evening-${trip.date}.ics`, 'text/calendar'),
        ),
        'The calendar was not made.',
      ),
  }
}
