import { dot, line, text } from '@observablehq/plot'
import { useCallback, useMemo } from 'react'
import { shortHours } from '../model'
import type { Placed } from '../queries'
import { Plotted } from './Plotted'

/** Where a line is held, seen from above (m): astern of her stern, and to starboard. */
export interface HeldAt {
  name: string
  astern: number
  starboard: number
}

interface Shown extends HeldAt {
  strikes: number
  minutes: number
  per100: number
}

const TITLE = 'Strikes for the time fished, by position on the boat'
const MOST_R = 26

/** Each position where its tip is, the larger the more for the time; what she carries no more is in the table. */
export function PositionPicture({
  positions,
  held,
  lengthM,
  beamM,
}: {
  positions: readonly Placed[]
  held: readonly HeldAt[]
  lengthM: number
  beamM: number
}) {
  const shown = useMemo(() => shownOf(positions, held), [positions, held])
  const options = useCallback(
    () => ({
      height: 330,
      aspectRatio: 1,
      axis: null,
      margin: 30,
      marginBottom: 82,
      x: { domain: reach(held, beamM) },
      y: { domain: [sternmost(held) + 2, -lengthM - 0.5] as [number, number] },
      r: { range: [3, MOST_R], domain: [0, Math.max(...shown.map(({ per100 }) => per100), 1e-6)] },
      marks: [
        line(hull(lengthM, beamM), { x: '0', y: '1', stroke: '#17211b', strokeWidth: 2, fill: '#e7e5d8' }),
        dot(shown, {
          x: 'starboard',
          y: 'astern',
          r: 'per100',
          fill: '#3f5f46',
          fillOpacity: 0.8,
          stroke: '#17211b',
        }),
        // Neighbours stand close: their labels stand in three rows.
        ...[0, 1, 2].map((other) =>
          text(
            shown.filter((_, i) => i % 3 === other),
            {
              x: 'starboard',
              y: 'astern',
              text: (one: Shown) => `${one.strikes} in ${shortHours(one.minutes)}`,
              dy: MOST_R + 9 + 18 * other,
              stroke: '#f3f2ea',
              strokeWidth: 4,
              fill: '#17211b',
            },
          ),
        ),
      ],
    }),
    [shown, held, lengthM, beamM],
  )
  if (positions.length === 0) return null
  return (
    <figure className="min-w-0" data-testid="picture-POSITION">
      <figcaption className="font-bold">{TITLE}</figcaption>
      {shown.length > 0 && <Plotted title={TITLE} options={options} />}
      <PositionTable positions={positions} />
    </figure>
  )
}

function shownOf(positions: readonly Placed[], held: readonly HeldAt[]): Shown[] {
  const same = (name: string) => held.find((one) => one.name.toLowerCase() === name.toLowerCase())
  return positions
    .flatMap(({ position, sum }) => {
      const at = same(position)
      return at && sum.minutes > 0
        ? [{ ...at, strikes: sum.strikes, minutes: sum.minutes, per100: sum.per100 ?? 0 }]
        : []
    })
    .sort((one, other) => one.starboard - other.starboard)
}

const reach = (held: readonly HeldAt[], beamM: number): [number, number] => {
  const half = Math.max(beamM, ...held.map(({ starboard }) => Math.abs(starboard))) + 1
  return [-half, half]
}

const sternmost = (held: readonly HeldAt[]): number => Math.max(0, ...held.map(({ astern }) => astern))

/** Her outline, the bow at the top. */
function hull(length: number, beam: number): [number, number][] {
  const side: [number, number][] = [
    [0, -1],
    [0.28, -0.88],
    [0.42, -0.7],
    [0.5, -0.45],
    [0.47, 0],
  ]
  const right = side.map(([x, y]): [number, number] => [x * beam, y * length])
  const left = right.map(([x, y]): [number, number] => [-x, y]).reverse()
  return [...right, ...left]
}

function PositionTable({ positions }: { positions: readonly Placed[] }) {
  return (
    <details className="text-sm print:hidden">
      <summary className="min-h-11 cursor-pointer py-2">As a table</summary>
      <table className="w-full text-left">
        <caption className="sr-only">{TITLE}</caption>
        <thead>
          <tr className="border-b-2 border-ink">
            <th scope="col">Position</th>
            <th scope="col">Strikes</th>
            <th scope="col">Fished</th>
            <th scope="col">In 100 minutes</th>
          </tr>
        </thead>
        <tbody>
          {positions.map(({ position, sum }) => (
            <tr key={position} className="border-b border-ink/20">
              <th scope="row">{position}</th>
              <td>{sum.strikes}</td>
              <td>{shortHours(sum.minutes)}</td>
              <td>{sum.per100?.toPrecision(2) ?? 'time not known'}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  )
}
