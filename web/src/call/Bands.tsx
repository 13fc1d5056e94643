import { memo } from 'react'
import type { Scale } from '../shared/scale'
import { hourOf } from '../units/zoned'
import { BandRow, ROW } from './BandRow'
import { shownBands } from './model'
import type { Call, Catalogue, Playbook, Step } from './queries'

const MOST_ROWS = 6
/** Rows of words over the bands, so that steps close together do not lie on one another. */
const STEP_ROWS = 3
const STEP_ROW = 15
const FOOT = 22
/** A title takes about so much (px a letter). */
const LETTER = 6.6

/** Playbooks as bands over the hours, the heavier the darker, with the day's steps across them. */
export const Bands = memo(function Bands({
  call,
  words,
  steps,
  x,
  span,
  left,
  width,
  at,
  timeZone,
  hours,
  onTake,
}: {
  call: Call
  words: Catalogue
  steps: readonly Step[]
  x: Scale
  span: { start: number; end: number }
  left: number
  width: number
  at: number
  timeZone: string
  hours: readonly number[]
  onTake(playbook: Playbook): void
}) {
  const bands = shownBands(call, MOST_ROWS)
  const best = Math.max(1, ...call.bands.flatMap((band) => band.spells.map((spell) => spell.tenths)))
  const marks = placed(steps, x, span, left, width)
  const head = (1 + Math.max(0, ...marks.map((mark) => mark.row ?? 0))) * STEP_ROW + 8
  const height = head + bands.length * ROW + FOOT
  return (
    <svg
      width={width}
      height={height}
      className="block"
      data-testid="bands"
      role="group"
      aria-label="Calls over the day"
    >
      <line
        x1={x(at)}
        x2={x(at)}
        y1={0}
        y2={height - FOOT}
        className="pointer-events-none stroke-ink stroke-2"
      />
      <Steps marks={marks} timeZone={timeZone} bottom={height - FOOT} />
      {bands.map((band, row) => (
        <BandRow
          key={band.playbook}
          y={head + row * ROW}
          {...{ band, call, words, x, span, width, at, best, onTake }}
        />
      ))}
      {hours.map((hour) => (
        <text
          key={hour}
          x={x(hour)}
          y={height - 6}
          textAnchor="middle"
          className="fill-slate font-mono text-[12px]"
        >
          {hourOf(hour, timeZone).slice(0, 2)}
        </text>
      ))}
    </svg>
  )
})

/** The steps of the day as lines across, each with its words where there is room. */
function Steps({
  marks,
  timeZone,
  bottom,
}: {
  marks: ReturnType<typeof placed>
  timeZone: string
  bottom: number
}) {
  return marks.map((mark) => (
    <g key={`${mark.step.at} ${mark.step.title}`}>
      <line
        x1={mark.x}
        x2={mark.x}
        y1={0}
        y2={bottom}
        className="stroke-ink/60 [stroke-dasharray:2_4] stroke-[1.5]"
      />
      {mark.row !== null && (
        <text
          x={mark.end ? mark.x - 5 : mark.x + 5}
          textAnchor={mark.end ? 'end' : 'start'}
          y={12 + mark.row * STEP_ROW}
          className="fill-ink stroke-foam stroke-[3] text-[12px] [paint-order:stroke]"
        >
          {mark.step.title}
          <title>{`${hourOf(Date.parse(mark.step.at), timeZone)} ${mark.step.title}`}</title>
        </text>
      )}
    </g>
  ))
}

/** Steps within the hours, each with a row for its words; null where there is none left. */
function placed(
  steps: readonly Step[],
  x: Scale,
  span: { start: number; end: number },
  left: number,
  width: number,
): { step: Step; x: number; row: number | null; end: boolean }[] {
  const ends = Array.from({ length: STEP_ROWS }, () => left - 1000)
  return steps
    .filter((step) => step.kind !== 'EVENING' && step.kind !== 'TIDE')
    .filter((step) => Date.parse(step.at) >= span.start && Date.parse(step.at) <= span.end)
    .filter(
      (step, i, all) => step.kind !== 'DEPTH' || all.findIndex((other) => other.title === step.title) === i,
    )
    .map((step) => {
      const at = x(Date.parse(step.at))
      const long = step.title.length * LETTER + 10
      // Words that would leave the drawing stand before their line.
      const end = at + long > width
      const row = ends.findIndex((taken) => taken < (end ? at - long : at))
      if (row >= 0) ends[row] = end ? at : at + long
      return { step, x: at, row: row >= 0 ? row : null, end }
    })
}
