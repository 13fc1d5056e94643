import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { ACTS, type Act } from '../../deck/acts'
import { clocksOf, type Clock } from '../../deck/clocks'
import type { PadState } from '../../deck/PadButton'
import { sailedOf } from '../../deck/live/sailed'
import type { Mark } from '../../deck/live/BackTo'
import { useLive } from '../../deck/live/useLive'
import { padsOf, type Pad } from '../../deck/pads'
import type { Next } from '../../deck/SetNext'
import { isSimulated } from '../../deck/gauges'
import { deckOf, instrumentsOf, type CueAnswer } from '../../deck/queries'
import type { ToClear } from '../../deck/StrikeCard'
import { clockOf } from '../../clock/model'
import { lineOf } from '../../draft/model'
import { useEditor } from '../../draft/useEditor'
import { useSolved } from '../../draft/useSolved'
import { useTurns } from '../../spread/turn/useTurns'
import type { Sailed } from '../../strikes/fold/model'
import type { Strike } from '../../strikes/useDay'
import { useAddress } from '../../shared/useAddress'
import { useUnits } from '../../units/UnitsContext'
import { keyName } from '../keys'
import { useStrikeReports } from '../spread/useStrikeReports'
import { useTrip } from '../useTrip'
import type { Loaded } from '../WithSpread'
import { useOwnPosition } from './useOwnPosition'
import { useSecond } from './useSecond'

/** Turns are watched at the radius the orders are worked out for (m). */
const RADIUS_M = 40
/** Between two ticks, and a little more (ms). */
const TICK_MS = 1200
/** A circle in which most spreads stand (m). */
const WIDE_M = 120
/** So many of the last strikes are offered to come back over. */
const MOST_MARKS = 3
/** A tap means a strike again after so long without one (ms): nobody remembers another meaning with a fish on. */
const BACK_TO_STRIKE_MS = 30_000

/** Why a line comes in, in as many words as are read with a fish on. */
const CLEARING = {
  NEARER: 'nearer',
  TWIN: 'level',
  FAR_CENTRE: 'crossed by it',
  COMES_ACROSS: 'swings across',
  ALL_IN: 'your way: all in',
  FLOATS: 'floats',
  STAYS: 'stays',
} as const

/** All that the deck shows and reports, whatever screen it is on. */
export type DeckState = ReturnType<typeof useDeck>

