import { useQuery } from '@tanstack/react-query'
import { Button } from '../../shared/ui/Button'
import { Select } from '../../shared/ui/Select'
import { Sheet } from '../../shared/ui/Sheet'
import { calibrationsOf, type Gear, type Line } from '../../draft/queries'
import { FitOutcome } from './FitOutcome'
import { History } from './History'
import { COEFFICIENT_WORDS, keyOf } from './model'
import { SeenRow } from './SeenRow'
import { useCalibration } from './useCalibration'

/** Fits one coefficient of what hangs on a line to what was seen of it. */
export function CalibrationSheet({
  boat,
  gear,
  line,
  label,
  depthM,
  speedMps,
  open,
  onClose,
}: {
  boat: string
  gear: Gear
  line: Line
  label: string
  /** As computed now. */
  depthM: number
  speedMps: number
  open: boolean
  onClose(): void
}) {
  const c = useCalibration(boat, gear, line, depthM, speedMps)
  return (
    <Sheet title={`${label}: seen elsewhere than computed`} open={open} onClose={onClose} wide>
      <ol className="flex flex-col gap-2">
        {c.seen.map((one, i) => (
          <SeenRow
            key={i}
            seen={one}
            line={line}
            onChange={(next) => c.change(i, next)}
            {...(c.seen.length > 1 && { onRemove: () => c.remove(i) })}
          />
        ))}
      </ol>
      <Button small className="mt-2" onClick={c.again}>
        Seen once more
      </Button>
      <WhatToFit {...c} />
      {c.wrong && (
        <div role="alert" className="mt-3 border-l-[5px] border-rust pl-3">
          {c.wrong.said.map((sentence) => (
            <p key={sentence}>{sentence}</p>
          ))}
        </div>
      )}
      {c.fit && <FitOutcome fit={c.fit} onKeep={() => void c.keep()} />}
      <Kept boat={boat} />
    </Sheet>
  )
}

function WhatToFit({ choices, item, choose, reason, setReason, attempt }: ReturnType<typeof useCalibration>) {
  return (
    <div className="mt-4 flex flex-wrap items-center gap-3">
      <label className="flex items-center gap-2">
        Fit
        <Select
          aria-label="What to fit"
          value={item ? keyOf(item) : ''}
          onChange={(event) => choose(event.target.value)}
        >
          {choices.map((choice) => (
            <option key={keyOf(choice)} value={keyOf(choice)}>
              {choice.name}: {COEFFICIENT_WORDS[choice.coefficient]}
            </option>
          ))}
        </Select>
      </label>
      <label className="flex grow items-center gap-2">
        because
        <input
          aria-label="Reason"
          className="h-11 grow rounded-sm border-2 border-ink/50 px-2"
          placeholder="Seen on the water"
          maxLength={200}
          value={reason}
          onChange={(event) => setReason(event.target.value)}
        />
      </label>
      <Button tone="strong" disabled={!item} onClick={() => void attempt()}>
        Fit it
      </Button>
    </div>
  )
}

function Kept({ boat }: { boat: string }) {
  const all = useQuery(calibrationsOf(boat)).data ?? []
  return all.length === 0 ? null : <History boat={boat} all={all} />
}
