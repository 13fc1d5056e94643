import { useState } from 'react'
import { Problem } from '../../shared/api/client'
import { Button } from '../../shared/ui/Button'
import { Panel } from '../../shared/ui/Panel'
import { QuantityField } from '../../shared/ui/QuantityField'
import { useNewestNext } from '../../shared/useNewestNext'
import { useUnits } from '../../units/UnitsContext'
import { waysTo, type Sought, type Ways } from '../../draft/queries'
import type { Change, Editing } from '../../draft/useEditor'
import { knobNow, turnKnob, type Knob } from './model'
import { KNOB_WORDS, rangeWords, sayKnob, stopWords } from './sentences'
import { RANGES } from '../../shared/api/generated/ranges'

const DEPTH_M = RANGES.DepthBody.depthM
const KNOBS: readonly Knob[] = ['letOut', 'cable', 'lead', 'speed']

/** Type a depth and see what brings the lure there: let-out or cable, lead, speed; each with what it can reach. */
export function DepthField({
  boat,
  lineId,
  depthM,
  label,
  editor,
}: {
  boat: string
  lineId: string
  depthM: number
  label: string
  editor: Editing
}) {
  const [wanted, setWanted] = useState(depthM)
  const [ways, setWays] = useState<Ways | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const queue = useNewestNext(async (metres: number) => {
    try {
      setWays(await waysTo(boat, { draft: editor.doc.draft, lineId, depthM: metres }))
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      setProblem(error.message)
    }
  })
  const find = (metres: number) => {
    setWanted(metres)
    setProblem(null)
    queue.ask(metres)
  }
  return (
    <Panel
      label={`Ways to a depth for ${label}`}
      className="w-[460px]"
      trigger={
        <Button small tone="quiet" className="-my-2 px-1">
          Depth…
        </Button>
      }
      onOpenChange={(open) => (open ? find(Math.max(DEPTH_M.least, depthM)) : setWays(null))}
    >
      <div className="mb-2 flex items-center gap-2 text-lg font-bold">
        Bring {label} to
        <QuantityField
          label="Depth wanted"
          what="a depth"
          figure="distance"
          si={wanted}
          range={DEPTH_M}
          onSet={find}
          size={8}
        />
      </div>
      {problem && <p role="alert">{problem}</p>}
      <ul className="divide-y divide-ink/20">
        {ways &&
          KNOBS.map((knob) => {
            const sought = ways[knob]
            return (
              sought && (
                <Way
                  key={knob}
                  {...{ knob, sought }}
                  change={changeBy(knob, lineId, sought)}
                  now={knobNow(editor.doc, lineId, knob)}
                  onUse={editor.edit}
                />
              )
            )
          })}
      </ul>
    </Panel>
  )
}

function Way({
  knob,
  sought,
  change,
  now,
  onUse,
}: {
  knob: Knob
  sought: Sought
  change: Change | null
  now: number | undefined
  onUse(change: Change): void
}) {
  const units = useUnits()
  const stop = stopWords(sought, knob, units)
  const there = now !== undefined && sought.value !== undefined && Math.abs(now - sought.value) < 0.005 * now
  return (
    <li className="flex items-center gap-3 py-2" data-testid={`way-${knob}`}>
      <span className="w-16 text-slate">{KNOB_WORDS[knob]}</span>
      <span className="flex-1 leading-snug">
        {stop ?? (
          <>
            <b className="font-mono text-lg">{sayKnob(knob, sought.value ?? 0, units)}</b>
            <span className="block text-sm text-slate">reaches {rangeWords(sought, knob, units)}</span>
          </>
        )}
      </span>
      {change && sought.value !== undefined && (
        <Button small disabled={there} onClick={() => onUse(change)}>
          {there ? 'As it is' : 'Use'}
        </Button>
      )}
    </li>
  )
}

/** Lengths to the centimetre; none for a lead, which has to be tied. */
function changeBy(knob: Knob, lineId: string, { value }: Sought): Change | null {
  if (value === undefined || knob === 'lead') return null
  return turnKnob(knob, lineId, knob === 'speed' ? value : Math.round(value * 100) / 100)
}
