import { lineStory } from './line'
import {
  OF_LINE,
  type Fact,
  type Fish,
  type LineNow,
  type Outcome,
  type Place,
  type Stretch,
  type StrikeState,
} from './model'

const ends = (fact: Fact) => fact.kind === 'LANDED' || fact.kind === 'LOST'
const kept = (fact: Fact) => fact.kind === 'LANDED' && fact.payload.released !== true
const time = (fact: Fact) => Date.parse(fact.happenedAt)

const inTime = (a: Fact, b: Fact) =>
  time(a) - time(b) || (a.factId < b.factId ? -1 : a.factId > b.factId ? 1 : 0)

/**
 * A day, folded from its facts: duplicates count once, and order of arrival does not matter. What was taken back never
 * was, whenever it was taken back; what was corrected was as the last correction says. The twin of `DayLog` in core; both pass the same fixtures.
 */
export function foldDay(facts: readonly Fact[]) {
  const distinct = new Map<string, Fact>()
  for (const fact of facts) if (!distinct.has(fact.factId)) distinct.set(fact.factId, fact)
  const all = [...distinct.values()].sort(inTime)
  const gone = takenBy(all)
  const said = all.filter((fact) => !gone.has(fact.factId))
  const corrected = corrections(said)
  const standing = said.map((fact) => corrected.times(fact)).sort(inTime)
  const strikes = standing
    .filter((fact) => fact.kind === 'STRUCK')
    .map((fact) => state(fact, standing, corrected.places.get(fact.factId)))
  const lines = storiesOf(standing)
  return {
    /** In time; what was taken back is not among them. */
    standing,
    /** With the fact that took it back: to take that one back restores it. */
    takenBack: all.flatMap((fact) => {
      const by = gone.get(fact.factId)
      return by !== undefined && fact.kind !== 'RETRACTED' ? [{ fact, by }] : []
    }),
    strikes,
    lines,
    at: (moment: number) => dayAt(moment, standing, strikes, lines),
    exposure: (from: number, to: number) =>
      new Map([...lines].map(([line, stretches]) => [line, exposed(stretches, from, to)])),
  }
}

/** What took each fact back. Later retractions are judged first, so that one which was itself taken back takes nothing. */
function takenBy(all: readonly Fact[]): ReadonlyMap<string, string> {
  const gone = new Map<string, string>()
  const later = new Set<string>()
  for (const { kind, factId, payload } of [...all].reverse()) {
    if (kind !== 'RETRACTED' || payload.targetId === undefined) continue
    later.add(factId)
    if (!gone.has(factId) && !later.has(payload.targetId) && !gone.has(payload.targetId))
      gone.set(payload.targetId, factId)
  }
  return gone
}

/** Of several the one that was said last holds. */
function corrections(said: readonly Fact[]) {
  const times = new Map<string, string>()
  const places = new Map<string, Place>()
  for (const { kind, payload } of said) {
    if (kind !== 'CORRECTED' || payload.targetId === undefined) continue
    const { targetId, at, latitudeDeg, longitudeDeg } = payload
    if (at !== undefined) times.set(targetId, at)
    if (latitudeDeg !== undefined && longitudeDeg !== undefined)
      places.set(targetId, { latitudeDeg, longitudeDeg })
  }
  return {
    places,
    times: (fact: Fact): Fact => ({ ...fact, happenedAt: times.get(fact.factId) ?? fact.happenedAt }),
  }
}

