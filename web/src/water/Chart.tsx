import type BaseLayer from 'ol/layer/Base'
import { useRef } from 'react'
import type { Extent, Sea } from './model'
import { useChartMap, type Told } from './useChartMap'

/** A picture of the water, north up: dragged and zoomed as any map, by keys too. It is no chart to find a way by. */
export function Chart({
  sea,
  bounds,
  layers,
  label,
  onRead,
  onPlace,
  onHold,
  lookAt,
}: Told & {
  sea: Sea
  /** West, south, east and north that are shown at first (m). */
  bounds: Extent
  /** From below. */
  layers: readonly BaseLayer[]
  label: string
  /** Brought into view where it is not, or is small in it; the same again changes nothing. */
  lookAt?: Extent | null
}) {
  const at = useRef<HTMLDivElement>(null)
  const scale = useChartMap(at, { sea, bounds, layers, lookAt: lookAt ?? null }, { onRead, onPlace, onHold })
  return (
    <div className="relative min-h-0 flex-1 bg-foam max-md:min-h-[62vh]" data-testid="chart">
      <div
        ref={at}
        tabIndex={0}
        role="application"
        data-picture
        aria-label={label}
        className="absolute inset-0"
        onPointerLeave={() => onRead(null)}
      />
      {scale && (
        <div className="pointer-events-none absolute bottom-3 left-4 text-sm" data-testid="scale">
          <div className="h-2 border-x-2 border-b-2 border-ink" style={{ width: scale.px }} />
          <span className="rounded-sm bg-foam/80 px-1">
            {scale.miles} {scale.miles === 1 ? 'mile' : 'miles'}
          </span>
        </div>
      )}
      <p className="pointer-events-none absolute right-3 bottom-2 rounded-sm bg-foam/80 px-1 text-sm text-slate">
        A picture of the water, not for navigation
      </p>
    </div>
  )
}
