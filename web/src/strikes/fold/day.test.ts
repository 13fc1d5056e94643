import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { foldDay } from './day'
import type { Fact } from './model'

/** Days with what core's fold answers of them; the server's tests write them and hold them to it. */
const FOLDER = '../server/src/test/resources/facts/days/'

interface Day {
  facts: Fact[]
  strikes: unknown[]
  at: { at: string; lines: unknown; on: string[]; bag: object; engines?: number; well: object }[]
  spans: { from: string; to: string; exposure: Record<string, object> }[]
}

const days = readdirSync(FOLDER).map(
  (name) => [name, JSON.parse(readFileSync(FOLDER + name, 'utf8')) as Day] as const,
)

/** As the fixtures write it: nothing where nothing is known. */
const plain = (value: unknown) => JSON.parse(JSON.stringify(value)) as unknown

describe.each(days)('%s', (_, day) => {
  const folds = [day.facts, [...day.facts].reverse(), [...day.facts, ...day.facts]].map(foldDay)

  it('has the strikes that core finds', () => {
    for (const fold of folds)
      expect(
        plain(
          fold.strikes.map(({ factId, lineId, outcome, ended, happenedAt, placed, how, species, notes }) => ({
            factId,
            lineId,
            outcome,
            ended,
            at: Date.parse(happenedAt),
            placed,
            how,
            species,
            notes,
          })),
        ),
      ).toEqual(day.strikes)
  })

  it('stands at each moment as core says', () => {
    for (const fold of folds)
      for (const asked of day.at) {
        const { lines, on, bag, engines, well } = fold.at(Date.parse(asked.at))
        const { at: _at, ...expected } = asked
        const short = Object.fromEntries(
          [...lines].map(([line, { state, from, letOutM }]) => [line, { state, from, letOutM }]),
        )
        expect(plain({ lines: short, on, bag, engines, well })).toEqual(expected)
      }
  })

  it('sums exposure as core does', () => {
    for (const fold of folds)
      for (const { from, to, exposure } of day.spans)
        expect(Object.fromEntries(fold.exposure(Date.parse(from), Date.parse(to)))).toEqual(exposure)
  })
})
