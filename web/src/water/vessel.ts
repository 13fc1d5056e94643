/** The boat on the picture of the water, and where she has been. */
import Feature from 'ol/Feature'
import LineString from 'ol/geom/LineString'
import Point from 'ol/geom/Point'
import VectorLayer from 'ol/layer/Vector'
import VectorSource from 'ol/source/Vector'
import { Circle, Fill, Stroke, Style } from 'ol/style'
import { FOAM, INK } from './inks'
import type { Sea } from './model'
import type { SeaSpot } from './queries'

/** Her outline, bow up, from the middle of her transom (px). */
const HULL = 'M-6 0 L-6 -20 Q-4.5 -29 0 -33 Q4.5 -29 6 -20 L6 0 Z'

const ALONE = new Style({
  image: new Circle({
    radius: 6,
    fill: new Fill({ color: FOAM }),
    stroke: new Stroke({ color: INK, width: 2.5 }),
  }),
})

/** @param faded she was there a while ago */
const hull = (headingDeg: number, faded: boolean) =>
  new Style({
    renderer: (at, { context, pixelRatio }) => {
      const [x, y] = at as number[]
      context.save()
      context.translate(x!, y!)
      context.scale(pixelRatio, pixelRatio)
      context.rotate((headingDeg * Math.PI) / 180)
      const outline = new Path2D(HULL)
      context.lineJoin = 'round'
      context.strokeStyle = FOAM
      context.lineWidth = 6
      context.stroke(outline)
      context.fillStyle = faded ? `${FOAM}99` : FOAM
      context.fill(outline)
      context.strokeStyle = INK
      context.lineWidth = 2.5
      if (faded) context.setLineDash([3, 3])
      context.stroke(outline)
      context.restore()
    },
  })

const layer = (features: Feature[]) => new VectorLayer({ source: new VectorSource({ features }) })

const drawn = [
  new Style({ stroke: new Stroke({ color: FOAM, width: 4 }) }),
  new Style({ stroke: new Stroke({ color: INK, width: 1.8 }) }),
]

/** Her ways, each as far as it is known: thin, over the tints and under all that is touched. */
export const trackLayer = (ways: readonly (readonly SeaSpot[])[], sea: Sea) =>
  layer(
    ways
      .filter((way) => way.length > 1)
      .map((way) => {
        const track = new Feature(new LineString(way.map((spot) => sea.toXy(spot))))
        track.setStyle(drawn)
        return track
      }),
  )

/** Where she is; a ring where nobody knows how she lies. */
export function vesselLayer(at: SeaSpot, headingDeg: number | undefined, faded: boolean, sea: Sea) {
  const vessel = new Feature(new Point(sea.toXy(at)))
  vessel.setStyle(headingDeg === undefined ? ALONE : hull(headingDeg, faded))
  return layer([vessel])
}
