import { memo } from 'react'
import { useWidth } from '../shared/useWidth'
import type { Log } from './queries'

const LEFT = 52
const TOP = 8
const FOOT = 20
const WEEKS = 53
/** Where a month begins, in weeks. */
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec']
const MOST_ROW = 15
const LEAST_ROW = 9

/** Each year a row, each week a place: how much was taken for the time that was fished. */
export const YearGrid = memo(function YearGrid({
  weeks,
  chosen,
  height,
  onWeeks,
}: {
  weeks: Log['weeks']
  /** From a week, to before another one. */
  chosen: { from: number; to: number } | null
  height: number
  onWeeks(around: number | null): void
}) {
  const [frame, width] = useWidth()
  const years = yearsOf(weeks)
  const row = Math.max(LEAST_ROW, Math.min(MOST_ROW, (height - TOP - FOOT) / Math.max(1, years.length)))
  const step = (width - LEFT - 8) / WEEKS
  const tall = TOP + row * years.length + FOOT
  const x = (week: number) => LEFT + (week - 0.5) * step
  const y = (year: number) => TOP + (years.indexOf(year) + 0.5) * row
  const most = Math.min(row, step) / 2 - 0.3
  const rates = weeks.filter((week) => week.minutes > 0).map((week) => week.strikes / week.minutes)
  const usual = quantile(rates, 0.9) || 1
  return (
    <div ref={frame} className="min-w-0">
      <svg
        width={width}
        height={tall}
        role="img"
        aria-label="Strikes for the time fished, by year and week"
        data-testid="year-grid"
      >
        {chosen && <Chosen {...{ chosen, x, step }} tall={tall - FOOT} />}
        {years.map(
          (year, i) =>
            (i % Math.ceil(12 / row) === 0 || row >= 12) &&
            (years.length <= 8 || i % 4 === 0 || i === years.length - 1) && (
              <text key={year} x={8} y={y(year) + 4} className="fill-slate text-[12px]">
                {year}
              </text>
            ),
        )}
        {weeks.map(({ year, week, strikes, minutes }) =>
          strikes === 0 ? (
            <circle
              key={`${year} ${week}`}
              cx={x(week)}
              cy={y(year)}
              r={1.8}
              className="fill-none stroke-slate"
            />
          ) : (
            <circle
              key={`${year} ${week}`}
              cx={x(week)}
              cy={y(year)}
              r={Math.max(
                1.6,
                most * Math.min(1, Math.sqrt((minutes > 0 ? strikes / minutes : usual / 4) / usual)),
              )}
              className={minutes > 0 ? 'fill-moss' : 'fill-none stroke-moss'}
            />
          ),
        )}
        {MONTHS.map((month, i) => (
          <text key={month} x={x(1 + (i * 30.44) / 7)} y={tall - 5} className="fill-slate text-[12px]">
            {month}
          </text>
        ))}
        <rect
          x={LEFT}
          y={0}
          width={Math.max(0, width - LEFT)}
          height={tall - FOOT}
          className="cursor-pointer fill-transparent"
          onClick={(event) => {
            const left = event.currentTarget.getBoundingClientRect().left
            const week = Math.min(WEEKS, Math.max(1, Math.ceil((event.clientX - left) / step)))
            onWeeks(chosen && week >= chosen.from && week < chosen.to ? null : week)
          }}
        />
      </svg>
    </div>
  )
})

function Chosen({
  chosen: { from, to },
  x,
  step,
  tall,
}: {
  chosen: { from: number; to: number }
  x(week: number): number
  step: number
  tall: number
}) {
  const parts = from < to ? [[from, to] as const] : [[from, WEEKS + 1] as const, [1, to] as const]
  return parts.map(([first, last]) => (
    <rect
      key={first}
      x={x(first) - step / 2}
      y={1}
      width={step * (last - first)}
      height={tall - 2}
      strokeWidth={2}
      className="fill-lichen/35 stroke-ink"
    />
  ))
}

/** Every year from the first to the last, fished or not. */
function yearsOf(weeks: Log['weeks']): number[] {
  const first = weeks[0]?.year
  const last = weeks.at(-1)?.year
  if (first === undefined || last === undefined) return []
  return Array.from({ length: last - first + 1 }, (_, i) => first + i)
}

function quantile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b)
  return sorted[Math.floor(share * (sorted.length - 1))] ?? 0
}
