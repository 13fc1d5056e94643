import type { StoryRow } from '../../log/StoryRows'
import type { Fact } from '../../strikes/fold/model'
import { seenWords } from '../../strikes/seen'
import type { useDay } from '../../strikes/useDay'

/** Each line of a day with its strikes and changes; what goes on ends with the day (ms). */
export const storyRows = (
  { day, strikes }: ReturnType<typeof useDay>,
  nameOf: (lineId: string) => string,
  end: number,
): StoryRow[] =>
  [...day.lines].map(([lineId, stretches]) => ({
    lineId,
    name: nameOf(lineId),
    stretches: stretches.map((one) => ({ ...one, to: one.to ?? end })),
    strikes: strikes
      .filter((one) => one.lineId === lineId)
      .map(({ factId, happenedAt, outcome }) => ({
        factId,
        at: Date.parse(happenedAt),
        landed: outcome === 'LANDED' || outcome === 'RELEASED',
      })),
    changes: day.standing
      .filter(({ kind, payload }) => kind === 'CHANGED' && payload.lineId === lineId)
      .map(({ happenedAt }) => Date.parse(happenedAt)),
  }))

export const sightingsOf = (standing: readonly Fact[]) =>
  standing
    .filter(({ kind }) => kind === 'SIGHTED')
    .map(({ factId, happenedAt, payload: { what } }) => ({
      factId,
      at: Date.parse(happenedAt),
      words: seenWords(what),
    }))
