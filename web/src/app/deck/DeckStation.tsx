import { useEffect, useState } from 'react'
import { ACTS } from '../../deck/acts'
import { ClockList } from '../../deck/ClockList'
import { GaugeStrip } from '../../deck/GaugeStrip'
import { BackTo } from '../../deck/live/BackTo'
import { MeetIt } from '../../deck/live/MeetIt'
import type { Up } from '../../deck/live/frame'
import { LiveStage } from '../../deck/live/LiveStage'
import { LiveTiles } from '../../deck/live/LiveTiles'
import type { LiveNow } from '../../deck/live/queries'
import { Signals } from '../../deck/practice/Signals'
import { OnCourse } from '../../deck/live/OnCourse'
import { Warnings } from '../../deck/live/Warnings'
import { Pads } from '../../deck/Pads'
import { PadRow } from '../../deck/PadRow'
import type { Instruments } from '../../deck/queries'
import { Lock } from '../../deck/Lock'
import { SetNext } from '../../deck/SetNext'
import { Big } from '../../deck/StrikeCard'
import { clockOf, dayInWords } from '../../clock/model'
import { useAddress } from '../../shared/useAddress'
import { useSwitch } from '../../shared/useSwitch'
import { useUnits, type Units } from '../../units/UnitsContext'
import { Frame } from '../Frame'
import { useKeys } from '../keys'
import { Waiting } from '../Waiting'
import type { Loaded } from '../WithSpread'
import { AtPractice } from './AtPractice'
import { DeckSheets, type DeckSheet } from './DeckSheets'
import { Strikes } from './OnNow'
import { useAwake } from './useAwake'
import { useCalls } from './useCalls'
import { useDeck, type DeckState } from './useDeck'
import { DaySays } from './DaySays'
import { Weighed } from './Weighed'

