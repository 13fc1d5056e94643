import { isLead, setDrag, setPiece } from '../../draft/model'
import { ChainStage } from '../../rig/chain/ChainStage'
import { ChainTable } from '../../rig/ChainTable'
import { DragBar } from '../../rig/DragBar'
import { Findings } from '../../rig/Findings'
import { PartStrip } from '../../rig/part/PartStrip'
import { TieAs } from '../../spread/strip/TieAs'
import { BenchTab } from './BenchTab'
import { Tabs } from './RigTabs'
import { useOnBench, type BenchProps, type OnBench } from './useOnBench'

/** The chosen line: drawing, window, lists, and what the bench says. */
export function Bench(props: BenchProps) {
  const b = useOnBench(props)
  const { line } = b
  return (
    <main className="flex min-h-0 flex-1 max-md:flex-col">
      <div className="flex min-w-0 flex-1 flex-col max-md:contents">
        <Chain b={b} />
        <Part b={b} />
        <DragBar
          line={line}
          onSet={(newtons, settled) => b.live((doc) => setDrag(doc, line.lineId, newtons), settled)}
        />
        <Tabs tab={b.tab} onTab={b.onTab} bait={line.bait !== undefined} />
        <BenchTab b={b} />
      </div>
      <aside
        className="flex w-[300px] shrink-0 flex-col gap-3.5 overflow-y-auto border-l border-ink/20 py-3.5 max-md:order-1 max-md:w-auto max-md:border-l-0"
        aria-label="What the bench says"
      >
        {b.drafted && (
          <div className="px-3">
            <TieAs boat={b.boat.boatId} line={b.drafted} editor={b.editor} />
          </div>
        )}
        <Findings line={line} timeZone={b.zone} onMend={b.mend} />
      </aside>
    </main>
  )
}

/** As it is tied, drawn or in rows. */
function Chain({ b: { line, table, part, setPart, live, act } }: { b: OnBench }) {
  if (table)
    return (
      <div
        className="min-h-0 flex-1 overflow-y-auto px-4 py-2"
        tabIndex={0}
        role="region"
        aria-label="The chain in rows"
      >
        <ChainTable line={line} />
      </div>
    )
  return (
    <div className="flex min-h-64 flex-[6] flex-col max-md:h-80 max-md:flex-none">
      <ChainStage
        line={line}
        selected={part}
        onSelect={setPart}
        onStretch={(piece, lengthM, settled) =>
          live((doc) => setPiece(doc, line.lineId, piece, { lengthM }), settled)
        }
        onDrop={act.add}
      />
    </div>
  )
}

/** The chosen part, with what it can be. */
function Part({ b: { line, part, drafted, gear, rig, act } }: { b: OnBench }) {
  const itemOf = (piece: number) => {
    const tied = drafted?.tackle[piece]
    return tied && { ...tied, footChosen: tied.foot !== undefined }
  }
  return (
    <PartStrip
      bench={line}
      part={part === null ? undefined : line.parts[part]}
      pieces={drafted?.tackle.length ?? 0}
      itemOf={itemOf}
      lines={gear.lines}
      weights={gear.lures}
      lures={gear.lures.filter((lure) => !isLead(lure.kind))}
      reels={gear.reels}
      scents={rig.lines.flatMap((one) => one.scent ?? [])}
      act={act}
    />
  )
}
