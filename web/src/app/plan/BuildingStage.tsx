import { Button } from '../../shared/ui/Button'
import type { Boat, Gear } from '../../draft/queries'
import { Stage } from '../../spread/stage/Stage'
import type { LineHandling } from '../../spread/stage/useLineHandling'
import type { Building } from './useBuild'

/** Nothing is moved while the search goes on. */
const still: LineHandling = { select: () => {}, seeking: null, props: () => ({}) }

/** The spread as it is searched: its first picture, and how far the turns are tried. */
export function BuildingStage({ boat, gear, building }: { boat: Boat; gear: Gear; building: Building }) {
  const { share, picture, cancel } = building
  return (
    <div className="relative flex min-h-[480px] flex-1 flex-col" data-testid="building">
      {picture && (
        <Stage
          boat={boat}
          gear={gear}
          doc={{ name: '', draft: picture.draft }}
          solved={picture.solved}
          selected={null}
          dragging={false}
          handling={still}
        />
      )}
      <div className="absolute top-3 left-4 flex items-center gap-3 border-2 border-ink bg-foam p-3">
        <label className="grid gap-1">
          <span>
            {picture ? 'A first spread stands. Its turns are tried.' : 'Filling the positions from the box.'}
          </span>
          <progress className="w-64 accent-[#4d6b3c]" max={1} value={share ?? 0} />
        </label>
        <Button onClick={cancel}>Cancel</Button>
      </div>
    </div>
  )
}
