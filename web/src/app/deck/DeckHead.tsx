import { Lock } from '../../deck/Lock'
import { Big } from '../../deck/StrikeCard'
import { clockOf, dayInWords } from '../../clock/model'
import { useAddress } from '../../shared/useAddress'
import { useUnits } from '../../units/UnitsContext'
import type { DeckState } from './useDeck'

/** How fast the lures want her, since when lines are out, what is kept here, and the light of the screen. */
export function DeckHead({
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

/** Another moment than now is shown: a tap is kept there, which must be meant. */
export function Past({ s }: { s: DeckState }) {
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
