import { useQueryClient } from '@tanstack/react-query'
import { scaleLinear } from '../../shared/scale'
import { Suspense, useCallback, useEffect, useMemo, useState } from 'react'
import { useNavigate } from 'react-router'
import { Bands } from '../../call/Bands'
import { Chips } from '../../call/Chips'
import { answerOf, callBody, withAnswer, withoutAside } from '../../call/model'
import {
  calledFor,
  type Answer,
  type Catalogue,
  type Plan,
  type Playbook,
  type TopicName,
} from '../../call/queries'
import { useCall } from '../../call/useCall'
import { usePlan } from '../../call/usePlan'
import { Why } from '../../call/Why'
import { playbookWords } from '../../call/words'
import { WorthFinding } from '../../call/WorthFinding'
import { DaySky, SKY_HEIGHT } from '../../clock/DaySky'
import { clockOf, dayInWords, drawnSpan, hoursIn, streamAt } from '../../clock/model'
import { useTimeSlider } from '../../clock/useTimeSlider'
import { MarkedNote } from '../../shared/ui/MarkedNote'
import { useAddress } from '../../shared/useAddress'
import { NARROW, useWidth } from '../../shared/useWidth'
import { later } from '../../shared/later'
import { usePhone } from '../../shared/usePhone'
import { Button } from '../../shared/ui/Button'
import { spreadOf, type Boat, type BoatTitle, type Gear } from '../../draft/queries'
import { useUnits } from '../../units/UnitsContext'
import { Frame } from '../Frame'
import { useKeys } from '../keys'
import { useBuild } from './useBuild'
import { PlannedBy } from './PlannedBy'
import type { PlanDay } from './usePlanDay'

const AskReplace = later(() => import('../../call/AskReplace').then((module) => module.AskReplace))
const NumbersSheet = later(() => import('../../call/NumbersSheet').then((module) => module.NumbersSheet))
const PlanConflict = later(() => import('../../call/PlanConflict').then((module) => module.PlanConflict))
const RulesSheet = later(() => import('../../call/RulesSheet').then((module) => module.RulesSheet))
const StepsSheet = later(() => import('../../call/StepsSheet').then((module) => module.StepsSheet))
const WaysSheet = later(() => import('../../call/WaysSheet').then((module) => module.WaysSheet))
const BuildingStage = later(() => import('./BuildingStage').then((module) => module.BuildingStage))

const LEFT = 150
const LEFT_NARROW = 118
const MINUTE = 60_000

