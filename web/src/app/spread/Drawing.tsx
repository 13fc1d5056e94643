import { Suspense } from 'react'
import { later } from '../../shared/later'
import { Button } from '../../shared/ui/Button'
import { Stage } from '../../spread/stage/Stage'
import type { SpreadState } from './useSpread'

const HelmStage = later(() => import('../../spread/helm/HelmStage').then((module) => module.HelmStage))
const TableTwin = later(() => import('../../spread/TableTwin').then((module) => module.TableTwin))

/** The spread as it is looked at: drawn, as a table, or along a way she is steered. */
export function Drawing({ s }: { s: SpreadState }) {
  const { boat, gear, editor, solving, selected, handling, turn, label } = s
  if (s.view === 'table')
    return (
      <Suspense fallback={<div className="flex-1" />}>
        <TableTwin {...{ editor, boat, gear, selected }} solved={s.solved} onSelect={s.select} />
      </Suspense>
    )
  if (s.view === 'helm')
    return (
      <Suspense fallback={<div className="flex-1" />}>
        <HelmStage
          {...{ boat, gear, label }}
          doc={s.drawn}
          radiusM={turn.radiusM}
          onClose={() => s.put({ view: null })}
        />
      </Suspense>
    )
  return (
    <div
      className="relative flex min-h-0 min-w-0 flex-1 flex-col"
      data-testid="drawing"
      aria-busy={s.drawn.draft !== editor.doc.draft}
    >
      <Stage
        {...{ boat, gear, selected, handling }}
        turns={turn.turns}
        turned={turn.turned}
        onTurn={turn.setTurned}
        {...(turn.numbers && { order: turn.numbers })}
        doc={s.drawn}
        solved={solving.solved}
        dragging={editor.dragging}
        after={s.after}
      />
      {s.lines.length === 0 && <Empty onAdd={s.add} />}
    </div>
  )
}

function Empty({ onAdd }: { onAdd(): void }) {
  return (
    <div className="pointer-events-none absolute inset-0 flex items-center justify-center">
      <div className="pointer-events-auto border-2 border-ink bg-foam p-6 text-center">
        <p className="mb-3 text-lg">No lines out yet.</p>
        <Button tone="strong" onClick={onAdd}>
          Add the first line
        </Button>
      </div>
    </div>
  )
}
