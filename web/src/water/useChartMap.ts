import OlMap from 'ol/Map'
import View from 'ol/View'
import type BaseLayer from 'ol/layer/Base'
import { containsExtent, getHeight } from 'ol/extent'
import { Projection } from 'ol/proj'
import { useEffect, useRef, useState, type RefObject } from 'react'
import { holding } from './holding'
import { scaleOf, type Extent, type Sea } from './model'
import type { SeaSpot } from './queries'

const NARROWEST_M = 2
const WIDEST_M = 2000
/** What is looked at is at least such a part of the picture. */
const SMALL = 3

/** What a hand does on the picture. */
export interface Told {
  /** The pointer rests over a place, or left. */
  onRead(spot: SeaSpot | null): void
  /** A numbered place was touched. */
  onPlace(place: number): void
  /** What was taken hold of is over a place; null: it is let go. */
  onHold?: ((handle: unknown, spot: SeaSpot | null) => void) | undefined
}

/** The map in an element; made anew where other bounds are shown. @returns miles of its scale and how long they are drawn (px) */
export function useChartMap(
  at: RefObject<HTMLDivElement | null>,
  {
    sea,
    bounds: [west, south, east, north],
    layers,
    lookAt,
  }: { sea: Sea; bounds: Extent; layers: readonly BaseLayer[]; lookAt: Extent | null },
  hand: Told,
) {
  const map = useRef<OlMap | null>(null)
  const [scale, setScale] = useState<{ miles: number; px: number } | null>(null)
  const told = useRef({ ...hand, sea })
  told.current = { ...hand, sea }

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
    listen(made, told)
    map.current = made
    return () => {
      made.setTarget(undefined)
      made.dispose()
      map.current = null
    }
  }, [at, west, south, east, north])

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

  return scale
}

function listen(made: OlMap, told: RefObject<Told & { sea: Sea }>) {
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
}
