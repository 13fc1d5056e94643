import { useWidth } from '../shared/useWidth'
import { scaleLinear } from '../shared/scale'
import { shortened } from './model'

const LEFT = 210
/** Room for a name on a phone. */
const LETTERS = 18
const ROW = 26
const TOP = 6
const FOOT = 22
const HOUR = 3_600_000

/** A line's day: when it was out, had a fish on, or nobody knows. */
export interface StoryRow {
  lineId: string
  name: string
  stretches: readonly { from: number; to: number; state: 'OUT' | 'FIGHTING' | 'IN' | 'UNKNOWN' }[]
  strikes: readonly { factId: string; at: number; landed: boolean }[]
  /** When it was changed while it was out. */
  changes: readonly number[]
}

/** How the stream set from a moment to another one. */
export interface Water {
  from: number
  to: number
  words: 'flood' | 'ebb' | 'slack'
}

const FILL = { OUT: 'fill-moss', FIGHTING: 'fill-lichen', UNKNOWN: 'fill-slate/20', IN: 'fill-none' } as const

/** Each line in the water over the hours, with its strikes; and the moment that is looked at. */
export function StoryRows({
  rows,
  sightings,
  water,
  span,
  at,
  clock,
}: {
  rows: readonly StoryRow[]
  /** Empty where no tide is known. */
  water: readonly Water[]
  sightings: readonly { factId: string; at: number; words: string }[]
  span: { start: number; end: number }
  at: number
  clock(at: number): string
}) {
  const [frame, width] = useWidth()
  const left = width < 600 ? 130 : LEFT
  const x = scaleLinear([span.start, span.end], [left, width - 12])
  const tall = TOP + ROW * (rows.length + (water.length > 0 ? 2 : 1))
  const hours = Array.from(
    { length: Math.ceil((span.end - span.start) / HOUR) + 1 },
    (_, i) => Math.ceil(span.start / HOUR) * HOUR + i * HOUR,
  ).filter((hour) => hour <= span.end)
  return (
    <div ref={frame} className="min-w-0">
      <svg
        width={width}
        height={tall + FOOT}
        role="img"
        aria-label="Each line in the water over the day"
        data-testid="story"
      >
        {hours.map((hour) => (
          <g key={hour}>
            <line x1={x(hour)} x2={x(hour)} y1={TOP} y2={tall} className="stroke-ink/15" />
            <text x={x(hour)} y={tall + 16} textAnchor="middle" className="fill-slate font-mono text-[12px]">
              {clock(hour)}
            </text>
          </g>
        ))}
        {rows.map(({ lineId, name, stretches, strikes, changes }, i) => {
          const y = TOP + i * ROW
          return (
            <g key={lineId}>
              <text x={8} y={y + 17} className="fill-ink text-[13px] font-semibold">
                {width < 600 ? shortened(name, LETTERS) : name}
              </text>
              {stretches.map(({ from, to, state }) => (
                <rect
                  key={from}
                  x={x(from)}
                  y={y + 8}
                  width={Math.max(1, x(to) - x(from))}
                  height={9}
                  className={FILL[state]}
                />
              ))}
              {changes.map((changed) => (
                <path
                  key={changed}
                  d={`M${x(changed)},${y + 4}v17`}
                  strokeWidth={3}
                  className="stroke-ink"
                  data-testid="changed"
                />
              ))}
              {strikes.map(({ factId, at: struck, landed }) => (
                <path
                  key={factId}
                  d={`M${x(struck) - 6},${y + 1}h12l-6,10z`}
                  strokeWidth={1.5}
                  className={`stroke-ink ${landed ? 'fill-lichen' : 'fill-foam'}`}
                />
              ))}
            </g>
          )
        })}
        <text x={8} y={TOP + rows.length * ROW + 17} className="fill-slate text-[13px]">
          Seen
        </text>
        {water.length > 0 && <Stream {...{ water, x }} y={TOP + (rows.length + 1) * ROW} />}
        {sightings.map(({ factId, at: seen, words }) => (
          <circle
            key={factId}
            cx={x(seen)}
            cy={TOP + rows.length * ROW + 12}
            r={4}
            className="fill-foam stroke-ink"
          >
            <title>{words}</title>
          </circle>
        ))}
        <line x1={x(at)} x2={x(at)} y1={0} y2={tall} strokeWidth={2} className="stroke-ink" />
      </svg>
    </div>
  )
}

const WATER_FILL = { flood: 'fill-slate/50', ebb: 'fill-slate/25', slack: 'fill-none' } as const
/** A word needs so much room (px). */
const WORD_PX = 44

function Stream({ water, x, y }: { water: readonly Water[]; x(at: number): number; y: number }) {
  return (
    <g>
      <text x={8} y={y + 17} className="fill-slate text-[13px]">
        Stream
      </text>
      {water.map(({ from, to, words }) => (
        <g key={from}>
          <rect x={x(from)} y={y + 4} width={x(to) - x(from)} height={17} className={WATER_FILL[words]} />
          {x(to) - x(from) > WORD_PX && (
            <text x={(x(from) + x(to)) / 2} y={y + 17} textAnchor="middle" className="fill-ink text-[13px]">
              {words}
            </text>
          )}
        </g>
      ))}
    </g>
  )
}
