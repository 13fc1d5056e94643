import { ACTS } from '../../deck/acts'
import type { Up } from '../../deck/live/frame'
import { LiveStage } from '../../deck/live/LiveStage'
import type { LiveNow } from '../../deck/live/queries'
import { PadRow } from '../../deck/PadRow'
import { Pads } from '../../deck/Pads'
import { Signals } from '../../deck/practice/Signals'
import { Big } from '../../deck/StrikeCard'
import { useAddress } from '../../shared/useAddress'
import { useUnits, type Units } from '../../units/UnitsContext'
import type { DeckState } from './useDeck'

/** Every line, as a pad or on the water, with what a tap on it means. */
export function LinesNow({ s, now, onSeen }: { s: DeckState; now: LiveNow | undefined; onSeen(): void }) {
  const [params] = useAddress()
  const asked = params.get('view')
  const view: Up | null = asked === 'NORTH' || asked === 'BOW' ? asked : null
  return (
    <div className="flex min-w-0 flex-1 flex-col">
      <div className="flex items-start gap-x-3 px-4 pt-1 max-md:flex-wrap max-md:px-2">
        <div className="min-w-0 flex-1 max-md:basis-full">
          <p className="pt-1 text-lg font-semibold" role="status" data-testid="tap-means">
            {tapMeans(s)}
          </p>
          <Signals signals={s.practising.signals} labelOf={s.labelOf} />
        </div>
        <Views s={s} view={view} />
      </div>
      {view === null || !now ? (
        <Pads pads={s.pads} states={s.states} acts={s.act.words} onTap={s.tap} />
      ) : (
        <OnTheWater {...{ s, now, view }} />
      )}
      <ActBar s={s} onSeen={onSeen} />
    </div>
  )
}

function tapMeans({ bare, act, toSet }: DeckState): string {
  if (bare) return 'This spread has no line yet: add one on Spread.'
  const next = act.kind === 'SET' && toSet.length > 0 ? `: ${toSet.map(({ label }) => label).join(', ')}` : ''
  return `${act.says}${next}.`
}

function OnTheWater({ s, now, view }: { s: DeckState; now: LiveNow; view: Up }) {
  const says = liveSays(now, s, useUnits())
  return (
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
        boatM={s.boat.lengthM}
      />
      <PadRow pads={s.pads} states={s.states} acts={s.act.words} onTap={s.tap} />
    </>
  )
}

/** What the drawing does not show, said over it. */
function liveSays(now: LiveNow, s: DeckState, units: Units): string | null {
  if (!now.towing) return 'She hardly moves: lines hang.'
  if (s.since === null)
    return s.act.kind === 'SET' ? null : 'No line is out: tap Set, then each line as it goes out.'
  return now.settlesM > 0 ? `Lines swing into place: ${units.say('distance', now.settlesM)} to run.` : null
}

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
