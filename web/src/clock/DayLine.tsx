import { scaleLinear } from '../shared/scale'
import { polyline } from '../shared/drawing/polyline'
import { memo } from 'react'
import { useWidth } from '../shared/useWidth'
import { useUnits } from '../units/UnitsContext'
import { clockOf, darkAt, drawnSpan, hoursIn, lightBands, sunless, tideWords } from './model'
import { LIGHT_FILL } from './fill'
import type { Day } from './queries'
import { useTimeSlider } from './useTimeSlider'

const HEIGHT = 64
const BAND_TOP = 12
const MINUTE = 60_000
/** Room of the curve within the band. */
const TIDE_PX = 24
const SLACK_MS = 20 * MINUTE

export interface DayMark {
  at: number
  label: string
}

/** The day as a band of light with what happened on it. Its hairline is where time is set. */
export const DayLine = memo(function DayLine({
  day,
  timeZone,
  at,
  marks,
  onMove,
}: {
  day: Day
  timeZone: string
  /** Milliseconds since the epoch. */
  at: number
  marks: readonly DayMark[]
  onMove(at: number): void
}) {
  const [frame, width] = useWidth()
  const span = drawnSpan(day)
  const x = scaleLinear([span.start, span.end], [16, Math.max(17, width - 16)])
  const slider = useTimeSlider({ span, x, at, grainMin: 1, stepMin: 5, onMove })
  const now = x(slider.clamp(at))
  const units = useUnits()
  const tide = tideWords(
    day,
    at,
    (m) => units.say('distance', m),
    (mps) => units.say('speed', mps),
  )
  const flag = Math.min(Math.max(now, 42), width - 42)
  return (
    <div ref={frame} className="h-16 shrink-0 select-none" data-testid="day-line">
      <svg width={width} height={HEIGHT} className="block cursor-ew-resize touch-none" {...slider.pointer}>
        <title>Light and events of the day</title>
        {lightBands(day).map((band) => (
          <rect
            key={band.from}
            x={x(band.from)}
            y={BAND_TOP}
            width={x(band.to) - x(band.from)}
            height={HEIGHT - BAND_TOP - 2}
            className={LIGHT_FILL[band.light]}
          />
        ))}
        <TideCurve day={day} span={span} x={x} />
        {hoursIn(span, 2)
          .filter((hour) => x(hour) > 28 && x(hour) < width - 28)
          .map((hour) => (
            <HourTick
              key={hour}
              x={x(hour)}
              text={clockOf(hour, timeZone).slice(0, 2)}
              dark={darkAt(day, hour)}
            />
          ))}
        {sunWords(day, timeZone)
          .filter(clearOf(flag, x))
          .map((words) => (
            <text
              key={words.text}
              x={x(words.at) + (words.after ? 6 : -6)}
              y={BAND_TOP + 16}
              textAnchor={words.after ? 'start' : 'end'}
              className="fill-ink stroke-water stroke-[3] text-[13px] [paint-order:stroke]"
            >
              {words.text}
            </text>
          ))}
        {marks.map((mark) => (
          <path
            key={`${mark.at} ${mark.label}`}
            d={`M ${x(mark.at) - 5} 33 h 10 l -5 9 z`}
            className="fill-lichen stroke-ink stroke-[1.5]"
          >
            <title>{`${clockOf(mark.at, timeZone)} ${mark.label}`}</title>
          </path>
        ))}
        <HourFlag
          {...{ now, flag, width, tide }}
          knob={slider.knob}
          at={slider.clamp(at)}
          clock={clockOf(at, timeZone)}
        />
      </svg>
    </div>
  )
})

/** Where time is set, with its hour and the tide then. */
function HourFlag({
  knob,
  at,
  clock,
  now,
  flag,
  width,
  tide,
}: {
  knob: ReturnType<typeof useTimeSlider>['knob']
  at: number
  clock: string
  /** Of the hairline (px). */
  now: number
  /** Of the flag's middle: it stays on the line (px). */
  flag: number
  width: number
  /** Empty where none is known. */
  tide: string
}) {
  return (
    <g
      {...knob}
      aria-valuenow={at / MINUTE}
      aria-valuetext={`${clock}${tide === '' ? '' : `, tide ${tide}`}`}
      className="group outline-none"
    >
      <line x1={now} x2={now} y1={4} y2={HEIGHT} className="stroke-ink stroke-2" />
      <rect
        x={flag - 26}
        y={0}
        width={52}
        height={20}
        rx={2}
        className="fill-ink group-focus-visible:stroke-lichen group-focus-visible:stroke-[3]"
      />
      {tide !== '' && (
        <text
          x={now < width / 2 ? flag + 32 : flag - 32}
          y={10}
          textAnchor={now < width / 2 ? 'start' : 'end'}
          className="fill-slate text-[12px]"
        >
          tide {tide}
        </text>
      )}
      <text x={flag} y={15} textAnchor="middle" className="fill-foam font-mono text-[14px]">
        {clock}
      </text>
    </g>
  )
}

/** Words of the sun that the flag of the hour does not cover. */
const clearOf =
  (flag: number, x: (at: number) => number) =>
  ({ at, after, text }: { at: number; after: boolean; text: string }) => {
    const width = text.length * 7
    const left = after ? x(at) + 6 : x(at) - 6 - width
    return left > flag + 30 || left + width < flag - 30
  }

/** Low to high over the band of light; its scale is the day's own. */
function TideCurve({
  day,
  span,
  x,
}: {
  day: Day
  span: { start: number; end: number }
  x(time: number): number
}) {
  const units = useUnits()
  const points = (day.tide?.curve ?? []).filter((point) => {
    const at = Date.parse(point.at)
    return at >= span.start - SLACK_MS && at <= span.end + SLACK_MS
  })
  if (points.length < 2) return null
  const heights = points.map((point) => point.heightM)
  const least = Math.min(...heights)
  const range = Math.max(0.2, Math.max(...heights) - least)
  const draw = polyline<(typeof points)[number]>(
    (point) => Math.min(x(span.end), Math.max(x(span.start), x(Date.parse(point.at)))),
    (point) => HEIGHT - 22 - ((point.heightM - least) / range) * TIDE_PX,
  )
  return (
    <path d={draw(points)} fill="none" className="stroke-moss stroke-2" data-testid="tide">
      <title>{`Tide at ${day.tide?.station}, ${units.figure('distance', least)} to ${units.say('distance', least + range)}`}</title>
    </path>
  )
}

function HourTick({ x, text, dark }: { x: number; text: string; dark: boolean }) {
  return (
    <g className={dark ? 'fill-foam stroke-foam' : 'fill-slate stroke-slate'}>
      <line x1={x} x2={x} y1={HEIGHT - 6} y2={HEIGHT - 2} />
      <text x={x} y={HEIGHT - 9} textAnchor="middle" stroke="none" className="font-mono text-[12px]">
        {text}
      </text>
    </g>
  )
}

function sunWords(day: Day, timeZone: string) {
  const words = []
  if (day.rise) {
    const at = Date.parse(day.rise)
    words.push({ at, after: true, text: `sun up ${clockOf(at, timeZone)}` })
  }
  if (day.set) {
    const at = Date.parse(day.set)
    words.push({ at, after: false, text: `sun down ${clockOf(at, timeZone)}` })
  }
  if (words.length === 0) words.push({ at: Date.parse(day.start), after: true, text: sunless(day) })
  return words
}
