import { Strip } from '../../spread/strip/Strip'
import { Drawing } from './Drawing'
import { Said } from './Said'
import { Strikes } from './Strikes'
import type { SpreadState } from './useSpread'

/** Drawing, what is said of it, and the strip of the selected line, side by side. */
export function Desk({ s }: { s: SpreadState }) {
  const { boat, gear, selected, solved, solving } = s
  return (
    <>
      <main className="flex min-h-0 flex-1">
        <Drawing s={s} />
        <aside aria-label="Why" className="flex w-[304px] shrink-0 flex-col border-l border-ink/20">
          <Said s={s} />
          <Strikes reports={s.reports} trip={s.trip} lines={solved} folded />
        </aside>
      </main>
      <Strip
        {...{ boat, gear, selected, solved }}
        {...(solving.solved?.ground && { ground: solving.solved.ground })}
        editor={s.strip}
        onRemoved={() => s.put({ line: null })}
        onSeen={() => s.setSheet('seen')}
      />
    </>
  )
}