/** The night before, and every minute after: what to fish for, how, when, and why. */
export function PlanStation({
  boat,
  boats,
  gear,
  kept,
  planDay,
  words,
  stamp,
}: {
  boat: Boat
  boats: readonly BoatTitle[]
  gear: Gear
  kept: Plan
  planDay: PlanDay
  words: Catalogue
  /** Changes with anything but the plan that the call is made from. */
  stamp: unknown
}) {
  const planning = usePlan(boat.boatId, kept)
  const { plan, edit } = planning
  const [params, put] = useAddress()
  const go = useNavigate()
  const [sheet, setSheet] = useState<'ways' | 'numbers' | 'rules' | 'steps' | null>(null)
  const building = useBuild(boat.boatId)
  const { date, place, at, setAt, setDate } = planDay
  const chosen = words.playbooks.find((book) => book.playbook === params.get('take'))?.playbook
  const minute = Math.round(at / MINUTE) * MINUTE
  const { latitudeDeg, longitudeDeg, timeZone } = place
  const body = useMemo(
    () => callBody(plan, { latitudeDeg, longitudeDeg, timeZone }, minute, chosen),
    [plan, latitudeDeg, longitudeDeg, timeZone, minute, chosen],
  )
  const calling = useCall(boat.boatId, body, stamp)
  const { call } = calling
  const first = call?.scores[0]?.playbook
  const take = useCallback(
    (playbook: Playbook) => put({ take: playbook === first ? null : playbook }),
    [first, put],
  )
  const [standing, setStanding] = useState<{ spreadId: string; name: string } | null>(null)
  const queries = useQueryClient()
  const phone = usePhone()
  /** Where the day has a spread already, it is asked what becomes of it. */
  const build = async () => {
    const called = await calledFor(boat.boatId, date).catch(() => null)
    const kept =
      called && (await queries.fetchQuery(spreadOf(boat.boatId, called.spreadId)).catch(() => null))
    if (kept) setStanding({ spreadId: kept.spreadId, name: kept.name })
    else await make()
  }
  const make = async (replaced?: string) => {
    setStanding(null)
    if (!call) return
    const name = playbookWords(words, call.taken.playbook)
    await building.build(body, `${name}, ${shortDay(date)}`, replaced)
  }
  const { built, opened } = building
  useEffect(() => {
    if (!built) return
    opened()
    void go(`/boats/${boat.boatId}/spread/${built}${window.location.search}`)
  }, [boat.boatId, built, go, opened])
  useKeys(
    useMemo(
      () => ({ 'Ctrl+KeyZ': planning.undo, KeyW: () => setSheet('ways'), KeyD: () => setSheet('steps') }),
      [planning.undo],
    ),
  )
  const bagHint = call && roomWords(call.bagByTable, call.kept)
  const units = useUnits()
  const stream = planDay.day && streamAt(planDay.day, minute)
  const byTide = stream ? `${units.say('speed', stream.mps)} by the tide` : ''
  const hints = useMemo(() => (bagHint ? { BAG: bagHint } : {}), [bagHint])
  const reckoned = useMemo(() => (byTide === '' ? {} : { STREAM: byTide }), [byTide])
  const answer = useCallback(
    (topic: TopicName, given: Answer | null) =>
      edit((before) => ({ ...before, answers: withAnswer(before.answers, topic, given) })),
    [edit],
  )
  return (
    <Frame boat={boat} boats={boats} words={`${dayInWords(date)}, ${place.name}`}>
      <main className="flex min-h-0 flex-1 max-md:flex-col">
        <div className="flex min-w-0 flex-1 flex-col overflow-auto max-md:overflow-visible">
          <div className="flex flex-wrap items-center gap-2 px-4 pb-1">
            <PlannedBy boat={boat.boatId} />
            <label className="flex items-center gap-2">
              Day
              <input
                type="date"
                aria-label="Day"
                className="h-11 rounded-sm border-2 border-ink/50 bg-foam px-1.5"
                value={date}
                onChange={(event) => event.target.value && setDate(event.target.value)}
              />
            </label>
            <Button small onClick={() => setSheet('steps')}>
              Steps of the day
            </Button>
            <Button small onClick={() => setSheet('ways')}>
              Your ways
            </Button>
            <Button small onClick={() => setSheet('rules')}>
              Seasons and rules
            </Button>
            <Button small disabled={!planning.canUndo} onClick={planning.undo}>
              Undo
            </Button>
            <span className="text-sm text-slate" role="status">
              {planning.problem ?? (planning.saving ? 'keeping…' : '')}
            </span>
          </div>
          <Suspense fallback={null}>
            {planning.theirs && (
              <PlanConflict
                {...{ words, timeZone }}
                mine={plan}
                theirs={planning.theirs}
                onTakeTheirs={planning.takeTheirs}
                onKeepMine={planning.keepMine}
              />
            )}
          </Suspense>
          {plan.setAside?.map((aside) => (
            <div key={aside.kept} className="px-4">
              <MarkedNote
                mark={aside}
                name={words.topics.find((topic) => topic.topic === aside.topic)?.words ?? aside.topic}
                onRemove={() => edit((before) => withoutAside(before, aside.kept))}
              />
            </div>
          ))}
          {building.share !== null ? (
            <Suspense fallback={null}>
              <BuildingStage {...{ boat, gear, building }} />
            </Suspense>
          ) : (
            <DayStage {...{ planDay, words, at: minute, onMove: setAt, onTake: take }} call={call} />
          )}
          {(building.problem ?? calling.problem) && (
            <p role="alert" className="border-y-2 border-rust px-4 py-2">
              {building.problem ?? calling.problem?.message}
            </p>
          )}
          <section className="grow border-t-2 border-ink bg-shade px-4 py-2" aria-label="What you know">
            <h2 className="font-bold">What you know</h2>
            <div className="mb-2">{call && <WorthFinding call={call} words={words} />}</div>
            <Chips words={words} answers={plan.answers} hints={hints} reckoned={reckoned} onAnswer={answer} />
            {plan.answers.length === 0 && (
              <p className="mt-2">Nothing is known yet. Begin with the target, the surface and the crew.</p>
            )}
          </section>
        </div>
        {call && (
          <Why
            call={call}
            words={words}
            timeZone={place.timeZone}
            asked={plan.answers.length > 0}
            building={building.share !== null}
            onBuild={() => void build()}
            onFirst={() => put({ take: null })}
            onNumbers={() => setSheet('numbers')}
            onDays={() => void go(`/boats/${boat.boatId}/log?sheet=weights`)}
          />
        )}
      </main>
      {phone && call && (
        <div className="sticky bottom-0 flex items-center gap-3 border-t-2 border-ink bg-shade px-3 py-2">
          <span className="min-w-0 flex-1 leading-tight">
            <b className="block truncate">{playbookWords(words, call.taken.playbook)}</b>
            <span className="text-sm text-slate">
              {call.lines.lines === 1 ? 'one line' : `${call.lines.lines} lines`},{' '}
              {units.say('speed', call.taken.startMps)}
            </span>
          </span>
          <Button
            tone={call.verdict.length > 0 ? 'plain' : 'strong'}
            disabled={building.share !== null}
            onClick={() => void build()}
          >
            Build
          </Button>
        </div>
      )}
      <Suspense fallback={null}>
        {standing && (
          <AskReplace
            name={standing.name}
            onReplace={() => void make(standing.spreadId)}
            onBoth={() => void make()}
            onClose={() => setStanding(null)}
          />
        )}
        {sheet === 'ways' && (
          <WaysSheet boat={boat.boatId} words={words} open onClose={() => setSheet(null)} />
        )}
        {sheet === 'numbers' && (
          <NumbersSheet boat={boat.boatId} words={words} open onClose={() => setSheet(null)} />
        )}
        {sheet === 'rules' && (
          <RulesSheet boat={boat.boatId} words={words} today={date} open onClose={() => setSheet(null)} />
        )}
        {sheet === 'steps' && (
          <StepsSheet
            boat={boat.boatId}
            body={body}
            plan={plan}
            steps={call?.steps ?? []}
            timeZone={place.timeZone}
            open
            onEdit={edit}
            onClose={() => setSheet(null)}
          />
        )}
      </Suspense>
      {/* For those who listen: the call in a sentence whenever it changes. */}
      <p className="sr-only" role="status">
        {call &&
          `${first && playbookWords(words, first)}, ${answerOf(plan.answers, 'TARGET')?.choice?.toLowerCase() ?? 'no target'}`}
      </p>
    </Frame>
  )
}

