import { Button } from '../../shared/ui/Button'
import type { Label } from './labels'
import type { StageScales, Whole } from './scales'

// Far lures lie low and near the middle: where there is little room the upper corners are free.
const topsOf = (scales: StageScales) =>
  scales.narrow
    ? { plan: 4, side: scales.sideTop + 4 }
    : { plan: scales.planHeight - 50, side: scales.sideTop + scales.sideHeight - 50 }

/** What labels keep off. */
export const buttonBox = (scales: StageScales, view: 'plan' | 'side'): Label => ({
  id: `whole ${view}`,
  x: scales.width - 84,
  y: topsOf(scales)[view],
  width: 84,
  height: 44,
})

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
  const top = topsOf(scales)
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
