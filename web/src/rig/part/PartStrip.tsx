import type { Part } from '../queries'
import type { OfPart } from './actions'
import { ChosenPart } from './ChosenPart'
import { Tray } from './Tray'

/** The chosen part with its few controls, and the tray of what can be tied in. */
export function PartStrip({ part, ...of }: OfPart & { part: Part | undefined }) {
  return (
    <section
      aria-label="Chosen part"
      className="flex min-h-14 shrink-0 flex-wrap items-center gap-x-3 gap-y-1 border-y border-ink/25 bg-shade px-4 py-1"
    >
      {part ? (
        <ChosenPart {...of} part={part} />
      ) : (
        <p className="text-slate">Choose a part of the chain. Drag a leader to stretch it.</p>
      )}
      <span className="grow" />
      <Tray part={part} act={of.act} />
    </section>
  )
}
