import { depthWords } from '../../deck/depth'
import type { PadState } from '../../deck/PadButton'
import type { Pad } from '../../deck/pads'
import { lineOf, lureAtEnd, type Doc } from '../../draft/model'
import type { Gear, SolvedLine } from '../../draft/queries'
import type { Units } from '../../units/UnitsContext'
import { keyName } from '../keys'

/**
 * What each pad shows of its line.
 *
 * @param order lines still to be set, in order, while lines are set
 */
export function padStatesOf(
  pads: readonly Pad[],
  lines: readonly SolvedLine[],
  { doc, gear, units }: { doc: Doc; gear: Gear; units: Units },
  stateOf: (lineId: string) => PadState['now'],
  order: readonly { lineId: string }[],
): ReadonlyMap<string, PadState> {
  return new Map(
    pads.map(({ lineId, code }) => {
      const tied = lineOf(doc, lineId)
      const depthM = lines.find((line) => line.lineId === lineId)?.tow.depthM ?? 0
      const place = order.findIndex((step) => step.lineId === lineId) + 1
      return [
        lineId,
        {
          now: stateOf(lineId),
          lure: lureAtEnd(gear, tied)?.name ?? 'nothing tied',
          letOut: units.say('distance', tied?.letOutM ?? 0),
          depth: depthWords(depthM, units),
          key: code ? keyName(code) : '',
          ...(place > 0 && { order: place }),
        },
      ]
    }),
  )
}

/** What a line is called, and the kind of lure at its end. */
export const namedOf = (pads: readonly Pad[], doc: Doc, gear: Gear) =>
  new Map(
    pads.map(({ lineId, label }) => [
      lineId,
      { label, kind: lureAtEnd(gear, lineOf(doc, lineId))?.kind ?? '' },
    ]),
  )
