import { useQuery } from '@tanstack/react-query'
import { actOf, ACTS } from '../../deck/acts'
import { clocksOf } from '../../deck/clocks'
import type { Pad } from '../../deck/pads'
import type { Next } from '../../deck/SetNext'
import { deckOf, instrumentsOf } from '../../deck/queries'
import { usePracticeDay } from '../../deck/practice/usePracticeDay'
import { useEditor } from '../../draft/useEditor'
import { useSolved } from '../../draft/useSolved'
import { useTurns } from '../../spread/turn/useTurns'
import type { Strike } from '../../strikes/useDay'
import { sources } from '../../shared/device'
import { useUnits } from '../../units/UnitsContext'
import { useStrikeReports } from '../spread/useStrikeReports'
import { useTrip } from '../useTrip'
import type { Loaded } from '../WithSpread'
import { clearingFor, settingOf } from './orders'
import { namedOf, padStatesOf } from './padStates'
import { useAct } from './useAct'
import { useArriving, useChange } from './useChange'
import { useLinesOut } from './useLinesOut'
import { useOnTheWater } from './useOnTheWater'
import { useOwnPosition } from './useOwnPosition'
import { usePractice } from './usePractice'
import { TICK_MS, useSecond } from './useSecond'
import { useTelling } from './useTelling'

/** Turns are watched at the radius the orders are worked out for (m). */
const RADIUS_M = 40

/** All that the deck shows and reports, whatever screen it is on. */
export type DeckState = ReturnType<typeof useDeck>

export function useDeck({ boat, gear, gearStamp, kept, titles }: Loaded) {
  const editor = useEditor(kept)
  const { draft } = editor.doc
  const solving = useSolved(boat.boatId, draft, gearStamp)
  const { turns, round } = useTurns(boat.boatId, solving.asked, RADIUS_M, gearStamp)
  const trip = useTrip(boat, true)
  const second = useSecond()
  const told = useQuery(deckOf(boat.boatId, kept.spreadId))
  const deck = told.data
  const heard = useQuery(instrumentsOf(boat.boatId, draft.speedThroughWaterMps))
  const own = useOwnPosition(boat.boatId, second, usePracticeDay(boat.boatId) === null)
  const reports = useStrikeReports(boat, gear, trip, editor)
  // What was reported since the last tick has happened: nobody waits a second to see it.
  const newest = Date.parse(reports.day.standing.at(-1)?.happenedAt ?? '') || 0
  const now = trip.live ? Math.max(second, Math.min(newest, second + TICK_MS)) : trip.at
  const units = useUnits()
  const [meant, setMeant] = useAct()

  const { lines, pads, day, outSince, happened } = useLinesOut(solving.solved, draft, reports.day, now)
  const { strikes, strikeOn, ...water } = useOnTheWater({
    ...{ boat: boat.boatId, spread: kept.spreadId, draft: solving.asked, round, trip, now },
    ...{ lines: day.lines, reports },
    told: happened,
    instruments: heard.data,
    fix: own.on ? own.fix : undefined,
  })
  const practising = usePractice({
    ...{ boat, draft: solving.asked, out: outSince, told: happened, strikes },
    spread: kept.spreadId,
    speedMps: draft.speedThroughWaterMps,
  })
  // With every line out there is nothing left to set.
  const act = meant.kind === 'SET' && pads.every((pad) => outSince.has(pad.lineId)) ? ACTS[0]! : meant
  const labelOf = (lineId: string) => pads.find((pad) => pad.lineId === lineId)?.label ?? '…'
  const stateOf = (lineId: string) => day.lines.get(lineId)?.state ?? 'UNKNOWN'
  const setting = (turns?.setting ?? []).filter((step) => !outSince.has(step.lineId))
  const states = padStatesOf(
    pads,
    lines,
    { doc: editor.doc, gear, units },
    stateOf,
    act.kind === 'SET' ? setting : [],
  )
  const strike = (pad: Pad) => {
    setMeant(ACTS[0]!)
    own.keep()
    void strikeOn(pad.lineId, pad.label)
  }
  const { tell, tap, tellAll, cued, setCued, cue, done, lureOf } = useTelling(editor.doc, reports, {
    act,
    setAct: setMeant,
    onStrike: strike,
  })
  const labelled = (of: readonly { lineId: string }[]) =>
    of.map(({ lineId }) => ({ lineId, label: labelOf(lineId) }))
  const setAll = () => {
    setMeant(ACTS[0]!)
    return tellAll(actOf('SET'), labelled(setting))
  }

  useArriving(pads.length > 0, (isOut) => {
    // The others are set next.
    const set = actOf('SET')
    setMeant(set)
    void tellAll(set, labelled(draft.lines.filter(({ lineId }) => isOut === 'ALL' || isOut.includes(lineId))))
  })
  const change = useChange({
    boat: boat.boatId,
    spread: kept.spreadId,
    draft,
    out: [...outSince.keys()],
    ...{ titles, trip, now },
    onIn: (lineId) => tell(actOf('CLEARED'), { lineId, label: labelOf(lineId) }),
  })

  const on = strikes.filter((one) => one.outcome === 'OPEN' && Date.parse(one.happenedAt) <= now + 1000)
  const clearFor = (one: Strike) =>
    clearingFor(turns, one.lineId, labelOf, (lineId) => stateOf(lineId) === 'IN')
  return {
    ...{ boat, deck, draft, trip, now, pads, states, act, tap, strike, day, on, clearFor, reports, labelOf },
    ...water,
    strikeOn,
    named: namedOf(pads, editor.doc, gear),
    spreadId: kept.spreadId,
    /** The day's facts that stand, by now. */
    told: happened,
    error: told.error,
    bare: draft.lines.length === 0,
    instruments: heard.data,
    /** How long ago that was answered (s): without a link it grows old. */
    lateS: Math.max(0, (sources.wall() - heard.dataUpdatedAt) / 1000),
    own,
    askInstruments: () => void heard.refetch(),
    ...{ cued, setCued, cue, done, setAll, change, practising },
    /** What was seen today of how its lure runs, the last first. */
    cuesOf: (pad: Pad) =>
      happened.filter(({ kind, payload }) => kind === 'CUED' && payload.gearId === lureOf(pad)).reverse(),
    choose: setMeant,
    clocks: deck ? clocksOf(deck.routines, reports.day.standing, now, outSince) : [],
    /** When the first of the lines that are out went out (ms). */
    since: outSince.size > 0 ? Math.min(...outSince.values()) : null,
    toSet: settingOf(setting, labelOf, units),
    isOut: (line: Next) => {
      setMeant(actOf('SET'))
      void tell(actOf('SET'), line)
    },
    speedMps: draft.speedThroughWaterMps,
    /** What a change of the spread is made with. */
    moving: { boat, gear, trip: trip.trip?.tripId, editor, reports, labelOf, facts: happened.length },
  }
}
