import { memo } from 'react'
import type { Scale } from '../shared/scale'
import { NARROW } from '../shared/useWidth'
import { hourOf } from '../units/zoned'
import { shownBands, strength, weight } from './model'
import type { Call, Catalogue, Playbook, Step } from './queries'
import { choiceWords, playbookWords } from './words'

const ROW = 46
const BAR = 30
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
  const name = (id: Playbook) => playbookWords(words, id)
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
      {marks.map((mark) => (
        <g key={`${mark.step.at} ${mark.step.title}`}>
          <line
            x1={mark.x}
            x2={mark.x}
            y1={0}
            y2={height - FOOT}
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
      ))}
      {bands.map((band, row) => {
        const y = head + row * ROW
        const score = call.scores.find((one) => one.playbook === band.playbook)
        const taken = band.playbook === call.taken.playbook
        const first = band.playbook === call.scores[0]?.playbook
        const all = (score?.targets ?? []).map((one) => choiceWords('TARGET', one))
        const most = width < NARROW ? 1 : 3
        const targets =
          all.length > most ? `${all.slice(0, Math.max(1, most - 1)).join(', ')}…` : all.join(', ')
        return (
          <g
            key={band.playbook}
            role="button"
            tabIndex={0}
            aria-pressed={taken}
            aria-label={`${name(band.playbook)}, ${weight(score?.tenths ?? 0)} now, for ${targets}`}
            data-playbook={band.playbook}
            className="group cursor-pointer outline-none"
            onClick={() => onTake(band.playbook)}
            onKeyDown={(event) => {
              if (event.key !== 'Enter' && event.key !== ' ') return
              event.preventDefault()
              onTake(band.playbook)
            }}
          >
            <rect
              x={0}
              y={y - 4}
              width={width}
              height={ROW}
              className="fill-transparent group-hover:fill-shade/60"
            />
            <text x={16} y={y + 13} className="fill-ink text-[14px] font-bold">
              {name(band.playbook)}
            </text>
            <text x={16} y={y + 29} className="fill-slate text-[12px]">
              {targets}
            </text>
            {band.spells
              .filter((spell) => spell.tenths > 0)
              .map((spell) => {
                const from = Math.max(x(Date.parse(spell.from)), x(span.start))
                const to = Math.min(x(Date.parse(spell.to)), x(span.end))
                if (to <= from) return null
                return (
                  <rect
                    key={spell.from}
                    x={from}
                    y={y}
                    width={to - from}
                    height={BAR}
                    fillOpacity={0.12 + 0.78 * strength(spell.tenths, best) ** 2}
                    className={first ? 'fill-lichen' : 'fill-moss'}
                  />
                )
              })}
            <Now band={band} {...{ x, y, at, span, first, taken, call }} />
            <line x1={0} x2={width} y1={y + ROW - 6} y2={y + ROW - 6} className="stroke-ink/15" />
            <rect
              x={2}
              y={y - 3}
              width={width - 4}
              height={ROW - 4}
              className="fill-none stroke-transparent stroke-[3] group-focus-visible:stroke-ink"
            />
          </g>
        )
      })}
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

/** Weight at the moment, and the outline of how long the first stays first. */
function Now({
  band,
  x,
  y,
  at,
  span,
  first,
  taken,
  call,
}: {
  band: Call['bands'][number]
  x: Scale
  y: number
  at: number
  span: { start: number; end: number }
  first: boolean
  taken: boolean
  call: Call
}) {
  const now = band.spells.find((spell) => Date.parse(spell.from) <= at && at < Date.parse(spell.to))
  if (!now) return null
  const from = Math.max(x(span.start), x(Date.parse(call.from)))
  const to = Math.min(x(span.end), x(Date.parse(call.to)))
  return (
    <g className="pointer-events-none">
      {first && (
        <rect
          x={from}
          y={y}
          width={Math.max(2, to - from)}
          height={BAR}
          className="fill-none stroke-ink stroke-2"
        />
      )}
      <text
        x={x(at) + 7}
        y={y + 20}
        className={`fill-ink stroke-foam stroke-[3] font-mono text-[13px] [paint-order:stroke] ${first || taken ? 'font-bold' : ''}`}
      >
        {(now.tenths / 10).toFixed(1)}
      </text>
    </g>
  )
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
