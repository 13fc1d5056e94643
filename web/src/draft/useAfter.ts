import { useEffect, useState } from 'react'
import { changed, type Aboard } from './change'
import { lineOf, type Doc } from './model'
import { solve, type Mend, type SolvedLine } from './queries'

const NOTHING: readonly SolvedLine[] = []

/** Where lines would run with a mend that is pointed at; nothing is changed. */
export function useAfter(boat: string, doc: Doc, mend: Mend | null, aboard: Aboard): readonly SolvedLine[] {
  const [after, setAfter] = useState(NOTHING)
  const { holders, gear } = aboard
  useEffect(() => {
    setAfter(NOTHING)
    if (!mend) return
    let asked = true
    const next = changed(doc, mend.changes, { holders, gear })
    const moves = (lineId: string) =>
      next.draft.speedThroughWaterMps !== doc.draft.speedThroughWaterMps ||
      lineOf(next, lineId) !== lineOf(doc, lineId)
    solve(boat, next.draft).then(
      (solved) => asked && setAfter(solved.lines.filter((line) => moves(line.lineId))),
      // What cannot be solved is said once it is done, not while it is pointed at.
      () => undefined,
    )
    return () => {
      asked = false
    }
  }, [boat, doc, mend, holders, gear])
  return after
}
