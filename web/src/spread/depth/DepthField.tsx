import { Popover } from 'radix-ui'
import { useState } from 'react'
import { Problem } from '../../shared/api/client'
import { Button } from '../../shared/ui/Button'
import { TypedField } from '../../shared/ui/TypedField'
import { useUnits } from '../../units/UnitsContext'
import { lineOf, setDeep, setLetOut, setSpeed, type Doc } from '../model'
import { waysTo, type Sought, type Ways } from '../queries'
import type { Change, Editing } from '../useEditor'
import { KNOB_WORDS, rangeWords, sayKnob, stopWords, type Knob } from './sentences'

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
  const units = useUnits()
  const [wanted, setWanted] = useState(depthM)
  const [ways, setWays] = useState<Ways | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const find = async (doc: Doc, metres: number) => {
    setWanted(metres)
    setProblem(null)
    try {
      setWays(await waysTo(boat, { draft: doc.draft, lineId, depthM: metres }))
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      setProblem(error.message)
    }
  }
  const typed = (text: string): string | null => {
    const read = units.read('distance', text)
    if (read === null || read < 0.05 || read > 300)
      return `Type a depth from ${units.say('distance', 0.1)} to ${units.say('distance', 300)}.`
    void find(editor.doc, read)
    return null
  }
  const open = (isOpen: boolean) => {
    if (isOpen) void find(editor.doc, Math.max(0.1, depthM))
    else setWays(null)
  }
  return (
    <Popover.Root onOpenChange={open}>
      <Popover.Trigger asChild>
        <Button small tone="quiet" className="-my-2 px-1">
          Depth…
        </Button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="top"
          sideOffset={8}
          collisionPadding={12}
          aria-label={`Ways to a depth for ${label}`}
          className="z-30 w-[460px] max-w-[94vw] border-2 border-ink bg-foam p-4"
        >
          <div className="mb-2 flex items-center gap-2 text-lg font-bold">
            Bring {label} to
            <TypedField
              label="Depth wanted"
              value={units.say('distance', wanted)}
              onCommit={typed}
              size={8}
              className="h-11"
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
                      change={knob === 'lead' ? null : changeBy(knob, lineId, sought)}
                      now={nowOf(editor.doc, lineId, knob)}
                      onUse={editor.edit}
                    />
                  )
                )
              })}
          </ul>
          <Popover.Close className="absolute top-2 right-3 min-h-11 px-2 font-semibold hover:underline">
            Close
          </Popover.Close>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
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

const nowOf = (doc: Doc, lineId: string, knob: Knob): number | undefined => {
  const line = lineOf(doc, lineId)
  return {
    letOut: line?.letOutM,
    cable: line?.deep?.cableOutM,
    lead: undefined,
    speed: doc.draft.speedThroughWaterMps,
  }[knob]
}

function changeBy(knob: Exclude<Knob, 'lead'>, lineId: string, sought: Sought): Change | null {
  const { value } = sought
  if (value === undefined) return null
  const round = (by: number) => Math.round(value * by) / by
  if (knob === 'letOut') return (doc) => setLetOut(doc, lineId, round(100))
  if (knob === 'cable') return (doc) => setDeep(doc, lineId, { cableOutM: round(100) })
  return (doc) => setSpeed(doc, value)
}
