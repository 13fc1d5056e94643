import { useSize } from '../shared/useWidth'
import { useUnits } from '../units/UnitsContext'
import type { Log, Struck } from './queries'

const DEGREE_M = 111_195
const SIDE = 5
/** Less time in a piece of sea says nothing of it (line-minutes). */
const LEAST_MIN = 120
const BARS_M = [50, 100, 200, 500, 1000, 2000, 5000, 10_000, 20_000]

/**
 * Where the lures were that were taken, north up, over what was taken there for the time fished; nothing is drawn that is
 * not known.
 */
export function StrikeMap({
  strikes,
  pieces,
  pieceM,
}: {
  strikes: readonly Struck[]
  pieces: Log['pieces']
  /** Side of a piece of sea. */
  pieceM: number
}) {
  const [frame, width, height] = useSize()
  const units = useUnits()
  const placed = strikes.flatMap(({ strikeId, latitudeDeg, longitudeDeg, outcome }) =>
    latitudeDeg === undefined || longitudeDeg === undefined
      ? []
      : [{ strikeId, latitudeDeg, longitudeDeg, landed: outcome === 'landed' || outcome === 'released' }],
  )
  const middle = {
    latitudeDeg: median(placed.map((one) => one.latitudeDeg)),
    longitudeDeg: median(placed.map((one) => one.longitudeDeg)),
  }
  const wide = Math.cos((middle.latitudeDeg * Math.PI) / 180)
  const spots = placed.map((one) => ({
    ...one,
    north: (one.latitudeDeg - middle.latitudeDeg) * DEGREE_M,
    east: (one.longitudeDeg - middle.longitudeDeg) * DEGREE_M * wide,
  }))
  const fished = pieces
    .filter(({ minutes }) => minutes >= LEAST_MIN)
    .map(({ latitudeDeg, longitudeDeg, strikes, minutes }) => ({
      north: (latitudeDeg - middle.latitudeDeg) * DEGREE_M,
      east: (longitudeDeg - middle.longitudeDeg) * DEGREE_M * wide,
      rate: strikes / minutes,
    }))
  const most = Math.max(1e-9, ...fished.map(({ rate }) => rate))
  const reach = Math.max(100, ...spots.flatMap(({ north, east }) => [Math.abs(north), Math.abs(east)]))
  const scale = (Math.min(width, height) / 2 - 24) / reach
  const bar = BARS_M.findLast((one) => one * scale <= width / 3) ?? BARS_M[0]!
  return (
    <div ref={frame} className="relative min-h-56 flex-1 bg-water">
      {placed.length === 0 ? (
        <p className="p-4">Of none of these strikes is it known where the lure was.</p>
      ) : (
        <svg
          width={width}
          height={height}
          className="absolute inset-0"
          role="img"
          aria-label={`${placed.length} strikes where the lure was, north up`}
        >
          {fished.map(({ north, east, rate }) => (
            <rect
              key={`${north} ${east}`}
              x={width / 2 + (east - pieceM / 2) * scale}
              y={height / 2 - (north + pieceM / 2) * scale}
              width={pieceM * scale}
              height={pieceM * scale}
              className="fill-moss"
              fillOpacity={0.08 + 0.6 * Math.sqrt(rate / most)}
            />
          ))}
          {spots.map(({ strikeId, north, east, landed }) => {
            const x = width / 2 + east * scale
            const y = height / 2 - north * scale
            return (
              <path
                key={strikeId}
                d={`M${x - SIDE},${y - SIDE * 0.6}h${2 * SIDE}l${-SIDE},${SIDE * 1.4}z`}
                strokeWidth={1.5}
                className={`stroke-ink ${landed ? 'fill-lichen' : 'fill-foam'}`}
              />
            )
          })}
          <path
            d={`M16,${height - 14}v-5h${bar * scale}v5`}
            className="fill-none stroke-ink"
            strokeWidth={1.5}
          />
          <text x={22 + bar * scale} y={height - 12} className="fill-ink text-[13px]">
            {units.say('distance', bar)}
          </text>
        </svg>
      )}
    </div>
  )
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b)
  return sorted[Math.floor(sorted.length / 2)] ?? 0
}
