import { useEffect, useState } from 'react'
import { ACTS } from '../../deck/acts'
import { GaugeStrip } from '../../deck/GaugeStrip'
import { LiveTiles } from '../../deck/live/LiveTiles'
import { Warnings } from '../../deck/live/Warnings'
import type { Instruments } from '../../deck/queries'
import { Big } from '../../deck/StrikeCard'
import { clockOf, dayInWords } from '../../clock/model'
import { useSwitch } from '../../shared/useSwitch'
import { Frame } from '../Frame'
import { useKeys } from '../keys'
import { Waiting } from '../Waiting'
import type { Loaded } from '../WithSpread'
import { BesideNow } from './BesideNow'
import { DeckHead, Past } from './DeckHead'
import { DeckSheets, type DeckSheet } from './DeckSheets'
import { LinesNow } from './LinesNow'
import { useAwake } from './useAwake'
import { useCalls } from './useCalls'
import { useDeck, type DeckState } from './useDeck'

/** The deck: lines as pads, one tap a strike; what runs by the clock; what the boat does with a fish on. */
export function DeckStation(loaded: Loaded) {
  const s = useDeck(loaded)
  const [night, toggleNight] = useSwitch('moss.night')
  const [sheet, setSheet] = useState<DeckSheet | null>(null)
  const [locked, setLocked] = useState(false)
  const now = s.live?.old ? undefined : s.live?.now
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
  const lock = (on: boolean) => {
    // What a touch means while nobody can say otherwise.
    if (on) s.choose(ACTS[0]!)
    setLocked(on)
  }
  return (
    <div className={`h-full ${night ? 'night' : ''} ${locked ? 'locked' : ''}`}>
      <Frame
        boat={loaded.boat}
        boats={loaded.boats}
        words={`${dayInWords(s.trip.date)}, ${clockOf(s.now, s.trip.place.timeZone)}`}
      >
        <main className="flex min-h-0 flex-1 flex-col bg-foam text-ink">
          <DeckHead
            {...{ s, night, locked }}
            onNight={toggleNight}
            onInstruments={() => setSheet('INSTRUMENTS')}
            onAboard={() => setSheet('ABOARD')}
            onLock={lock}
          />
          {!s.trip.live && <Past s={s} />}
          <GaugeStrip instruments={s.instruments} lateS={s.lateS} own={s.own.on ? s.own : null} live={now}>
            {now && <LiveTiles now={now} named={s.named} logged={hasLog(s.instruments)} />}
          </GaugeStrip>
          <Warnings now={now} timeZone={s.trip.place.timeZone} />
          <div
            className={`flex min-h-0 flex-1 ${fishOn > 0 ? 'max-md:flex-col-reverse max-md:justify-end' : 'max-md:flex-col'}`}
          >
            <LinesNow {...{ s, now }} onSeen={() => setSheet('SEEN')} />
            <BesideNow {...{ s, now, calling }} deck={s.deck} onSounder={() => setSheet('SOUNDER')} />
          </div>
        </main>
        {fishOn > 0 && <PadStrip s={s} />}
        <DeckSheets
          {...{ s, sheet, placed: now !== undefined }}
          boat={loaded.boat}
          onClose={() => setSheet(null)}
        />
      </Frame>
    </div>
  )
}

const hasLog = (instruments: Instruments | undefined): boolean =>
  instruments?.now?.gauges.some(({ gauge }) => gauge === 'WATER_SPEED') ?? false

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
