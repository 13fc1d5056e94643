import OlMap from 'ol/Map'
import View from 'ol/View'
import type BaseLayer from 'ol/layer/Base'
import { containsExtent, getHeight } from 'ol/extent'
import { Projection } from 'ol/proj'
import { useEffect, useRef, useState } from 'react'
import { holding } from './holding'
import { scaleOf, type Sea } from './model'
import type { SeaSpot } from './queries'

const NARROWEST_M = 2
const WIDEST_M = 2000
/** What is looked at is at least such a part of the picture. */
const SMALL = 3

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
}: {
  sea: Sea
  /** West, south, east and north that are shown at first (m). */
  bounds: readonly [number, number, number, number]
  /** From below. */
  layers: readonly BaseLayer[]
  label: string
  /** The pointer rests over a place, or left. */
  onRead(spot: SeaSpot | null): void
  /** A numbered place was touched. */
  onPlace(place: number): void
  /** What was taken hold of is over a place; null: it is let go. */
  onHold?: ((handle: unknown, spot: SeaSpot | null) => void) | undefined
  /** Brought into view where it is not, or is small in it; the same again changes nothing. */
  lookAt?: readonly [number, number, number, number] | null
}) {
  const at = useRef<HTMLDivElement>(null)
  const map = useRef<OlMap | null>(null)
  const [scale, setScale] = useState<{ miles: number; px: number } | null>(null)
  const told = useRef({ onRead, onPlace, onHold, sea })
  told.current = { onRead, onPlace, onHold, sea }
  const [west, south, east, north] = bounds

  useEffect(() => {
    const view = new View({
      projection: new Projection({ code: 'sea', units: 'm' }),
      center: [(west + east) / 2, (south + north) / 2],
      minResolution: NARROWEST_M,
      maxResolution: WIDEST_M,
      resolution: 100,
      enableRotation: false,
    })
    const made = new OlMap({ target: at.current!, view, controls: [], keyboardEventTarget: at.current! })
    made.once('postrender', () => view.fit([west, south, east, north], { padding: [6, 6, 6, 6] }))
    const scaled = () => setScale(scaleOf(view.getResolution() ?? 100))
    view.on('change:resolution', scaled)
    made.on('pointermove', ({ coordinate, dragging }) => {
      if (!dragging) told.current.onRead(told.current.sea.toSpot(coordinate[0]!, coordinate[1]!))
    })
    made.on('click', ({ pixel, coordinate }) => {
      told.current.onRead(told.current.sea.toSpot(coordinate[0]!, coordinate[1]!))
      made.forEachFeatureAtPixel(
        pixel,
        (feature) => {
          const place = feature.get('place') as number | undefined
          if (place !== undefined) told.current.onPlace(place)
          return place !== undefined
        },
        { hitTolerance: 8 },
      )
    })
    made.addInteraction(
      holding((handle, at) => {
        const spot = at && told.current.sea.toSpot(at[0]!, at[1]!)
        told.current.onHold?.(handle, spot)
      }),
    )
    map.current = made
    return () => {
      made.setTarget(undefined)
      made.dispose()
      map.current = null
    }
  }, [west, south, east, north])

  useEffect(() => {
    map.current?.setLayers([...layers])
  }, [layers, west, south, east, north])

  useEffect(() => {
    const view = map.current?.getView()
    if (!lookAt || !view) return
    const seen = view.calculateExtent()
    const small = Math.max(lookAt[2] - lookAt[0], lookAt[3] - lookAt[1]) * SMALL < getHeight(seen)
    if (small || !containsExtent(seen, [...lookAt]))
      view.fit([...lookAt], { padding: [34, 34, 34, 34], duration: 250 })
  }, [lookAt])

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
