import { polyline } from '../shared/drawing/polyline'
import { memo } from 'react'
import type { Scale } from '../shared/scale'
import { NARROW } from '../shared/useWidth'
import { useUnits } from '../units/UnitsContext'
import { clockOf, darkAt, lightBands, streamAt, sunless, tideWords } from './model'
import { LIGHT_FILL } from './fill'
import type { Day } from './queries'

const HOUR = 3_600_000
const SUN_TOP = 26
/** Lines of the drawing, from its top (px). */
const TIDE_HIGH = 88
const TIDE_LOW = 118
const STREAM = 140

export const SKY_HEIGHT = 156

/** The day large: light, the sun's way, the moon, tide as a curve, stream as arrows, on the page's scale of hours. */
export const DaySky = memo(function DaySky({
  day,
  timeZone,
  at,
  span,
  x,
  left,
  width,
}: {
  day: Day
  timeZone: string
  at: number
  span: { start: number; end: number }
  x: Scale
  /** Where the hours begin (px); left of it stand the names. */
  left: number
  width: number
}) {
  const units = useUnits()
  const tide = tideWords(
    day,
    at,
    (m) => units.say('distance', m),
    (mps) => units.say('speed', mps),
  )
  return (
    <svg
      width={width}
      height={SKY_HEIGHT}
      className="block"
      role="img"
      aria-label={`Light, tide and stream of the day. ${moonWords(day)}.`}
      data-testid="sky"
    >
      <rect width={left} height={SKY_HEIGHT} className="fill-shade" />
      {lightBands(day).map((band) => (
        <rect
          key={band.from}
          x={x(band.from)}
          y={0}
          width={x(band.to) - x(band.from)}
          height={SKY_HEIGHT}
          className={LIGHT_FILL[band.light]}
        />
      ))}
      <Sun {...{ day, timeZone, at, x }} />
      <Tide {...{ day, span, x, timeZone }} />
      <Streams {...{ day, span, x }} every={width < NARROW ? 3 : 1} />
      <g className="fill-ink text-[13px] font-bold">
        <text x={16} y={SUN_TOP}>
          Light
        </text>
        <text x={16} y={TIDE_HIGH + 4}>
          Tide
        </text>
        <text x={16} y={STREAM + 4}>
          Stream
        </text>
      </g>
      <g className="fill-slate text-[12px]">
        <text x={16} y={SUN_TOP + 17}>
          {width < NARROW ? moonWords(day).split(',')[0] : moonWords(day)}
        </text>
        <text x={16} y={TIDE_HIGH + 20}>
          {day.tide
            ? tide === ''
              ? day.tide.station
              : `${clockOf(at, timeZone)} ${tide.split(',')[0]}`
            : 'no station near'}
        </text>
      </g>
    </svg>
  )
})

function moonWords(day: Day): string {
  const lit = Math.round(100 * day.moon.lit)
  if (lit < 4) return 'new moon'
  if (lit > 96) return 'full moon'
  return `moon ${lit} % lit, ${day.moon.waxing ? 'waxing' : 'waning'}`
}

/** The sun's way as a half wave from rise to set: it says when, not how high. */
function Sun({ day, timeZone, at, x }: { day: Day; timeZone: string; at: number; x: Scale }) {
  if (!day.rise || !day.set)
    return (
      <text
        x={x(Date.parse(day.start)) + 6}
        y={14}
        className="fill-ink stroke-water stroke-[3] text-[12px] [paint-order:stroke]"
      >
        {sunless(day)}
      </text>
    )
  const rise = Date.parse(day.rise)
  const set = Date.parse(day.set)
  const y = (time: number) => 74 - 54 * Math.sin((Math.PI * (time - rise)) / (set - rise))
  const times = Array.from({ length: 41 }, (_, i) => rise + ((set - rise) * i) / 40)
  const draw = polyline<number>(x, y)
  const up = at >= rise && at <= set
  return (
    <g>
      <path
        d={draw(times)}
        fill="none"
        className="stroke-moss [stroke-dasharray:1_7] [stroke-linecap:round] stroke-2"
      />
      {up && <circle cx={x(at)} cy={y(at)} r={9} className="fill-lichen stroke-ink stroke-2" />}
      <g className="fill-ink text-[12px]">
        <text x={x(rise) + 6} y={14}>
          sun up {clockOf(rise, timeZone)}
        </text>
        <text x={x(set) - 6} y={14} textAnchor="end">
          sun down {clockOf(set, timeZone)}
        </text>
      </g>
    </g>
  )
}

function Tide({
  day,
  span,
  x,
  timeZone,
}: {
  day: Day
  span: { start: number; end: number }
  x: Scale
  timeZone: string
}) {
  const units = useUnits()
  const points = (day.tide?.curve ?? [])
    .map((point) => ({ at: Date.parse(point.at), m: point.heightM }))
    .filter((point) => point.at >= span.start && point.at <= span.end)
  if (points.length < 2) return null
  const least = Math.min(...points.map((point) => point.m))
  const range = Math.max(0.2, Math.max(...points.map((point) => point.m)) - least)
  const y = (m: number) => TIDE_LOW - ((m - least) / range) * (TIDE_LOW - TIDE_HIGH)
  const draw = polyline<(typeof points)[number]>(
    (point) => x(point.at),
    (point) => y(point.m),
  )
  const turns = (day.tide?.turns ?? []).filter((turn) => {
    const time = Date.parse(turn.at)
    return (
      (turn.event === 'HIGH' || turn.event === 'LOW') &&
      time > span.start + HOUR &&
      time < span.end - 1.7 * HOUR
    )
  })
  return (
    <g>
      <path d={draw(points)} fill="none" className="stroke-moss stroke-[2.5]" />
      {turns.map((turn) => (
        <text
          key={turn.at}
          x={x(Date.parse(turn.at))}
          y={turn.event === 'HIGH' ? y(turn.heightM) - 6 : y(turn.heightM) + 14}
          textAnchor="middle"
          className="fill-ink stroke-water stroke-[3] text-[12px] [paint-order:stroke]"
        >
          {`${turn.event === 'HIGH' ? 'high' : 'low'} ${units.say('distance', turn.heightM)} ${clockOf(Date.parse(turn.at), timeZone)}`}
        </text>
      ))}
    </g>
  )
}

/** Flood to the right, ebb to the left; long where it runs hard. */
function Streams({
  day,
  span,
  x,
  every,
}: {
  day: Day
  span: { start: number; end: number }
  x: Scale
  /** Hours from arrow to arrow. */
  every: number
}) {
  const tide = day.tide
  if (!tide) return null
  const hours: number[] = []
  for (let t = Math.ceil(span.start / HOUR) * HOUR + HOUR / 2; t < span.end; t += every * HOUR) hours.push(t)
  const most = Math.max(0.05, ...tide.curve.map((point) => Math.abs(point.streamMps)))
  return (
    <g>
      {hours.map((t) => {
        const stream = streamAt(day, t)
        if (!stream) return null
        const flood = Math.abs(stream.towardsDeg - tide.floodTowardsDeg) < 1
        const long = 4 + 15 * (stream.mps / most)
        const from = x(t) - (flood ? long : -long) / 2
        const to = x(t) + (flood ? long : -long) / 2
        const head = flood ? -5 : 5
        return (
          <path
            key={t}
            d={`M ${from} ${STREAM} L ${to} ${STREAM} m ${head} -4 L ${to} ${STREAM} l ${head} 4`}
            fill="none"
            className={`stroke-2 ${darkAt(day, t) ? 'stroke-foam' : 'stroke-ink'}`}
          />
        )
      })}
    </g>
  )
}
