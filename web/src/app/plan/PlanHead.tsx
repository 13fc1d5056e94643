import type { usePlan } from '../../call/usePlan'
import type { Boat } from '../../draft/queries'
import { Button } from '../../shared/ui/Button'
import { PlannedBy } from './PlannedBy'
import type { PlanSheet } from './PlanSheets'

/** The day that is planned, and what stands behind the call. */
export function PlanHead({
  boat,
  date,
  planning,
  onDate,
  onSheet,
}: {
  boat: Boat
  date: string
  planning: ReturnType<typeof usePlan>
  onDate(date: string): void
  onSheet(sheet: PlanSheet): void
}) {
  return (
    <div className="flex flex-wrap items-center gap-2 px-4 pb-1">
      <PlannedBy boat={boat.boatId} />
      <label className="flex items-center gap-2">
        Day
        <input
          type="date"
          aria-label="Day"
          className="h-11 rounded-sm border-2 border-ink/50 bg-foam px-1.5"
          value={date}
          onChange={(event) => event.target.value && onDate(event.target.value)}
        />
      </label>
      <Button small onClick={() => onSheet('steps')}>
        Steps of the day
      </Button>
      <Button small onClick={() => onSheet('ways')}>
        Your ways
      </Button>
      <Button small onClick={() => onSheet('rules')}>
        Seasons and rules
      </Button>
      <Button small disabled={!planning.canUndo} onClick={planning.undo}>
        Undo
      </Button>
      <span className="text-sm text-slate" role="status">
        {planning.problem ?? (planning.saving ? 'keeping…' : '')}
      </span>
    </div>
  )
}
