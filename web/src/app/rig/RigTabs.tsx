import type { Rig } from '../../rig/queries'
import { TypedField } from '../../shared/ui/TypedField'

export const TABS = ['tonight', 'goods', 'bait', 'marks', 'strike', 'ways'] as const
export type Tab = (typeof TABS)[number]
export const TAB_WORDS: Record<Tab, string> = {
  tonight: 'Tonight',
  goods: 'To buy',
  bait: 'Bait and hooks',
  marks: 'Marks',
  strike: 'Strike and run',
  ways: 'Ways',
}

/** Lists and figures below the drawing; that of baits only where a line carries one. */
export function Tabs({ tab, onTab, bait }: { tab: Tab; onTab(tab: Tab): void; bait: boolean }) {
  return (
    <div
      role="tablist"
      aria-label="Lists and figures"
      className="flex shrink-0 overflow-x-auto border-t-2 border-ink bg-shade px-3 max-md:order-2"
    >
      {TABS.filter((one) => one !== 'bait' || bait || tab === 'bait').map((one) => (
        <button
          key={one}
          type="button"
          role="tab"
          aria-selected={tab === one}
          className={`min-h-11 shrink-0 border-b-[3px] px-3 ${tab === one ? 'border-moss font-bold' : 'border-transparent hover:border-ink/40'}`}
          onClick={() => onTab(one)}
        >
          {TAB_WORDS[one]}
        </button>
      ))}
    </div>
  )
}

/** Dead baits to be brined, asked only where a line carries one. */
export function Baits({
  rig,
  wanted,
  onBaits,
}: {
  rig: Rig
  wanted: number | undefined
  onBaits(count: number): void
}) {
  const dead = rig.lines.some((line) => line.bait && !line.bait.kind.includes('LIVE'))
  if (!dead) return null
  return (
    <p className="flex items-center gap-2">
      <span>Dead baits for the day</span>
      <TypedField
        label="Dead baits for the day"
        value={String(wanted ?? rig.deadBaits)}
        size={4}
        className="h-11"
        onCommit={(typed) => {
          const count = Number(typed)
          if (!Number.isInteger(count) || count < 0 || count > 500) return 'Type a number from 0 to 500.'
          onBaits(count)
          return null
        }}
      />
    </p>
  )
}
