import { useMemo } from 'react'
import { padsOf } from '../../deck/pads'
import type { Draft, Solved } from '../../draft/queries'
import type { useStrikeReports } from '../spread/useStrikeReports'
import { TICK_MS } from './useSecond'

/** What the day's facts make of the lines by now (ms): which are out, since when, and what has happened. */
export function useLinesOut(
  solved: Solved | null,
  draft: Draft,
  reported: ReturnType<typeof useStrikeReports>['day'],
  now: number,
) {
  const lines = useMemo(
    () => (solved?.lines ?? []).filter((line) => draft.lines.some((one) => one.lineId === line.lineId)),
    [solved, draft],
  )
  const pads = useMemo(() => padsOf(lines), [lines])
  const day = useMemo(() => reported.at(now), [reported, now])
  const outSince = new Map(
    [...day.lines]
      .filter(([, stretch]) => stretch.state === 'OUT' || stretch.state === 'FIGHTING')
      .map(([line, stretch]) => [line, stretch.from]),
  )
  const happened = reported.standing.filter(({ happenedAt }) => Date.parse(happenedAt) <= now + TICK_MS)
  return { lines, pads, day, outSince, happened }
}
