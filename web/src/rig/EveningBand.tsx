import { scaleLinear } from '../shared/scale'
import { useWidth } from '../shared/useWidth'
import { useUnits } from '../units/UnitsContext'
import { asSentence, saySentence } from '../units/sentence'
import { hourOf } from '../units/zoned'
import type { Task } from './queries'

const HEIGHT = 64
const HOUR = 3_600_000

/** The evening before on the day line: each task from when it is begun, as long as it takes. */
export function EveningBand({
  tasks,
  ticked,
  timeZone,
}: {
  tasks: readonly Task[]
  ticked: ReadonlySet<string>
  timeZone: string
}) {
  const [frame, width] = useWidth()
  const units = useUnits()
  const first = tasks[0]
  const last = tasks.at(-1)
  if (!first || !last) return null
  const from = Date.parse(first.from)
  const to = Math.max(Date.parse(last.to), from + HOUR)
  const x = scaleLinear([from, to], [14, Math.max(15, width - 8)])
  const hours = []
  for (let hour = Math.ceil(from / HOUR) * HOUR; hour <= to; hour += HOUR) hours.push(hour)
  return (
    <div ref={frame} className="h-16 min-w-0 border-r-2 border-ink/40" data-testid="evening-band">
      <svg width={width} height={HEIGHT} className="block" role="img" aria-label={said(tasks, timeZone)}>
        <rect x={0} y={12} width={width} height={HEIGHT - 14} className="fill-deep" />
        {tasks.map((task) => {
          const a = x(Date.parse(task.from))
          const wide = x(Date.parse(task.to)) - a
          const title = asSentence(saySentence(task.title, units, timeZone)).replace(/\.$/, '')
          return (
            <g key={task.key}>
              <rect
                x={a}
                y={20}
                width={Math.max(2, wide - 1)}
                height={20}
                className={ticked.has(task.key) ? 'fill-moss stroke-foam' : 'fill-foam'}
              >
                <title>{`${hourOf(Date.parse(task.from), timeZone)} ${title}, ${Math.round(task.minutes)} min`}</title>
              </rect>
              {wide > 64 && (
                <text
                  x={a + 5}
                  y={34}
                  className={`text-[12px] ${ticked.has(task.key) ? 'fill-foam' : 'fill-ink'}`}
                >
                  {SHORT[task.sort] ?? ''}
                </text>
              )}
            </g>
          )
        })}
        {hours.map((hour) => (
          <text
            key={hour}
            x={x(hour)}
            y={HEIGHT - 8}
            textAnchor="middle"
            className="fill-foam font-mono text-[12px]"
          >
            {hourOf(hour, timeZone).slice(0, 2)}
          </text>
        ))}
      </svg>
    </div>
  )
}

const SHORT: Partial<Record<Task['sort'], string>> = {
  BRINE: 'brine',
  LEADERS: 'leaders',
  SPOOLS: 'wind reels',
  MARKS: 'marks',
  HOOKS: 'hooks',
  TEST: 'test',
  WEIGHTS: 'weights',
  TETHERS: 'tethers',
}

const said = (tasks: readonly Task[], timeZone: string): string =>
  `The evening before: ${tasks.map((task) => `${SHORT[task.sort]} from ${hourOf(Date.parse(task.from), timeZone)}`).join(', ')}`
