import { Paper, type Head } from '../shared/ui/Paper'
import { rangeOf } from '../units/range'
import { useUnits } from '../units/UnitsContext'
import { asSentence, saySentence } from '../units/sentence'
import { hourOf } from '../units/zoned'
import { ChainPicture } from './ChainPicture'
import { ChainTable } from './ChainTable'
import type { BenchLine, Rig } from './queries'
import { BAITS } from './words'

/** One line's chain, drag, marks and hooks, for the box lid. */
export function RigCard({ line, head }: { line: BenchLine; head: Head }) {
  const units = useUnits()
  const pull = (newtons: number) => units.say('pull', newtons)
  const mark = line.marks.find((one) => one.way === line.markedBy)
  const window = line.window
  const range = line.likelyPull && rangeOf(units, 'pull', line.likelyPull.lowN, line.likelyPull.highN)
  return (
    <Paper head={head} what={`${line.label}, ${line.lure}`}>
      <ChainPicture line={line} />
      <ChainTable line={line} />
      <dl className="mt-2 grid grid-cols-[max-content_1fr] gap-x-4 gap-y-0.5">
        <dt className="font-bold">Let out</dt>
        <dd>
          {units.say('distance', line.letOutM)}
          {mark && `: ${saySentence(mark.find, units, 'UTC')}`}
        </dd>
        <dt className="font-bold">Strike drag</dt>
        <dd>
          {`${pull(line.strikeDragN)}, ${line.takeWords}. `}
          {window &&
            (window.empty
              ? 'No drag works as it is tied.'
              : `Window ${pull(window.leastN)} to ${pull(window.mostN)}; the water pulls ${pull(line.pullN ?? 0)}${range && `, likely ${range}`}.`)}
        </dd>
        {line.scent && (
          <>
            <dt className="font-bold">Scent</dt>
            <dd>{line.scent}</dd>
          </>
        )}
        {line.leftM !== undefined && (
          <>
            <dt className="font-bold">Reel</dt>
            <dd>{`${line.reel?.name}: ${units.say('distance', line.leftM)} left behind the let-out`}</dd>
          </>
        )}
        {line.bait && (
          <>
            <dt className="font-bold">Hooks</dt>
            <dd>
              {`${BAITS[line.bait.kind]} of ${units.say('small', line.bait.lengthM)}: `}
              {line.bait.hooks
                .map((hook) => `${hook.words} at ${units.say('small', hook.alongM)}`)
                .join('; ')}
            </dd>
          </>
        )}
      </dl>
      <p className="mt-2 border-t border-black/40 pt-1">{line.cautions.join(' ')}</p>
    </Paper>
  )
}

/** The evening's work and what must be bought, with boxes to tick by pencil. */
export function TaskCard({ rig, timeZone, head }: { rig: Rig; timeZone: string; head: Head }) {
  const units = useUnits()
  const say = (sentence: { text: string; figures: { kind: string; si: number }[] }) =>
    asSentence(saySentence(sentence, units, timeZone)).replace(/\.$/, '')
  const short = rig.tonight.goods.filter((item) => item.lacking > 0)
  const amount = (kind: string, si: number) =>
    kind === 'DISTANCE'
      ? units.say('distance', si)
      : kind === 'MASS'
        ? units.say('mass', si)
        : String(Math.ceil(si))
  return (
    <Paper head={head} what="The evening before">
      <ul>
        {rig.tonight.tasks.map((task) => (
          <li key={task.key} className="flex gap-2 border-b border-black/20 py-0.5">
            <span className="mt-0.5 size-3.5 shrink-0 border border-black text-center leading-3">
              {rig.ticked.some((one) => one.done && one.task === task.key) ? '✓' : ''}
            </span>
            <span className="w-10 shrink-0 font-mono">{hourOf(Date.parse(task.from), timeZone)}</span>
            <span>
              <b>{say(task.title)}</b>: {say(task.detail)} ({task.lines.join(', ')})
            </span>
          </li>
        ))}
      </ul>
      {short.length > 0 && (
        <>
          <h2 className="mt-2 font-bold">To buy or to count</h2>
          <ul className="columns-2">
            {short.map((item) => (
              <li
                key={item.key}
              >{`${amount(item.kind, item.lacking)}  ${saySentence(item.words, units, 'UTC')}`}</li>
            ))}
          </ul>
        </>
      )}
    </Paper>
  )
}