export function useDeck({ boat, gear, gearStamp, kept }: Loaded) {
  const editor = useEditor(kept)
  const { draft } = editor.doc
  const solving = useSolved(boat.boatId, draft, gearStamp)
  const { turns, round } = useTurns(boat.boatId, solving.asked, RADIUS_M, gearStamp)
  const trip = useTrip(boat, true)
  const second = useSecond()
  const told = useQuery(deckOf(boat.boatId, kept.spreadId))
  const deck = told.data
  const heard = useQuery(instrumentsOf(boat.boatId, draft.speedThroughWaterMps))
  const own = useOwnPosition(boat.boatId, second)
  const reports = useStrikeReports(boat, gear, trip, editor)
  // What was reported since the last tick has happened: nobody waits a second to see it.
  const newest = Date.parse(reports.day.standing.at(-1)?.happenedAt ?? '') || 0
  const now = trip.live ? Math.max(second, Math.min(newest, second + TICK_MS)) : trip.at
  const units = useUnits()
  const [chosen, setChosen] = useState<{ act: Act; at: number }>({ act: ACTS[0]!, at: 0 })
  const [cued, setCued] = useState<Pad | null>(null)

  const lines = useMemo(
    () =>
      (solving.solved?.lines ?? []).filter((line) => draft.lines.some((one) => one.lineId === line.lineId)),
    [solving.solved, draft],
  )
  const pads = useMemo(() => padsOf(lines), [lines])
  const day = useMemo(() => reports.day.at(now), [reports.day, now])
  const outSince = new Map(
    [...day.lines]
      .filter(([, stretch]) => stretch.state === 'OUT' || stretch.state === 'FIGHTING')
      .map(([line, stretch]) => [line, stretch.from]),
  )
  const out = useMemo(
    () => [...day.lines].flatMap(([line, { state }]) => (state === 'OUT' ? [line] : [])).sort(),
    [day.lines],
  )
  const isHeard = trip.live && ((heard.data?.sources.length ?? 0) > 0 || own.on)
  const [practised, setPractised] = useState<ReadonlyMap<string, Sailed>>(new Map())
  const seen = (one: Strike): Strike => {
    const sailed = one.sailed ?? practised.get(one.factId)
    return sailed ? { ...one, sailed } : one
  }
  const [params, put] = useAddress()
  const marks = reports.strikes.map(seen).flatMap((one): Mark[] => {
    const place = one.placed ?? one.sailed ?? one.lureAt
    if (!place || Date.parse(one.happenedAt) > now + TICK_MS) return []
    const { latitudeDeg, longitudeDeg } = place
    const words = `${one.label}, ${clockOf(Date.parse(one.happenedAt), trip.place.timeZone)}`
    return [{ factId: one.factId, lineId: one.lineId, words, latitudeDeg, longitudeDeg }]
  })
  const mark = marks.find(({ factId }) => factId === params.get('back')) ?? null
  const back = mark && {
    latitudeDeg: mark.latitudeDeg,
    longitudeDeg: mark.longitudeDeg,
    lineId: mark.lineId,
    // Until it is known in which circle nothing meets, a wide one.
    portRadiusM: round?.port.radiusM ?? WIDE_M,
    starboardRadiusM: round?.starboard.radiusM ?? WIDE_M,
  }
  const live = useLive(boat.boatId, isHeard ? solving.asked : null, out, back, own.on ? own.fix : null)
  const meant = second - chosen.at > BACK_TO_STRIKE_MS ? ACTS[0]! : chosen.act
  // With every line out there is nothing left to set.
  const act = meant.kind === 'SET' && pads.every((pad) => outSince.has(pad.lineId)) ? ACTS[0]! : meant
  const labelOf = (lineId: string) => pads.find((pad) => pad.lineId === lineId)?.label ?? '…'
  const stateOf = (lineId: string) => day.lines.get(lineId)?.state ?? 'UNKNOWN'
  const setting = (turns?.setting ?? []).filter((step) => !outSince.has(step.lineId))
  const states = new Map(
    pads.map((pad): [string, PadState] => {
      const line = lines.find((one) => one.lineId === pad.lineId)!
      const tied = lineOf(editor.doc, pad.lineId)
      const lure = gear.lures.find((item) => item.gearId === tied?.tackle[0]?.lureGearId)
      const depthM = line.tow.depthM ?? 0
      const depth = depthM < 0.05 ? 'surface' : units.say('distance', depthM)
      const order = act.kind === 'SET' ? setting.findIndex((step) => step.lineId === pad.lineId) + 1 : 0
      return [
        pad.lineId,
        {
          now: stateOf(pad.lineId),
          lure: lure?.name ?? 'nothing tied',
          letOut: units.say('distance', tied?.letOutM ?? 0),
          depth,
          key: pad.code ? keyName(pad.code) : '',
          ...(order > 0 && { order }),
        },
      ]
    }),
  )

  const sailedNow = (lineId: string) =>
    trip.live && live && !live.old ? sailedOf(lineId, live.now, heard.data) : undefined
  const strikeOn = async (lineId: string, label: string) => {
    const sailed = sailedNow(lineId)
    // Where a boat that is not there was is no fact: it serves to practise with, and goes with the page.
    const invented = heard.data !== undefined && isSimulated(heard.data)
    const factId = await reports.strike(lineId, label, invented ? undefined : sailed)
    if (invented && sailed) setPractised((all) => new Map(all).set(factId, sailed))
  }
  const strike = (pad: Pad) => {
    setChosen({ act: ACTS[0]!, at: second })
    own.keep()
    void strikeOn(pad.lineId, pad.label)
  }
  const tap = (pad: Pad) => {
    setChosen({ act, at: second })
    if (act.kind === 'STRUCK') return strike(pad)
    if (act.kind === 'CUED') return setCued(pad)
    void tell(act, pad)
  }
  const tell = ({ kind, words }: Act, { lineId, label }: Pick<Pad, 'lineId' | 'label'>) => {
    const letOutM = kind === 'SET' ? lineOf(editor.doc, lineId)?.letOutM : undefined
    return reports.tell(
      kind,
      { lineId, ...(letOutM !== undefined && { letOutM }) },
      `${words} ${label}`,
      label,
    )
  }
  const setAll = async () => {
    setChosen({ act: ACTS[0]!, at: second })
    for (const { lineId } of setting) await tell(act, { lineId, label: labelOf(lineId) })
  }
  const cue = ({ cue: kind, says }: CueAnswer) =>
    cued &&
    void reports.tell('CUED', { lineId: cued.lineId, cue: kind }, `${cued.label}: ${says}`, cued.label)
  const done = ({ routine }: Clock) =>
    void reports.tell('TENDED', { routine: routine.name }, `Done: ${routine.name}`)

  const on = reports.strikes
    .map(seen)
    .filter((one) => one.outcome === 'OPEN' && Date.parse(one.happenedAt) <= now + 1000)
  const clearFor = (one: Strike): { clear: ToClear[]; stay: string[] } => {
    const steps = turns?.clearing.find(({ struckLineId }) => struckLineId === one.lineId)?.steps ?? []
    return {
      clear: steps
        .filter((step) => step.clear)
        .map((step) => ({
          lineId: step.lineId,
          label: labelOf(step.lineId),
          isIn: stateOf(step.lineId) === 'IN',
          words: CLEARING[step.reason],
        })),
      stay: steps.filter((step) => !step.clear).map((step) => labelOf(step.lineId)),
    }
  }
  return {
    ...{ boat, deck, trip, now, pads, states, act, tap, strike, day, on, clearFor, reports, labelOf },
    live,
    marks: marks.slice(-MOST_MARKS).reverse(),
    mark,
    comeBack: (to: Mark | null) => put({ back: to?.factId ?? null }),
    strikeOn,
    named: new Map(
      pads.map(({ lineId, label }) => [
        lineId,
        {
          label,
          kind:
            gear.lures.find(({ gearId }) => gearId === lineOf(editor.doc, lineId)?.tackle[0]?.lureGearId)
              ?.kind ?? '',
        },
      ]),
    ),
    error: told.error,
    bare: draft.lines.length === 0,
    instruments: heard.data,
    /** How long ago that was answered (s): without a link it grows old. */
    lateS: Math.max(0, (second - heard.dataUpdatedAt) / 1000),
    own,
    askInstruments: () => void heard.refetch(),
    ...{ cued, setCued, cue, done, setAll },
    choose: (next: Act) => setChosen({ act: next, at: second }),
    clocks: deck ? clocksOf(deck.routines, reports.day.standing, now, outSince) : [],
    /** When the first of the lines that are out went out (ms). */
    since: outSince.size > 0 ? Math.min(...outSince.values()) : null,
    toSet: setting.map((step): Next => ({
      lineId: step.lineId,
      label: labelOf(step.lineId),
      steer: step.steer
        ? `Alone: steer to ${step.steer === 'STARBOARD' ? 'starboard' : 'port'} while it goes out${
            step.clearsM === undefined ? '' : `, clear by ${units.say('distance', Math.round(step.clearsM))}`
          }. Kill cord on, lifejacket on, and someone ashore knows the plan.`
        : null,
    })),
    isOut: (line: Next) => {
      setChosen({ act: ACTS[1]!, at: second })
      void tell(ACTS[1]!, line)
    },
    speedMps: draft.speedThroughWaterMps,
  }
}
