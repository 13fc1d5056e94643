import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useMemo, useState } from 'react'
import { useNavigate } from 'react-router'
import { dayOf } from '../../clock/queries'
import { changed } from '../../draft/change'
import { addLine, hinders, removeLine, setSpeed, type Doc } from '../../draft/model'
import type { Mend } from '../../draft/queries'
import { useAfter } from '../../draft/useAfter'
import { useEditor } from '../../draft/useEditor'
import { useSaving } from '../../draft/useSaving'
import { useSolved } from '../../draft/useSolved'
import { sources } from '../../shared/device'
import { useAddress } from '../../shared/useAddress'
import { useLineHandling } from '../../spread/stage/useLineHandling'
import { useUnits } from '../../units/UnitsContext'
import { fromSi, toSi } from '../../units/model'
import { useKeys } from '../keys'
import { useTrip } from '../useTrip'
import type { Loaded } from '../WithSpread'
import { newSpread } from './newSpread'
import { useRefill } from './useRefill'
import { useStrikeReports } from './useStrikeReports'
import { useTurning } from './useTurning'

export type SheetName = 'gear' | 'water' | 'seen' | 'line' | 'why' | 'day' | 'away'

/** All that the station shows and does, whatever screen it is on. */
export type SpreadState = ReturnType<typeof useSpread>

export function useSpread({ boat, boats, gear, gearStamp, titles, kept }: Loaded) {
  const editor = useEditor(kept)
  const saving = useSaving(boat.boatId, editor)
  const solving = useSolved(boat.boatId, editor.doc.draft, gearStamp)
  const trip = useTrip(boat)
  const day = useQuery(dayOf(trip.date, trip.place)).data
  const refilling = useRefill(boat.boatId, trip, editor)
  const queries = useQueryClient()
  const go = useNavigate()
  const [params, put] = useAddress()
  const [sheet, setSheet] = useState<SheetName | null>(null)
  const view = params.get('view')
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
  const { edit, dragging } = editor
  const hindered = hinders(editor.doc, boat.holders, gear)
  const [refused, setRefused] = useState(false)
  const add = useCallback(() => {
    const lineId = sources.uuid()
    setRefused(false)
    edit((doc) => addLine(doc, lineId, boat.holders, gear))
    select(lineId)
  }, [boat.holders, edit, gear, select])
  const turn = useTurning(editor, solving, { boat, gear, gearStamp }, selected, [params, put])
  const mend = useCallback(
    (by: Mend) => edit((doc) => changed(doc, by.changes, { holders: boat.holders, gear })),
    [edit, boat.holders, gear],
  )
  const [pointed, setPointed] = useState<Mend | null>(null)
  const after = useAfter(boat.boatId, editor.doc, pointed, { holders: boat.holders, gear })
  // While a lure is dragged the strip follows the drawing, so that a move costs one change of the page and not two.
  const shown = dragging && solving.asked ? drawn : editor.doc
  const strip = useMemo(() => ({ doc: shown, edit }), [shown, edit])
  const reports = useStrikeReports(boat, gear, trip, editor)
  const open = (spreadId: string) => void go(`/boats/${boat.boatId}/spread/${spreadId}`)
  const make = async (copy: boolean) => {
    const name = copy ? `${editor.doc.name}, copy`.slice(0, 60) : 'New spread'
    open(await newSpread(boat.boatId, queries, name, copy ? editor.doc.draft : undefined))
  }
  return {
    ...{ boat, boats, gear, titles, kept, editor, saving, solving, trip, day },
    ...refilling,
    ...{ view, put, sheet, setSheet, lines, selected, select, handling, drawn, solved, label },
    ...{ after, setPointed, turn, mend, strip, reports, open, make },
    /** Adds a line, or says why none can be. */
    add: hindered ? () => setRefused(true) : add,
    hindered: refused ? hindered : null,
    toMend: (at: 'box' | 'boat') => void go(`/boats/${boat.boatId}/${at}`),
    /** A view that takes the place of the drawing, or the drawing again where it is shown already. */
    toggle: (other: 'table' | 'helm') => put({ view: view === other ? null : other }),
    chosenLine: lines.find((line) => line.lineId === selected),
  }
}

export function useSpreadKeys(s: SpreadState) {
  const units = useUnits()
  const { editor, selected, turn } = s
  const nudge = (by: number) => {
    const unit = units.unit('speed')
    const now = fromSi(editor.doc.draft.speedThroughWaterMps, unit)
    editor.edit((doc) => setSpeed(doc, toSi(Math.round((now + by) * 100) / 100, unit)))
  }
  useKeys({
    KeyN: s.add,
    KeyC: () => selected && turn.toggleOrder('clear'),
    KeyO: () => turn.toggleOrder('set'),
    KeyT: () => s.toggle('table'),
    KeyH: () => s.toggle('helm'),
    KeyW: () => s.setSheet('water'),
    KeyG: () => s.setSheet('gear'),
    KeyX: () => selected && void s.reports.strike(selected, s.label(selected)),
    Delete: () => selected && editor.edit((doc) => removeLine(doc, selected)),
    BracketLeft: () => nudge(-0.1),
    BracketRight: () => nudge(0.1),
    'Ctrl+KeyZ': editor.undo,
    'Ctrl+Shift+KeyZ': editor.redo,
    'Ctrl+KeyS': () => void s.saving.save(),
  })
}
