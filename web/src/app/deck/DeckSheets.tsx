import { clockOf, dateAt, dayInWords } from '../../clock/model'
import { Aboard } from '../../deck/Aboard'
import { ChangeTo } from '../../deck/ChangeTo'
import { Cues } from '../../deck/Cues'
import { BeginPractice } from '../../deck/practice/BeginPractice'
import { Sighted } from '../../deck/Sighted'
import { SounderSheet, type Goes } from '../../deck/sounder/SounderSheet'
import { SourcesSheet } from '../../deck/SourcesSheet'
import type { Boat } from '../../draft/queries'
import type { DeckState } from './useDeck'

/** Opened by a button of the deck. */
export type DeckSheet = 'SEEN' | 'ABOARD' | 'INSTRUMENTS' | 'SOUNDER'

/** What lies over the deck for a moment. */
export function DeckSheets({
  s,
  sheet,
  placed,
  boat,
  onClose,
}: {
  s: DeckState
  sheet: DeckSheet | null
  /** Her place and heading are known. */
  placed: boolean
  boat: Boat
  onClose(): void
}) {
  return (
    <>
      {s.change.open && (
        <ChangeTo
          {...s.change}
          onChoose={s.change.choose}
          onBegin={(done) => void s.change.begin(done)}
          onClose={s.change.close}
        />
      )}
      {s.practising.open && (
        <BeginPractice
          place={boat.place}
          since={
            s.practising.before &&
            `${dayInWords(dateAt(Date.parse(s.practising.before.at), boat.timeZone))}, ${clockOf(Date.parse(s.practising.before.at), boat.timeZone)}`
          }
          problem={s.practising.problem}
          onBegin={(afresh) => void s.practising.begin(afresh)}
          onClose={s.practising.close}
        />
      )}
      {sheet === 'SEEN' && (
        <Sighted placed={placed} onSeen={(...seen) => void s.see(...seen)} onClose={onClose} />
      )}
      {sheet === 'SOUNDER' && (
        <SounderSheet
          boat={boat.boatId}
          draft={s.draft}
          goes={goesOf(s)}
          kinds={new Map([...s.named].map(([line, { kind }]) => [line, kind]))}
          onClose={onClose}
        />
      )}
      {sheet === 'ABOARD' && <AboardNow {...{ s, boat, onClose }} />}
      {sheet === 'INSTRUMENTS' && s.instruments && (
        <SourcesSheet
          boat={boat.boatId}
          instruments={s.instruments}
          onChanged={s.askInstruments}
          own={s.own}
          onClose={onClose}
        />
      )}
      {s.cued && s.deck && (
        <Cues
          label={s.cued.label}
          cues={s.deck.cues}
          seen={s.cuesOf(s.cued)}
          clock={(at) => clockOf(at, s.trip.place.timeZone)}
          onCue={s.cue}
          onBack={(factId) => void s.reports.retract(factId, 'Cue taken back')}
          onClose={() => s.setCued(null)}
        />
      )}
    </>
  )
}

/** By what is heard of her, else as her lures want her in still water. */
function goesOf(s: DeckState): Goes {
  const now = s.live?.old ? undefined : s.live?.now
  if (!now) return { throughMps: s.speedMps, groundMps: s.speedMps, acrossMps: 0 }
  const off = ((now.streamTowardsDeg - now.courseDeg) * Math.PI) / 180
  return { throughMps: now.throughMps, groundMps: now.groundMps, acrossMps: now.streamMps * Math.sin(off) }
}

function AboardNow({ s, boat, onClose }: { s: DeckState; boat: Boat; onClose(): void }) {
  return (
    <Aboard
      facts={s.told}
      engines={boat.engines}
      onBait={(kind, bait, count) =>
        void s.reports.tell(
          kind,
          { bait, count },
          `${count} ${bait} ${kind === 'BAIT_CAUGHT' ? 'caught' : 'dead'}`,
        )
      }
      onEngines={(running) => void s.reports.tell('ENGINES', { running }, `Engines running: ${running}`)}
      onClose={onClose}
    />
  )
}