/** The deck: lines as pads, one tap a strike; what runs by the clock; what the boat does with a fish on. */
export function DeckStation(loaded: Loaded) {
  const s = useDeck(loaded)
  const [night, toggleNight] = useSwitch('moss.night')
  const [sheet, setSheet] = useState<DeckSheet | null>(null)
  const [locked, setLocked] = useState(false)
  const [params] = useAddress()
  const units = useUnits()
  const now = s.live?.old ? undefined : s.live?.now
  const says = now ? liveSays(now, s, units) : null
  const asked = params.get('view')
  const view: Up | null = asked === 'NORTH' || asked === 'BOW' ? asked : null
  useAwake()
  // On a phone the card stands above the pads: whoever had gone down the page would not see what to do.
  const fishOn = s.on.length
  useEffect(() => {
    if (fishOn > 0) window.scrollTo({ top: 0 })
  }, [fishOn])
  const calling = useCalls({
    warnings: [
      ...(now?.warnings ?? []).map(({ kind, lineIds }) => [kind, ...lineIds].join(' ')),
      ...s.practising.signals.map(({ told, lineId }) => `${told} ${lineId}`),
    ],
    clocks: s.clocks.filter(({ leftS }) => leftS <= 0).map(({ routine }) => routine.name),
  })
  useKeys(Object.fromEntries(s.pads.flatMap((pad) => (pad.code ? [[pad.code, () => s.strike(pad)]] : []))))
  if (!s.deck) return <Waiting error={s.error} />
  return (
    <div className={`h-full ${night ? 'night' : ''} ${locked ? 'locked' : ''}`}>
      <Frame
        boat={loaded.boat}
        boats={loaded.boats}
        words={`${dayInWords(s.trip.date)}, ${clockOf(s.now, s.trip.place.timeZone)}`}
      >
        <main className="flex min-h-0 flex-1 flex-col bg-foam text-ink">
          <Head
            s={s}
            night={night}
            onNight={toggleNight}
            onInstruments={() => setSheet('INSTRUMENTS')}
            onAboard={() => setSheet('ABOARD')}
            locked={locked}
            onLock={(on) => {
              // What a touch means while nobody can say otherwise.
              if (on) s.choose(ACTS[0]!)
              setLocked(on)
            }}
          />
          {!s.trip.live && <Past s={s} />}
          <GaugeStrip instruments={s.instruments} lateS={s.lateS} own={s.own.on ? s.own : null} live={now}>
            {now && <LiveTiles now={now} named={s.named} logged={hasLog(s.instruments)} />}
          </GaugeStrip>
          <Warnings now={now} timeZone={s.trip.place.timeZone} />
          <div
            className={`flex min-h-0 flex-1 ${s.on.length > 0 ? 'max-md:flex-col-reverse max-md:justify-end' : 'max-md:flex-col'}`}
          >
            <div className="flex min-w-0 flex-1 flex-col">
              <div className="flex items-start gap-x-3 px-4 pt-1 max-md:flex-wrap max-md:px-2">
                <div className="min-w-0 flex-1 max-md:basis-full">
                  <p className="pt-1 text-lg font-semibold" role="status" data-testid="tap-means">
                    {s.bare ? (
                      'This spread has no line yet: add one on Spread.'
                    ) : (
                      <>
                        {s.act.says}
                        {s.act.kind === 'SET' &&
                          s.toSet.length > 0 &&
                          `: ${s.toSet.map(({ label }) => label).join(', ')}`}
                        .
                      </>
                    )}
                  </p>
                  <Signals signals={s.practising.signals} labelOf={s.labelOf} />
                </div>
                <Views s={s} view={view} />
              </div>
              {view === null || !now ? (
                <Pads pads={s.pads} states={s.states} acts={s.act.words} onTap={s.tap} />
              ) : (
                <>
                  {says && (
                    <p role="status" className="px-4 pb-1 text-lg max-md:px-2" data-testid="live-says">
                      {says}
                    </p>
                  )}
                  <LiveStage
                    now={now}
                    named={s.named}
                    back={s.ahead || undefined}
                    along={s.live?.along}
                    called={now.warnings.flatMap(({ lineIds }) => lineIds)}
                    sightings={s.sightings}
                    up={view}
                    boatM={loaded.boat.lengthM}
                  />
                  <PadRow pads={s.pads} states={s.states} acts={s.act.words} onTap={s.tap} />
                </>
              )}
              <ActBar s={s} onSeen={() => setSheet('SEEN')} />
            </div>
            <aside
              aria-label="Now"
              className="w-[390px] shrink-0 overflow-y-auto border-l-[3px] border-ink p-4 max-md:w-auto max-md:border-l-0 max-md:p-3"
            >
              {s.on.length > 0 ? (
                <>
                  <Strikes s={s} deck={s.deck} />
                  <AtPractice s={s} />
                </>
              ) : s.act.kind === 'SET' && s.toSet.length > 0 ? (
                <SetNext deck={s.deck} next={s.toSet} onOut={s.isOut} onAll={() => void s.setAll()} />
              ) : (
                <>
                  {now && <OnCourse along={s.live?.along} />}
                  {now && (
                    <MeetIt movers={s.movers} chosen={s.mover} meet={s.live?.meet} onChoose={s.meetIt} />
                  )}
                  <AtPractice s={s} />
                  <ClockList clocks={s.clocks} onDone={s.done} />
                  <div className="my-2 flex flex-wrap gap-2">
                    <Big onClick={s.change.show}>Change the spread…</Big>
                    <Big onClick={() => setSheet('SOUNDER')}>What is that mark?</Big>
                    <Big pressed={calling.calls} onClick={calling.toggleCalls}>
                      Call out what asks
                    </Big>
                    {!s.practising.practice && (
                      <Big onClick={s.practising.show}>Practise on {loaded.boat.place}…</Big>
                    )}
                  </div>
                  {now && (
                    <BackTo marks={s.marks} chosen={s.mark} back={s.live?.back} onChoose={s.comeBack} />
                  )}
                  <DaySays s={s} />
                  <Weighed s={s} spread={loaded.kept.spreadId} />
                  {s.deck.cautions.map((caution) => (
                    <p key={caution} className="mt-3 text-base text-slate">
                      {caution}
                    </p>
                  ))}
                </>
              )}
            </aside>
          </div>
        </main>
        {s.on.length > 0 && <PadStrip s={s} />}
        <DeckSheets
          {...{ s, sheet, placed: now !== undefined }}
          boat={loaded.boat}
          onClose={() => setSheet(null)}
        />
      </Frame>
    </div>
  )
}

/** What the drawing does not show, said over it. */
function liveSays(now: LiveNow, s: DeckState, units: Units): string | null {
  if (!now.towing) return 'She hardly moves: lines hang.'
  if (s.since === null)
    return s.act.kind === 'SET' ? null : 'No line is out: tap Set, then each line as it goes out.'
  return now.settlesM > 0 ? `Lines swing into place: ${units.say('distance', now.settlesM)} to run.` : null
}

const hasLog = (instruments: Instruments | undefined): boolean =>
  instruments?.now?.gauges.some(({ gauge }) => gauge === 'WATER_SPEED') ?? false

