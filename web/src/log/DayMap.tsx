import { dot, line } from '@observablehq/plot'
import { useCallback } from 'react'
import { Plotted } from './pictures/Plotted'

export interface Spot {
  latitudeDeg: number
  longitudeDeg: number
}

const HEIGHT_PX = 300
/** A day that lay still still has a picture (degrees of latitude). */
const LEAST_DEG = 0.004

/** The way she went, where the lures were that were taken, and where she was at the moment looked at. North up. */
export function DayMap({
  way,
  strikes,
  seen,
  now,
}: {
  way: readonly Spot[]
  /** Where birds, bait or weed were. */
  seen: readonly Spot[]
  strikes: readonly (Spot & { landed: boolean })[]
  now: Spot | undefined
}) {
  const options = useCallback(
    (width: number) => {
      const { x, y } = frame([...way, ...strikes, ...seen], width)
      return {
        height: HEIGHT_PX,
        axis: null,
        margin: 16,
        x: { domain: x },
        y: { domain: y },
        marks: [
          line(way, { x: 'longitudeDeg', y: 'latitudeDeg', stroke: '#17211b', strokeWidth: 1.5 }),
          dot(seen, {
            x: 'longitudeDeg',
            y: 'latitudeDeg',
            r: 4,
            fill: '#f3f2ea',
            stroke: '#17211b',
          }),
          dot(strikes, {
            x: 'longitudeDeg',
            y: 'latitudeDeg',
            symbol: 'triangle2',
            r: 7,
            fill: (one: { landed: boolean }) => (one.landed ? '#c7bf3a' : '#f3f2ea'),
            stroke: '#17211b',
            strokeWidth: 1.5,
          }),
          dot(now ? [now] : [], {
            x: 'longitudeDeg',
            y: 'latitudeDeg',
            r: 8,
            fill: '#17211b',
            stroke: '#f3f2ea',
            strokeWidth: 3,
          }),
        ],
      }
    },
    [way, strikes, seen, now],
  )
  return (
    <div className="bg-water" data-testid="day-map">
      <Plotted title="The way of the day and where lures were taken, north up" options={options} />
    </div>
  )
}

/** One scale both ways, so that a circle is one. */
function frame(spots: readonly Spot[], width: number): { x: [number, number]; y: [number, number] } {
  const [south, north] = ends(spots.map(({ latitudeDeg }) => latitudeDeg))
  const [west, east] = ends(spots.map(({ longitudeDeg }) => longitudeDeg))
  const middle = (south + north) / 2
  const narrow = Math.cos((middle * Math.PI) / 180)
  const tall = Math.max(north - south, ((east - west) * narrow * HEIGHT_PX) / width, LEAST_DEG)
  const wide = (tall * width) / HEIGHT_PX / narrow
  const across = (west + east) / 2
  return {
    x: [across - wide / 2, across + wide / 2],
    y: [middle - tall / 2, middle + tall / 2],
  }
}

const ends = (values: readonly number[]): [number, number] => [Math.min(...values), Math.max(...values)]