function state(strike: Fact, standing: readonly Fact[], placed: Place | undefined): StrikeState {
  const of = standing.filter((fact) => fact.payload.strikeId === strike.factId)
  const fish = of.filter((fact) => fact.kind === 'LANDED')
  const lost = of.find((fact) => fact.kind === 'LOST')
  const end = of.find(ends)
  const eaten = of.flatMap(({ kind, payload }) =>
    kind === 'OPENED' && payload.found !== undefined ? [payload.found] : [],
  )
  const outcome: Outcome =
    fish.length > 0 ? (fish.some(kept) ? 'LANDED' : 'RELEASED') : lost ? 'LOST' : 'OPEN'
  return {
    factId: strike.factId,
    happenedAt: strike.happenedAt,
    lineId: strike.payload.lineId ?? '',
    outcome,
    ...(end && { ended: time(end) }),
    ...(lost?.payload.how !== undefined && { how: lost.payload.how }),
    species: fish.map((fact) => fact.payload.species ?? ''),
    fish: fish.map(fishOf),
    ...(placed && { placed }),
    ...(eaten.length > 0 && { eaten }),
    ...(strike.payload.sailed && { sailed: strike.payload.sailed }),
    notes: standing
      .filter((fact) => fact.kind === 'ANNOTATED' && fact.payload.targetId === strike.factId)
      .map((fact) => fact.payload.note ?? ''),
  }
}

const fishOf = ({ factId, happenedAt, payload }: Fact): Fish => ({
  factId,
  happenedAt,
  species: payload.species ?? '',
  released: payload.released === true,
  ...(payload.lengthM !== undefined && { lengthM: payload.lengthM }),
  ...(payload.massKg !== undefined && { massKg: payload.massKg }),
})

function storiesOf(standing: readonly Fact[]): ReadonlyMap<string, readonly Stretch[]> {
  const stories = new Map<string, ReturnType<typeof lineStory>>()
  const lineOf = new Map<string, string>()
  for (const fact of standing) {
    const line = fact.payload.lineId
    if (line === undefined || !OF_LINE.has(fact.kind)) continue
    lineOf.set(fact.factId, line)
    if (!stories.has(line)) stories.set(line, lineStory(time(standing[0]!)))
  }
  for (const fact of standing) {
    const line = lineOf.get(ends(fact) ? (fact.payload.strikeId ?? '') : fact.factId)
    if (line === undefined) continue
    if (ends(fact)) stories.get(line)?.ended(fact, fact.payload.strikeId ?? '')
    else stories.get(line)?.tell(fact)
  }
  return new Map(
    [...stories].sort(([a], [b]) => (a < b ? -1 : 1)).map(([line, story]) => [line, story.stretches()]),
  )
}

function dayAt(
  moment: number,
  standing: readonly Fact[],
  strikes: readonly StrikeState[],
  lines: ReadonlyMap<string, readonly Stretch[]>,
) {
  const bag: Record<string, number> = {}
  const well: Record<string, number> = {}
  let engines: number | undefined
  for (const fact of standing.filter((one) => time(one) <= moment)) {
    const { species = '', bait = '', count = 0 } = fact.payload
    if (kept(fact)) bag[species] = (bag[species] ?? 0) + 1
    else if (fact.kind === 'BAIT_CAUGHT') well[bait] = (well[bait] ?? 0) + count
    else if (fact.kind === 'BAIT_DEAD' && bait in well) well[bait] = Math.max(0, well[bait]! - count)
    else if (fact.kind === 'ENGINES') engines = fact.payload.running
  }
  const now = new Map<string, Stretch>()
  for (const [line, stretches] of lines) {
    const holds = stretches.find((one) => one.from <= moment && (one.to === undefined || one.to > moment))
    if (holds) now.set(line, holds)
  }
  const on = strikes
    .filter((one) => Date.parse(one.happenedAt) <= moment && (one.ended === undefined || one.ended > moment))
    .map((one) => one.factId)
  return { lines: now, on, bag, engines, well }
}

/** Seconds of a span: in the water, with a fish on, and nobody knows. */
function exposed(stretches: readonly Stretch[], from: number, to: number) {
  const sum = (state: LineNow) =>
    stretches
      .filter((one) => one.state === state)
      .reduce((s, one) => s + Math.max(0, Math.min(one.to ?? to, to) - Math.max(one.from, from)), 0) / 1000
  return { outS: sum('OUT'), fightingS: sum('FIGHTING'), unknownS: sum('UNKNOWN') }
}