/** Lines as pads, or on the water; only where somebody tells where she goes. */
function Views({ s, view }: { s: DeckState; view: Up | null }) {
  const [, put] = useAddress()
  if (!s.live?.now && view === null) return null
  if (!s.live?.now || s.live.old)
    return <p className="pt-1 text-lg">Nothing tells where she goes: lines as pads.</p>
  return (
    <div role="group" aria-label="How lines are shown" className="flex shrink-0 gap-2 pb-1">
      <Big pressed={view === null} onClick={() => put({ view: null })}>
        Pads
      </Big>
      <Big pressed={view === 'BOW'} onClick={() => put({ view: 'BOW' })}>
        On the water
      </Big>
      <Big pressed={view === 'NORTH'} onClick={() => put({ view: 'NORTH' })}>
        North up
      </Big>
    </div>
  )
}

/** Another moment than now is shown: a tap is kept there, which must be meant. */
function Past({ s }: { s: DeckState }) {
  const [, put] = useAddress()
  const when = `${dayInWords(s.trip.date)}, ${clockOf(s.now, s.trip.place.timeZone)}`
  return (
    <div
      role="status"
      className="flex flex-wrap items-center gap-3 border-b-[3px] border-ink bg-lichen px-4 py-1 text-lg font-semibold text-[#17211b]"
    >
      <span>What you tap is kept at {when}, not now.</span>
      <Big onClick={() => put({ at: null, trip: null, day: null })}>Go to now</Big>
    </div>
  )
}

/** How fast the lures want her, since when lines are out, what is kept here, and the light of the screen. */
function Head({
  s,
  night,
  onNight,
  onInstruments,
  onAboard,
  locked,
  onLock,
}: {
  s: DeckState
  night: boolean
  onNight(): void
  onInstruments(): void
  onAboard(): void
  locked: boolean
  onLock(locked: boolean): void
}) {
  const units = useUnits()
  const bag = Object.entries(s.day.bag)
  return (
    <div className="flex shrink-0 flex-wrap items-center gap-x-6 gap-y-1 border-y-[3px] border-ink px-4 py-1 text-lg max-md:gap-x-3 max-md:px-2 max-md:text-base">
      <span>
        <span className="max-md:hidden">Lures want </span>
        <span className="font-mono text-3xl">{units.figure('speed', s.speedMps)}</span>{' '}
        {units.unit('speed').symbol}
        <span className="max-md:hidden"> through water</span>
      </span>
      <span>
        {s.since === null ? 'No line is set yet' : `Out since ${clockOf(s.since, s.trip.place.timeZone)}`}
      </span>
      <span>
        {bag.length === 0 ? 'Nothing kept yet' : `Kept: ${bag.map(([fish, n]) => `${n} ${fish}`).join(', ')}`}
      </span>
      <span className="text-base max-md:hidden">
        {s.reports.unsent === 0 ? 'all sent' : `${s.reports.unsent} kept here, not sent yet`}
      </span>
      {!locked && <span className="grow max-md:hidden" />}
      <span className={`flex gap-6 max-md:gap-2 ${locked ? 'flex-1' : ''}`}>
        {!locked && (
          <>
            <Big onClick={onAboard}>Aboard</Big>
            <Big onClick={onInstruments}>Instruments</Big>
            <Big pressed={night} onClick={onNight}>
              Night
            </Big>
          </>
        )}
        <Lock locked={locked} onLock={onLock} />
      </span>
    </div>
  )
}

/** With a fish on, every line stays one thumb away on a phone: another may take at any moment. */
function PadStrip({ s }: { s: DeckState }) {
  return (
    <div
      role="group"
      aria-label="Another strike"
      className="sticky bottom-0 z-20 flex gap-1 overflow-x-auto border-t-[3px] border-ink bg-foam p-1 md:hidden"
      data-live
    >
      {s.pads.map((pad) => (
        <Big key={pad.lineId} onClick={() => s.strike(pad)}>
          <span className="sr-only">Strike </span>
          {pad.label}
        </Big>
      ))}
    </div>
  )
}

/** What a tap on a line means; it means a strike again by itself. */
function ActBar({ s, onSeen }: { s: DeckState; onSeen(): void }) {
  return (
    <div
      role="group"
      aria-label="What a tap means"
      className="flex shrink-0 flex-wrap gap-2 border-t-[3px] border-ink p-2"
    >
      {ACTS.map((act) => (
        <Big key={act.kind} pressed={s.act.kind === act.kind} onClick={() => s.choose(act)}>
          {act.words}
        </Big>
      ))}
      <Big onClick={onSeen}>Seen…</Big>
    </div>
  )
}
