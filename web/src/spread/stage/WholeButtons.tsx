import { Button } from '../../shared/ui/Button'
import type { StageScales, Whole } from './scales'

/** Lets one of the two views take the whole stage, and gives the other its place back. */
export function WholeButtons({
  whole,
  scales,
  onWhole,
}: {
  whole: Whole
  scales: StageScales
  onWhole(whole: Whole): void
}) {
  // Far lures lie low and near the middle: where there is little room the upper corners are free.
  const top = scales.narrow
    ? { plan: 4, side: scales.sideTop + 4 }
    : { plan: scales.planHeight - 50, side: scales.sideTop + scales.sideHeight - 50 }
  return (['plan', 'side'] as const)
    .filter((view) => whole === 'both' || whole === view)
    .map((view) => (
      <Button
        key={view}
        className="absolute right-2"
        style={{ top: top[view] }}
        aria-label={whole === view ? 'Both views' : `Whole stage for the ${view} view`}
        onClick={() => onWhole(whole === view ? 'both' : view)}
      >
        {whole === view ? 'Both' : 'Whole'}
      </Button>
    ))
}
