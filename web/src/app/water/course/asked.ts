import { bandAbout, edgeBand, lineNear, nearestOf, USUAL_LENGTH_M, type Asked } from '../../../course/model'
import type { CourseBody } from '../../../course/queries'
import { averaged, smoothed, type Sea } from '../../../water/model'
import type { Place, SeaSpot } from '../../../water/queries'

type Edge = { spots: readonly SeaSpot[] }

/** A course from a place: along the edge that made it one, else over its depth, else over ground alone. */
export function askedFrom(
  place: Place | SeaSpot,
  edges: readonly Edge[],
  depthAt: (spot: SeaSpot) => number | null,
  sea: Sea,
): Asked {
  const { latitudeDeg, longitudeDeg } = 'at' in place ? place.at : place
  const at = { latitudeDeg, longitudeDeg }
  const edge =
    'stepPerMileK' in place && place.stepPerMileK > 0
      ? lineNear(
          edges.map((one) => drawn(one, sea)),
          at,
        )
      : undefined
  const depth = depthAt(at)
  return {
    kind: edge || depth !== null ? 'ALONG' : 'LADDER',
    // A place is that of a cell; lines go in on the edge itself.
    start: edge ? edge[nearestOf(edge, at)]! : at,
    lengthM: USUAL_LENGTH_M,
    ...(edge ? { band: edgeBand(edge) } : depth !== null && { band: bandAbout(depth) }),
  }
}

/** As it is on the picture: a course must not leave the line that is seen. */
export const drawn = ({ spots }: Edge, sea: Sea): SeaSpot[] =>
  smoothed(averaged(spots.map((spot) => sea.toXy(spot)))).map(([x, y]) => sea.toSpot(x!, y!))

/** As it was kept; its hour and what she tows come from the page. */
export function askedOf(kept: CourseBody): Asked {
  const { at: _, draft: __, radiusM: ___, speedMps: ____, ...rest } = kept
  return rest
}
