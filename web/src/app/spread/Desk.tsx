import { Suspense, useDeferredValue } from 'react'
import { Drawing } from './Drawing'
import { Said, Strikes, Strip } from './beside'
import type { SpreadState } from './useSpread'

/** Drawing, what is said of it, and the strip of the selected line, side by side. */
export function Desk({ s }: { s: SpreadState }) {
  const { boat, gear, selected, solved, solving } = s
  // The drawing stands first; what is beside it comes in the next breath.
  const beside = useDeferredValue(true, false)
  return (
    <>
      <main className="flex min-h-0 flex-1">
        <Drawing s={s} />
        <aside aria-label="Why" className="flex w-[304px] shrink-0 flex-col border-l border-ink/20">
          <Suspense fallback={null}>
            {beside && <Said s={s} />}
            {beside && <Strikes reports={s.reports} trip={s.trip} lines={solved} folded />}
          </Suspense>
        </aside>
      </main>
      <Suspense fallback={<div className="h-[126px] shrink-0 border-t-2 border-ink bg-shade" />}>
        <Strip
          {...{ boat, gear, selected, solved }}
          {...(solving.solved?.ground && { ground: solving.solved.ground })}
          editor={s.strip}
          onRemoved={() => s.put({ line: null })}
          onSeen={() => s.setSheet('seen')}
        />
      </Suspense>
    </>
  )
}
