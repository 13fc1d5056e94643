/** What lies on the chart, as layers of the map library. */
import { contours } from 'd3-contour'
import Feature from 'ol/Feature'
import LineString from 'ol/geom/LineString'
import Point from 'ol/geom/Point'
import ImageLayer from 'ol/layer/Image'
import VectorLayer from 'ol/layer/Vector'
import ImageCanvas from 'ol/source/ImageCanvas'
import VectorSource from 'ol/source/Vector'
import { Circle, Fill, RegularShape, Stroke, Style, Text } from 'ol/style'
import { FOAM, FONT, INK, LICHEN, MONO, SLATE } from './inks'
import {
  averaged,
  boundsOf,
  contourLevels,
  shareOf,
  smoothed,
  thinned,
  tint,
  valueAt,
  type Sea,
} from './model'
import type { Grid, Mark, Place, SeaSpot } from './queries'

/** Tints that are told apart: more than an eye does. */
const STEPS = 256

/** One pixel a cell, drawn large without smoothing: what is between the cells nobody measured. */
export function tintLayer(grid: Grid, cells: Float32Array, sea: Sea) {
  const picture = document.createElement('canvas')
  picture.width = grid.columns
  picture.height = grid.rows
  const context = picture.getContext('2d')!
  const image = context.createImageData(grid.columns, grid.rows)
  const { least = 0, most = 1 } = grid
  // Four million cells are looked up, not reckoned, and written as whole pixels.
  const tints = Uint32Array.from({ length: STEPS }, (_, i) => {
    const [red, green, blue] = tint(grid.kind, i / (STEPS - 1))
    return (255 << 24) | (blue << 16) | (green << 8) | red
  })
  const pixels = new Uint32Array(image.data.buffer)
  const share = shareOf(grid.kind, least, most)
  for (let row = 0; row < grid.rows; row++) {
    const from = row * grid.columns
    const to = (grid.rows - 1 - row) * grid.columns
    for (let column = 0; column < grid.columns; column++) {
      const value = cells[from + column]!
      if (Number.isNaN(value)) continue
      const step = Math.round((STEPS - 1) * share(value))
      pixels[to + column] = tints[step < 0 ? 0 : step < STEPS ? step : STEPS - 1]!
    }
  }
  context.putImageData(image, 0, 0)
  const [west, south, east, north] = boundsOf(grid, sea)
  return new ImageLayer({
    source: new ImageCanvas({
      ratio: 1,
      interpolate: false,
      canvasFunction: (extent, resolution, pixelRatio, size) => {
        const canvas = document.createElement('canvas')
        canvas.width = size[0]!
        canvas.height = size[1]!
        const draw = canvas.getContext('2d')!
        draw.imageSmoothingEnabled = false
        const to = (metres: number) => (metres * pixelRatio) / resolution
        draw.drawImage(
          picture,
          to(west - extent[0]!),
          to(extent[3]! - north),
          to(east - west),
          to(north - south),
        )
        return canvas
      },
    }),
  })
}

const halo = new Stroke({ color: FOAM, width: 3 })

/** Some of its values, where they stand apart. */
export function figureLayer(grid: Grid, cells: Float32Array, sea: Sea, say: (value: number) => string) {
  const features: Feature[] = []
  const [across, up] = [5, 4]
  for (let i = 0; i < across * up; i++) {
    const spot = {
      latitudeDeg: grid.southDeg + ((Math.floor(i / across) + 0.5) / up) * grid.rows * grid.latStepDeg,
      longitudeDeg: grid.westDeg + (((i % across) + 0.5) / across) * grid.columns * grid.lonStepDeg,
    }
    const value = valueAt(grid, cells, spot)
    if (value === null) continue
    const feature = new Feature(new Point(sea.toXy(spot)))
    feature.setStyle(
      new Style({
        text: new Text({ text: say(value), font: MONO, fill: new Fill({ color: SLATE }), stroke: halo }),
      }),
    )
    features.push(feature)
  }
  return new VectorLayer({ source: new VectorSource({ features }), declutter: true })
}

/** Lines are drawn from no more cells than this each way: finer ones are no wider than the line (cells). */
const LINED = 400

/**
 * Lines of equal depth with their figures.
 *
 * @param unitM metres of the unit they are read in: depths are round in it
 */
export function contourLayer(
  fine: Grid,
  all: Float32Array,
  sea: Sea,
  unitM: number,
  say: (depth: number) => string,
) {
  const { grid, cells } = thinned(fine, all, LINED)
  const levels = contourLevels((grid.least ?? 0) / unitM, (grid.most ?? 0) / unitM)
  const features = levels
    .map((level) => level * unitM)
    .flatMap((level) =>
      contours()
        .size([grid.columns, grid.rows])
        .contour(
          Array.from(cells, (value) => (Number.isNaN(value) ? -1 : value)),
          level,
        )
        .coordinates.flatMap((polygon) => polygon.flatMap((ring) => inside(ring, grid)))
        .map((line) => {
          const feature = new Feature(
            new LineString(
              line.map(([x, y]) =>
                sea.toXy({
                  latitudeDeg: grid.southDeg + (y! - 0.5) * grid.latStepDeg,
                  longitudeDeg: grid.westDeg + (x! - 0.5) * grid.lonStepDeg,
                }),
              ),
            ),
          )
          feature.setStyle(
            new Style({
              stroke: new Stroke({ color: '#82938d', width: 1.3 }),
              text: new Text({
                text: say(level),
                font: '12px "Atkinson Hyperlegible Next Variable", sans-serif',
                placement: 'line',
                fill: new Fill({ color: SLATE }),
                stroke: halo,
              }),
            }),
          )
          return feature
        }),
    )
  return new VectorLayer({ source: new VectorSource({ features }), declutter: true })
}

