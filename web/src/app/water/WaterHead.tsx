import { Button } from '../../shared/ui/Button'
import { Select } from '../../shared/ui/Select'
import { KINDS } from '../../water/model'
import type { Kind } from '../../water/queries'
import { PlannedBy } from '../plan/PlannedBy'
import type { useWater } from './useWater'
import { pictureWords } from './words'

/** Which kind of picture is shown, and of when it is. */
export function WaterHead({
  boat,
  w,
  timeZone,
  night,
  onNight,
}: {
  boat: string
  w: ReturnType<typeof useWater>
  timeZone: string
  /** As on Underway: eyes stay used to the dark. */
  night: boolean
  onNight(): void
}) {
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1 px-4 pb-1">
      <h1 className="text-lg font-bold">Where to begin</h1>
      <PlannedBy boat={boat} />
      {w.kinds.length > 0 && (
        <Select aria-label="Shown" value={w.kind} onChange={(event) => w.setKind(event.target.value as Kind)}>
          {w.kinds.map((kind) => (
            <option key={kind} value={kind}>
              {KINDS[kind].words}
            </option>
          ))}
        </Select>
      )}
      <Button small aria-pressed={night} onClick={onNight}>
        {night ? 'Day' : 'Night'}
      </Button>
      <span className="text-sm text-slate">
        {w.shown && pictureWords(w.shown, timeZone)}
        {w.passed &&
          `; a newer one, ${pictureWords(w.passed, timeZone)}, shows too little of the sea in reach`}
      </span>
    </div>
  )
}
