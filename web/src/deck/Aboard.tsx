import { useState } from 'react'
import { Sheet } from '../shared/ui/Sheet'
import type { Fact } from '../strikes/fold/model'
import { Big } from './StrikeCard'
import { wellOf } from './well'

/** Most that one tap puts into the well, or takes out. */
const MOST = 100
const LONGEST = 60

/** What changes aboard: bait in the well, engines that push. */
export function Aboard({
  facts,
  engines,
  onBait,
  onEngines,
  onClose,
}: {
  /** Of the day so far. */
  facts: readonly Fact[]
  /** She has so many. */
  engines: number
  onBait(kind: 'BAIT_CAUGHT' | 'BAIT_DEAD', bait: string, count: number): void
  onEngines(running: number): void
  onClose(): void
}) {
  const well = wellOf(facts)
  const [bait, setBait] = useState(well[0]?.bait ?? '')
  const [count, setCount] = useState(1)
  const [asked, setAsked] = useState(false)
  const named = bait.trim()
  const tell = (kind: 'BAIT_CAUGHT' | 'BAIT_DEAD') => {
    setAsked(named === '')
    if (named === '') return
    onBait(kind, named, count)
    onClose()
  }
  return (
    <Sheet title="Aboard" open onClose={onClose}>
      <h3 className="mb-2 text-lg font-bold">In the well today</h3>
      <p className="mb-3 text-lg">
        {well.length === 0
          ? 'Nothing told yet.'
          : `${well.map((one) => `${one.left} ${one.bait} (${one.caught} caught, ${one.dead} dead)`).join('; ')}.`}
      </p>
      <div className="mb-3 flex flex-wrap items-end gap-3">
        <label className="text-lg">
          Bait
          <input
            className="block h-16 w-56 rounded-md border-[3px] border-ink bg-foam px-3 text-lg"
            value={bait}
            maxLength={LONGEST}
            aria-invalid={asked && named === ''}
            onChange={(event) => setBait(event.target.value)}
          />
        </label>
        <div role="group" aria-label="How many" className="flex items-center gap-2">
          <Big onClick={() => setCount(Math.max(1, count - 1))}>
            −<span className="sr-only"> one fewer</span>
          </Big>
          <span className="w-12 text-center font-mono text-3xl" aria-live="polite">
            {count}
          </span>
          <Big onClick={() => setCount(Math.min(MOST, count + 1))}>
            +<span className="sr-only"> one more</span>
          </Big>
        </div>
      </div>
      {asked && named === '' && (
        <p role="alert" className="mb-3 text-lg font-bold text-rust-text">
          Say what bait it is first.
        </p>
      )}
      <div className="mb-6 grid grid-cols-2 gap-2">
        <Big onClick={() => tell('BAIT_CAUGHT')}>{count} caught</Big>
        <Big onClick={() => tell('BAIT_DEAD')}>{count} dead</Big>
      </div>
      <h3 className="mb-2 text-lg font-bold">Engines that push from now on</h3>
      <div className="flex flex-wrap gap-2">
        {Array.from({ length: engines + 1 }, (_, running) => (
          <Big
            key={running}
            onClick={() => {
              onEngines(running)
              onClose()
            }}
          >
            {running === 0 ? 'None' : running === 1 ? 'One' : `${running}`}
          </Big>
        ))}
      </div>
    </Sheet>
  )
}