/** Without the runs along the rim of the grid: there the depth does not change, it is not known. */
function inside(ring: number[][], { columns, rows }: Grid): number[][][] {
  const rim = ([x, y]: number[]) => x! <= 0.5 || y! <= 0.5 || x! >= columns - 0.5 || y! >= rows - 0.5
  const lines: number[][][] = [[]]
  for (const point of ring) {
    if (rim(point)) lines.push([])
    else lines.at(-1)!.push(point)
  }
  return lines.filter((line) => line.length > 2)
}

const lineOf = (spots: readonly SeaSpot[], sea: Sea, styles: Style[]) => {
  const feature = new Feature(new LineString(smoothed(averaged(spots.map((spot) => sea.toXy(spot))))))
  feature.setStyle(styles)
  return feature
}

/** Where the water changes: a dark line with a light one broken in it; that of the day before thin. */
export function edgeLayer(
  edges: readonly { spots: readonly SeaSpot[] }[],
  before: readonly { spots: readonly SeaSpot[] }[],
  sea: Sea,
) {
  const now = [
    new Style({ stroke: new Stroke({ color: INK, width: 4.5 }) }),
    new Style({ stroke: new Stroke({ color: FOAM, width: 1.5, lineDash: [9, 7] }) }),
  ]
  const then = [new Style({ stroke: new Stroke({ color: SLATE, width: 1.5, lineDash: [2, 5] }) })]
  return new VectorLayer({
    source: new VectorSource({
      features: [
        ...before.map(({ spots }) => lineOf(spots, sea, then)),
        ...edges.map(({ spots }) => lineOf(spots, sea, now)),
      ],
    }),
  })
}

/** Numbered places, the chosen one filled; and where the boat lies. */
export function placeLayer(
  places: readonly Place[],
  chosen: number,
  home: SeaSpot,
  homeName: string,
  sea: Sea,
) {
  const harbour = new Feature(new Point(sea.toXy(home)))
  harbour.setStyle(
    new Style({
      image: new Circle({
        radius: 5,
        fill: new Fill({ color: INK }),
        stroke: new Stroke({ color: FOAM, width: 2 }),
      }),
      text: new Text({
        text: homeName,
        font: FONT,
        offsetY: 16,
        fill: new Fill({ color: INK }),
        stroke: halo,
      }),
    }),
  )
  const numbered = places.map(({ at }, i) => {
    const feature = new Feature({ geometry: new Point(sea.toXy(at)), place: i })
    feature.setStyle(
      new Style({
        zIndex: i === chosen ? 2 : 1,
        image: new Circle({
          radius: 16,
          fill: new Fill({ color: i === chosen ? LICHEN : FOAM }),
          stroke: new Stroke({ color: INK, width: 2.5 }),
        }),
        text: new Text({
          text: String(i + 1),
          font: `bold ${FONT.replace('14', '16')}`,
          fill: new Fill({ color: INK }),
        }),
      }),
    )
    return feature
  })
  return new VectorLayer({ source: new VectorSource({ features: [harbour, ...numbered] }) })
}

/** Places with a name, as crosses. */
export function markLayer(marks: readonly Mark[], sea: Sea) {
  const features = marks.map((mark) => {
    const feature = new Feature(new Point(sea.toXy(mark)))
    feature.setStyle(
      new Style({
        image: new RegularShape({
          points: 4,
          radius: 7,
          radius2: 0,
          stroke: new Stroke({ color: INK, width: 2.5 }),
        }),
        text: new Text({
          text: mark.name,
          font: FONT,
          offsetX: 11,
          textAlign: 'left',
          fill: new Fill({ color: INK }),
          stroke: halo,
        }),
      }),
    )
    return feature
  })
  return new VectorLayer({ source: new VectorSource({ features }), declutter: true })
}

/** A square of sea in which lures were taken, and the time that lines fished there. */
export interface StruckSea extends SeaSpot {
  strikes: number
  minutes: number
}

/** Strikes for the time fished, the more the larger; hollow where nobody knows the time. */
export function struckLayer(pieces: readonly StruckSea[], sea: Sea) {
  const rate = ({ strikes, minutes }: StruckSea) => (minutes > 0 ? strikes / minutes : 0)
  const best = Math.max(1e-9, ...pieces.map(rate))
  const features = pieces
    .filter(({ strikes }) => strikes > 0)
    .map((piece) => {
      const feature = new Feature(new Point(sea.toXy(piece)))
      feature.setStyle(
        new Style({
          image: new RegularShape({
            points: 3,
            radius: 4 + 6 * Math.sqrt(rate(piece) / best),
            rotation: Math.PI,
            ...(piece.minutes > 0 && { fill: new Fill({ color: LICHEN }) }),
            stroke: new Stroke({ color: INK, width: 1.5 }),
          }),
        }),
      )
      return feature
    })
  return new VectorLayer({ source: new VectorSource({ features }) })
}
