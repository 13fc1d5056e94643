import { Button } from '../../shared/ui/Button'
import type { Label } from '../../shared/drawing/labels'
import type { StageScales, Whole } from './scales'

const HIGH = 44
const WIDE = 84

/** Far lures lie near the middle of the plan, and right under the surface: corners that no lure comes to. */
function cornerOf(scales: StageScales, view: 'plan' | 'side'): { x: number; y: number } {
  const right = scales.width - WIDE
  if (view === 'plan') return { x: right, y: scales.narrow ? 4 : scales.planHeight - 50 }
  return { x: scales.narrow ? 0 : right, y: scales.sideTop + scales.sideHeight - 50 }
}

/** What labels keep off. */
export const buttonBox = (scales: StageScales, view: 'plan' | 'side'): Label => ({
  id: `whole ${view}`,
  ...cornerOf(scales, view),
  width: WIDE,
  height: HIGH,
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
  return (['plan', 'side'] as const)
    .filter((view) => whole === 'both' || whole === view)
    .map((view) => (
      <Button
        key={view}
        className="absolute"
        style={{ left: cornerOf(scales, view).x + 8, top: cornerOf(scales, view).y }}
        aria-label={whole === view ? 'Both views' : `Whole stage for the ${view} view`}
        onClick={() => onWhole(whole === view ? 'both' : view)}
      >
        {whole === view ? 'Both' : 'Whole'}
      </Button>
    ))
}
