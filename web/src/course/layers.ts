/** A course as layers of the map library: what is drawn of it, and what can be taken hold of. */
import Feature from 'ol/Feature'
import LineString from 'ol/geom/LineString'
import Point from 'ol/geom/Point'
import VectorLayer from 'ol/layer/Vector'
import VectorSource from 'ol/source/Vector'
import { Circle, Fill, RegularShape, Stroke, Style, Text } from 'ol/style'
import { HELD } from '../water/holding'
import { FOAM, FONT, INK, MOSS, RUST, SLATE } from '../water/inks'
import type { Sea } from '../water/model'
import { spotsOf, type Asked, type Handle } from './model'
import type { Course, Sailed, Spot } from './queries'

const line = (spots: readonly Spot[], sea: Sea, styles: Style[], handle?: Handle) => {
  const feature = new Feature({
    geometry: new LineString(spots.map((spot) => sea.toXy(spot))),
    ...(handle && { handle }),
  })
  feature.setStyle(styles)
  return feature
}

const point = (spot: Spot, sea: Sea, style: Style, handle?: Handle) => {
  const feature = new Feature({ geometry: new Point(sea.toXy(spot)), ...(handle && { handle }) })
  feature.setStyle(style)
  return feature
}

const layer = (features: Feature[]) => new VectorLayer({ source: new VectorSource({ features }) })

/** Its features follow the hand. */
function held(features: Feature[]) {
  const all = layer(features)
  all.set(HELD, true)
  return all
}

/** Where she has been, as wide as nothing in particular: pale, under all else. */
export const coveredLayer = (covered: readonly number[], sea: Sea) =>
  layer(
    covered.length < 4
      ? []
      : [
          line(spotsOf(covered), sea, [
            new Style({ stroke: new Stroke({ color: `${SLATE}55`, width: 9, lineCap: 'butt' }) }),
          ]),
        ],
  )

/** Where each lure comes, thin. */
export const lureLayer = (sailed: Sailed | null, chosen: string | null, sea: Sea) =>
  layer(
    (sailed?.lures ?? [])
      .filter(({ places }) => places.length > 3)
      .map(({ lineId, places }) =>
        line(spotsOf(places), sea, [
          new Style({
            zIndex: lineId === chosen ? 1 : 0,
            stroke: new Stroke({
              color: lineId === chosen ? RUST : `${INK}66`,
              width: lineId === chosen ? 2.5 : 1,
            }),
          }),
        ]),
      ),
  )

const ring = (radius: number, fill: string, text?: string) =>
  new Style({
    zIndex: 3,
    image: new Circle({
      radius,
      fill: new Fill({ color: fill }),
      stroke: new Stroke({ color: INK, width: 2.5 }),
    }),
    ...(text && {
      text: new Text({
        text,
        font: `bold ${FONT}`,
        offsetY: -18,
        fill: new Fill({ color: INK }),
        stroke: new Stroke({ color: FOAM, width: 3 }),
      }),
    }),
  })

const arrow = (way: readonly Spot[], sea: Sea) => {
  const [from, to] = [sea.toXy(way.at(-2)!), sea.toXy(way.at(-1)!)]
  return new Style({
    zIndex: 2,
    image: new RegularShape({
      points: 3,
      radius: 10,
      rotation: Math.atan2(to[0] - from[0], to[1] - from[1]),
      fill: new Fill({ color: INK }),
      stroke: new Stroke({ color: FOAM, width: 1.5 }),
    }),
  })
}

/** Her way, the places it is held to, its start and its end. */
export function courseLayer(course: Course, asked: Asked, sailed: Sailed | null, sea: Sea) {
  const way = spotsOf(course.way)
  if (way.length < 2) return held([point(asked.start, sea, ring(8, FOAM, 'from here'), { of: 'START' })])
  const styles = [
    new Style({ stroke: new Stroke({ color: FOAM, width: 7 }) }),
    new Style({ stroke: new Stroke({ color: MOSS, width: 3.5 }) }),
  ]
  return held([
    line(way, sea, styles, { of: 'WAY', at: way[0]! }),
    point(way.at(-1)!, sea, arrow(way, sea)),
    point(way.at(-1)!, sea, ring(8, FOAM), { of: 'END' }),
    ...(asked.through ?? []).map((spot, i) => point(spot, sea, ring(7, FOAM), { of: 'THROUGH', i })),
    point(way[0]!, sea, ring(8, MOSS, 'lines in'), { of: 'START' }),
    ...(sailed?.met ?? []).map((met) =>
      point(
        met,
        sea,
        new Style({
          zIndex: 4,
          image: new RegularShape({
            points: 4,
            radius: 9,
            radius2: 0,
            angle: Math.PI / 4,
            stroke: new Stroke({ color: RUST, width: 3.5 }),
          }),
        }),
      ),
    ),
  ])
}
