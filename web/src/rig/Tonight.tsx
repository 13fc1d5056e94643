import { Button } from '../shared/ui/Button'
import { useUnits } from '../units/UnitsContext'
import { asSentence, saySentence } from '../units/sentence'
import { hourOf } from '../units/zoned'
import type { Rig, Task } from './queries'

/** The list of the evening, ticked off; what is ticked stays so after a reload and on the phone. */
export function Tonight({
  rig,
  ticked,
  timeZone,
  onTick,
  onCalendar,
}: {
  rig: Rig
  ticked: ReadonlySet<string>
  timeZone: string
  onTick(task: string, done: boolean): void
  onCalendar(): void
}) {
  const units = useUnits()
  const { tasks } = rig.tonight
  if (tasks.length === 0) return <p className="text-slate">No lines out, nothing to tie.</p>
  const done = tasks.filter((task) => ticked.has(task.key)).length
  const first = tasks[0]!
  const last = tasks[tasks.length - 1]!
  return (
    <div data-testid="tonight">
      <p className="flex flex-wrap items-center gap-x-3 text-sm text-slate">
        {`The evening before, from ${hourOf(Date.parse(first.from), timeZone)} to ${hourOf(Date.parse(last.to), timeZone)}. ${done} of ${tasks.length} done.`}
        <Button small tone="quiet" className="-my-2" onClick={onCalendar}>
          Calendar file
        </Button>
      </p>
      {rig.tonight.tooLong && (
        <p role="note" className="border-l-4 border-rust bg-shade px-3 py-1.5" data-testid="too-long">
          {saySentence(rig.tonight.tooLong, units, timeZone)}
        </p>
      )}
      <EveningLine {...{ tasks, ticked, timeZone }} />
      <ul className="grid gap-x-8 md:grid-cols-2">
        {tasks.map((task) => (
          <TaskRow key={task.key} {...{ task, timeZone, onTick }} done={ticked.has(task.key)} />
        ))}
      </ul>
    </div>
  )
}

function TaskRow({
  task,
  done,
  timeZone,
  onTick,
}: {
  task: Task
  done: boolean
  timeZone: string
  onTick(task: string, done: boolean): void
}) {
  const units = useUnits()
  const say = (sentence: Task['title']) =>
    asSentence(saySentence(sentence, units, timeZone)).replace(/\.$/, '')
  return (
    <li className="border-b border-ink/20">
      <label className="flex min-h-12 cursor-pointer items-center gap-3 py-1">
        <input
          type="checkbox"
          className="size-6 shrink-0 accent-ink"
          checked={done}
          onChange={(event) => onTick(task.key, event.target.checked)}
        />
        <span className={`grow ${done ? 'text-slate line-through' : ''}`}>
          <b>{say(task.title)}</b>
          <span className="block text-sm leading-snug text-slate">{say(task.detail)}</span>
        </span>
        <span className="shrink-0 text-right text-sm text-slate">
          <span className="font-mono">{hourOf(Date.parse(task.from), timeZone)}</span>
          <span className="block">{`${Math.round(task.minutes)} min`}</span>
        </span>
      </label>
    </li>
  )
}

/** The work on its clock: each task as wide as it takes, done ones filled. */
function EveningLine({
  tasks,
  ticked,
  timeZone,
}: {
  tasks: readonly Task[]
  ticked: ReadonlySet<string>
  timeZone: string
}) {
  const all = tasks.reduce((sum, task) => sum + task.minutes, 0)
  return (
    <div className="my-1.5 flex h-4 border border-ink/50" aria-hidden="true">
      {tasks.map((task) => (
        <span
          key={task.key}
          title={`${hourOf(Date.parse(task.from), timeZone)}`}
          className={`border-r border-ink/40 last:border-r-0 ${ticked.has(task.key) ? 'bg-moss' : 'bg-foam'}`}
          style={{ flexGrow: task.minutes / all, flexBasis: 0 }}
        />
      ))}
    </div>
  )
}
