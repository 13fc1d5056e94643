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
  const foot = { plan: scales.planHeight, side: scales.sideTop + scales.sideHeight }
  return (['plan', 'side'] as const)
    .filter((view) => whole === 'both' || whole === view)
    .map((view) => (
      <Button
        key={view}
        className="absolute right-2"
        style={{ top: foot[view] - 50 }}
        aria-label={whole === view ? 'Both views' : `Whole stage for the ${view} view`}
        onClick={() => onWhole(whole === view ? 'both' : view)}
      >
        {whole === view ? 'Both' : 'Whole'}
      </Button>
    ))
}
