/** A plan as it is edited, and what a call says of it; no drawing. */
import type { Answer, Band, Call, CallBody, Plan, Playbook, Reason, Score, TopicName } from './queries'

export const answerOf = (answers: readonly Answer[], topic: TopicName): Answer | undefined =>
  answers.find((answer) => answer.topic === topic)

/** What is asked of a plan at a moment (ms) of its day; of the best playbook where none is chosen. */
export const callBody = (
  plan: Plan,
  { latitudeDeg, longitudeDeg, timeZone }: CallBody['place'],
  at: number,
  playbook?: Playbook,
): CallBody => ({
  day: plan.day,
  at: new Date(at).toISOString(),
  place: { latitudeDeg, longitudeDeg, timeZone },
  answers: plan.answers,
  runOutMin: plan.runOutMin,
  ...(plan.catchBaitMin !== undefined && { catchBaitMin: plan.catchBaitMin }),
  ...(plan.linesIn !== undefined && { linesIn: plan.linesIn }),
  ...(plan.homeAt !== undefined && { homeAt: plan.homeAt }),
  ...(playbook && { playbook }),
})

/** The answers with one set, or taken out. */
export const withAnswer = (answers: readonly Answer[], topic: TopicName, answer: Answer | null): Answer[] => [
  ...answers.filter((other) => other.topic !== topic),
  ...(answer ? [answer] : []),
]

/** Without an answer that was set aside; the last one goes with its list. */
export function withoutAside({ setAside = [], ...plan }: Plan, kept: string): Plan {
  const left = setAside.filter((aside) => aside.kept !== kept)
  return left.length > 0 ? { ...plan, setAside: left } : plan
}

/** `+2.2`, `−0.8`, `0.0`. */
export const weight = (tenths: number): string => {
  const size = (Math.abs(tenths) / 10).toFixed(1)
  return tenths > 0 ? `+${size}` : tenths < 0 ? `−${size}` : size
}

/** How one playbook stands against another, rule by rule; the differences add up to that of the two. */
export interface Difference {
  topic: Reason['topic']
  tenths: number
  ours?: Reason
  theirs?: Reason
}

export function differences(ours: Score, theirs: Score): Difference[] {
  const rules = [...new Set([...ours.reasons, ...theirs.reasons].map((reason) => reason.rule))]
  return rules
    .map((rule) => {
      const one = ours.reasons.find((reason) => reason.rule === rule)
      const other = theirs.reasons.find((reason) => reason.rule === rule)
      return {
        topic: (one ?? other)!.topic,
        tenths: (one?.tenths ?? 0) - (other?.tenths ?? 0),
        ...(one && { ours: one }),
        ...(other && { theirs: other }),
      }
    })
    .filter((difference) => difference.tenths !== 0)
    .sort((a, b) => Math.abs(b.tenths) - Math.abs(a.tenths))
}

/** Bands worth showing: those first at some hour, and the best of the rest that have any weight, in the order of now. */
export function shownBands(call: Call, most: number): Band[] {
  const rank = new Map(call.scores.map((score, at) => [score.playbook, at]))
  const leads = new Set(leaders(call))
  const weighs = (band: Band) =>
    band.playbook === call.taken.playbook || band.spells.some((spell) => spell.tenths > 0)
  return [...call.bands]
    .filter(weighs)
    .sort((a, b) => (rank.get(a.playbook) ?? 99) - (rank.get(b.playbook) ?? 99))
    .filter((band, at) => at < most - 1 || leads.has(band.playbook) || band.playbook === call.taken.playbook)
    .slice(0, most + 1)
}

/** Who is first at each half hour. */
function leaders(call: Call): Playbook[] {
  const times = call.bands[0]?.spells.map((spell) => spell.from) ?? []
  const at = (band: Band, time: string) =>
    band.spells.find((spell) => spell.from <= time && time < spell.to)?.tenths ?? -999
  return times.flatMap((time) => {
    const best = [...call.bands].sort((a, b) => at(b, time) - at(a, time))[0]
    return best && at(best, time) > 0 ? [best.playbook] : []
  })
}

/** Strength of a band between nothing and the best of the day, 0 to 1. */
export const strength = (tenths: number, best: number): number =>
  best <= 0 ? 0 : Math.max(0, Math.min(1, tenths / best))