/** The day is the stage: light, tide and stream above, the calls as bands below, one hairline through both. */
function DayStage({
  planDay,
  words,
  call,
  at,
  onMove,
  onTake,
}: {
  planDay: PlanDay
  words: Catalogue
  call: ReturnType<typeof useCall>['call']
  at: number
  onMove(at: number): void
  onTake(playbook: Playbook): void
}) {
  const [frame, width] = useWidth()
  const { day, place } = planDay
  const left = width < NARROW ? LEFT_NARROW : LEFT
  const span = useMemo(() => (day ? drawnSpan(day) : { start: 0, end: 1 }), [day])
  const x = useMemo(
    () => scaleLinear([span.start, span.end], [left, Math.max(left + 1, width - 14)]),
    [span, left, width],
  )
  const hours = useMemo(
    () => hoursIn(span, width < NARROW ? 4 : 2).filter((hour) => x(hour) > left + 12 && x(hour) < width - 24),
    [span, width, left, x],
  )
  const slider = useTimeSlider({ span, x, at, grainMin: 5, stepMin: 10, onMove })
  if (!day) return <div ref={frame} style={{ height: SKY_HEIGHT + 360 }} />
  const now = x(slider.clamp(at))
  return (
    <div ref={frame} data-testid="day-stage" className="relative shrink-0 select-none">
      <div className="relative cursor-ew-resize touch-none" {...slider.pointer}>
        <DaySky day={day} timeZone={place.timeZone} at={at} span={span} x={x} left={left} width={width} />
        <div
          role="slider"
          tabIndex={0}
          aria-label="Time of day"
          aria-valuemin={span.start / MINUTE}
          aria-valuemax={span.end / MINUTE}
          aria-valuenow={at / MINUTE}
          aria-valuetext={clockOf(at, place.timeZone)}
          onKeyDown={slider.onKeyDown}
          className="absolute top-0 -ml-[22px] h-full w-11"
          ref={(element) => {
            if (element) element.style.left = `${now}px`
          }}
        >
          <span className="absolute top-0 left-[21px] h-full border-l-2 border-ink" />
          <span className="absolute bottom-0 -left-1.5 w-14 rounded-sm bg-ink text-center font-mono text-[14px] text-foam">
            {clockOf(at, place.timeZone)}
          </span>
        </div>
      </div>
      {call && (
        <Bands
          {...{ call, words, x, span, left, width, at, hours, onTake }}
          steps={call.steps}
          timeZone={place.timeZone}
        />
      )}
    </div>
  )
}

const shortDay = (date: string): string =>
  new Intl.DateTimeFormat('en-GB', { timeZone: 'UTC', day: 'numeric', month: 'long' }).format(
    Date.parse(`${date}T12:00:00Z`),
  )

/** Room as it was in the morning; what was kept since comes off in the call itself. */
function roomWords(room: number | undefined, kept: number): string {
  const morning = room === undefined ? '' : `By your table the bag has room for ${room} in the morning. `
  return morning + (kept > 0 ? `The ${kept} kept so far are off it already.` : '')
}
