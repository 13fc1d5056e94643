import { useState } from 'react'
import { sources } from '../../shared/device'
import type { Boat, Draft, Gear } from '../../draft/queries'
import type { Editor } from '../../draft/useEditor'
import type { Fish, Payload, Place, Sailed } from '../../strikes/fold/model'
import type { Loss } from '../../strikes/losses'
import type { StrikeEdits } from '../../strikes/StrikeSheet'
import { useDay, type Said, type Strike } from '../../strikes/useDay'
import type { TripOfDay } from '../useTrip'

export type Reports = ReturnType<typeof useStrikeReports>

/** Reporting on the spread that is on the page, as it is fished: with the gear and the boat as this device has them. */
export function useStrikeReports(boat: Boat, gear: Gear, trip: TripOfDay, editor: Editor) {
  const [takenBack, setTakenBack] = useState<{ strike: Strike; by: string } | null>(null)
  const { report, ...day } = useDay(boat.boatId, trip.trip?.tripId, trip.live)
  const moment = () => (trip.live ? sources.now() : trip.at)
  /** A strike before a day out was started starts it. */
  const say = async (said: Said) => report(said, trip.trip?.tripId ?? (await trip.startToday()))
  const of = (strike: Strike, kind: string, words: string, at: number, more = {}) =>
    say({ kind, at, payload: { strikeId: strike.factId, ...more }, words, label: strike.label })
  /** The spread as it is fished now, with versions as this device has them. */
  const fished = (changed?: Draft) => {
    const { spreadId, revision } = editor.base
    const draft = changed ?? editor.doc.draft
    const saved = editor.dirty || changed ? {} : { revision }
    return { spreadId, ...saved, draft, seen: seen(boat, gear, JSON.stringify(draft)) }
  }
  const retract = (targetId: string, words: string, { label }: Strike) =>
    say({ kind: 'RETRACTED', at: sources.now(), payload: { targetId }, words, label })
  const correct = (strike: Strike, words: string, more: { at?: string } | Place) =>
    say({
      kind: 'CORRECTED',
      at: sources.now(),
      payload: { targetId: strike.factId, ...more },
      words: `${words} of ${strike.label}`,
      label: strike.label,
    })
  const fishGone = (strike: Strike, fish: Fish) =>
    retract(fish.factId, `No ${fish.species} on ${strike.label}`, strike)
  const edits: StrikeEdits = {
    onRetimed: (strike, at) => void correct(strike, 'Time', { at: new Date(at).toISOString() }),
    onPlaced: (strike, place) => void correct(strike, 'Place', place),
    onFish: (strike, fish, change) => {
      const { factId: _, happenedAt, ...told } = { ...fish, ...change }
      void fishGone(strike, fish)
      void of(strike, 'LANDED', `${told.species} on ${strike.label}`, Date.parse(happenedAt), told)
    },
    onFishGone: (strike, fish) => void fishGone(strike, fish),
    onOpened: (strike, found) =>
      void of(strike, 'OPENED', `Eaten by the fish on ${strike.label}: ${found}`, sources.now(), { found }),
    onTakeBack: (strike) =>
      void retract(strike.factId, `Take back ${strike.label}`, strike).then((by) =>
        setTakenBack({ strike, by }),
      ),
  }
  return {
    ...day,
    /** @param sailed how the line goes now, where that is known */
    strike: (lineId: string, label: string, sailed?: Sailed) => {
      setTakenBack(null)
      return say({
        kind: 'STRUCK',
        at: moment(),
        payload: { lineId, ...(sailed && { sailed }) },
        words: `Strike on ${label}`,
        label,
        fished: fished(),
      })
    },
    landed: (strike: Strike, species: string, released: boolean) =>
      of(strike, 'LANDED', `${species} on ${strike.label}`, moment(), {
        species,
        ...(released && { released }),
      }),
    lost: (strike: Strike, how?: Loss) =>
      of(strike, 'LOST', `Lost on ${strike.label}`, moment(), how && { how }),
    /**
     * Anything else that happened; of a line where it is about one.
     *
     * @param changed the spread as it is from now on, where the page does not know it yet
     */
    tell: (kind: string, payload: Payload, words: string, label = '', changed?: Draft) =>
      say({
        kind,
        at: moment(),
        payload,
        words,
        label,
        ...((kind === 'SET' || kind === 'CHANGED') && { fished: fished(changed) }),
      }),
    retract: (factId: string, words: string) =>
      say({ kind: 'RETRACTED', at: sources.now(), payload: { targetId: factId }, words, label: '' }),
    edits,
    takenBack: takenBack?.strike ?? null,
    restore: async () => {
      if (!takenBack) return
      await retract(takenBack.by, `Restore ${takenBack.strike.label}`, takenBack.strike)
      setTakenBack(null)
    },
  }
}

/** Versions of the boat and of what is tied, as they are here now. */
function seen(boat: Boat, gear: Gear, draft: string): Record<string, number> {
  const used = [...gear.lures, ...gear.lines, ...gear.reels].filter((item) => draft.includes(item.gearId))
  return Object.fromEntries([
    [boat.boatId, boat.version],
    ...used.map((item) => [item.gearId, item.version] as const),
  ])
}
