import { useState } from 'react'
import type { Act } from '../../deck/acts'
import type { Clock } from '../../deck/clocks'
import type { Pad } from '../../deck/pads'
import type { CueAnswer } from '../../deck/queries'
import { lineOf, tiedOn, type Doc } from '../../draft/model'
import type { useStrikeReports } from '../spread/useStrikeReports'

type Told = Pick<Pad, 'lineId' | 'label'>

/** What is told by a tap on a pad, by a cue and by a clock. */
export function useTelling(
  doc: Doc,
  reports: ReturnType<typeof useStrikeReports>,
  { act, setAct, onStrike }: { act: Act; setAct(act: Act): void; onStrike(pad: Pad): void },
) {
  const [cued, setCued] = useState<Pad | null>(null)
  const lureOf = ({ lineId }: Pick<Pad, 'lineId'>) => tiedOn(lineOf(doc, lineId))
  const tell = ({ kind, words }: Act, { lineId, label }: Told) => {
    const letOutM = kind === 'SET' ? lineOf(doc, lineId)?.letOutM : undefined
    const of = { lineId, ...(letOutM !== undefined && { letOutM }) }
    return reports.tell(kind, of, `${words} ${label}`, label)
  }
  return {
    tell,
    tap(pad: Pad) {
      setAct(act)
      if (act.kind === 'STRUCK') return onStrike(pad)
      if (act.kind === 'CUED') return setCued(pad)
      void tell(act, pad)
    },
    /** One after the other, so that they stand in this order. */
    async tellAll(by: Act, pads: readonly Told[]) {
      for (const pad of pads) await tell(by, pad)
    },
    cued,
    setCued,
    lureOf,
    cue: ({ cue: kind, says }: CueAnswer) =>
      cued &&
      void reports.tell(
        'CUED',
        { lineId: cued.lineId, cue: kind, ...(lureOf(cued) && { gearId: lureOf(cued) }) },
        `${cued.label}: ${says}`,
        cued.label,
      ),
    done: ({ routine }: Clock) =>
      void reports.tell('TENDED', { routine: routine.name }, `Done: ${routine.name}`),
  }
}
