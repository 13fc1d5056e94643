import type { ReactNode } from 'react'
import { setRig } from '../../draft/bench'
import { BaitDrawing } from '../../rig/bait/BaitDrawing'
import { MarksPanel, StrikePanel } from '../../rig/Figures'
import { Goods } from '../../rig/Goods'
import { Tonight } from '../../rig/Tonight'
import { WaysPanel } from '../../rig/WaysPanel'
import { Baits, TAB_WORDS, type Tab } from './RigTabs'
import type { OnBench } from './useOnBench'

/** The list that is looked at. */
export function BenchTab({ b }: { b: OnBench }) {
  const problem = b.problem ?? b.ticks.problem
  return (
    <div
      className="min-h-40 flex-[4] overflow-y-auto bg-shade/60 px-4 py-2 max-md:order-3 max-md:flex-none"
      tabIndex={0}
      role="tabpanel"
      aria-label={TAB_WORDS[b.tab]}
    >
      {problem && (
        <p role="alert" className="border-l-4 border-rust pl-2">
          {problem}
        </p>
      )}
      {PANELS[b.tab](b)}
    </div>
  )
}

const PANELS: Record<Tab, (b: OnBench) => ReactNode> = {
  tonight: (b) => (
    <>
      <Baits rig={b.rig} wanted={b.wanted.deadBaits} onBaits={b.onBaits} />
      <Tonight
        rig={b.rig}
        ticked={b.ticks.ticked}
        timeZone={b.zone}
        onTick={(task, done) => void b.ticks.set(task, done)}
        onCalendar={b.calendar}
      />
    </>
  ),
  goods: (b) => <Goods rig={b.rig} onCount={b.count} />,
  bait: (b) => <Bait b={b} />,
  marks: (b) => (
    <MarksPanel
      line={b.line}
      onMarks={(marks) => b.editor.edit((doc) => setRig(doc, b.line.lineId, { marks }))}
    />
  ),
  strike: (b) => <StrikePanel line={b.line} fishKg={b.rig.fishKg} onFish={b.onFish} />,
  ways: ({ line, ways, kept }) => (
    <WaysPanel
      line={line}
      schools={ways.schools}
      onTake={(school, side, by) => kept(ways.take(school, side, by), 'The side was not kept.')}
    />
  ),
}

function Bait({ b: { line, act } }: { b: OnBench }) {
  if (line.bait) return <BaitDrawing bait={line.bait} act={act.bait} />
  return (
    <p className="text-slate">
      {`${line.label} carries a lure: ${line.hookCount === 1 ? 'one hook' : `${line.hookCount} hooks`}. Choose its hooks on the drawing; a bait is chosen as the line's lure.`}
    </p>
  )
}
