import type MapBrowserEvent from 'ol/MapBrowserEvent'
import type { Coordinate } from 'ol/coordinate'
import Pointer from 'ol/interaction/Pointer'

/** Set on a layer whose features can be taken hold of. */
export const HELD = 'held'

/** A finger is wider than a line (px). */
const TOLERANCE_PX = 10
/** Less is a touch, no drag (px). */
const STILL_PX = 4

/** What can be taken hold of under a pointer: points before lines. A line is held where it was taken. */
function under(event: MapBrowserEvent): unknown {
  let line: unknown = null
  const point = event.map.forEachFeatureAtPixel(
    event.pixel,
    (feature): unknown => {
      const handle = feature.get('handle') as object | undefined
      if (!handle) return undefined
      if (feature.getGeometry()?.getType() === 'Point') return handle
      line ??= { ...handle, xy: event.coordinate }
      return undefined
    },
    { hitTolerance: TOLERANCE_PX, layerFilter: (layer) => layer.get(HELD) === true },
  )
  return point ?? line
}

/** Features with a `handle` follow the pointer; everything else moves the picture. */
export function holding(onHold: (handle: unknown, at: Coordinate | null) => void): Pointer {
  let held: unknown = null
  let from: number[] | null = null
  return new Pointer({
    handleDownEvent: (event) => {
      held = under(event)
      from = event.pixel
      return held !== null
    },
    handleDragEvent: (event) => {
      if (from && Math.hypot(event.pixel[0]! - from[0]!, event.pixel[1]! - from[1]!) < STILL_PX) return
      from = null
      onHold(held, event.coordinate)
    },
    handleUpEvent: () => {
      onHold(held, null)
      held = null
      return false
    },
    handleMoveEvent: (event) => {
      if (event.dragging) return
      event.map.getTargetElement()?.classList.toggle('cursor-grab', under(event) !== null)
    },
  })
}
