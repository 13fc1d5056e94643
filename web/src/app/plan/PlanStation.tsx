import { useQueryClient } from '@tanstack/react-query'
import { Suspense, useCallback, useEffect, useMemo, useState } from 'react'
import { useNavigate } from 'react-router'
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
import { dayInWords, shortDay, streamAt } from '../../clock/model'
import { MarkedNote } from '../../shared/ui/MarkedNote'
import { useAddress } from '../../shared/useAddress'
import { later } from '../../shared/later'
import { usePhone } from '../../shared/usePhone'
import { spreadOf, type Boat, type BoatTitle, type Gear } from '../../draft/queries'
import { useUnits } from '../../units/UnitsContext'
import { Frame } from '../Frame'
import { useKeys } from '../keys'
import { useBuild } from './useBuild'
import { BuildBar } from './BuildBar'
import { DayStage } from './DayStage'
import { PlanHead } from './PlanHead'
import { PlanSheets, type PlanSheet } from './PlanSheets'
import type { PlanDay } from './usePlanDay'

const AskReplace = later(() => import('../../call/AskReplace').then((module) => module.AskReplace))
const PlanConflict = later(() => import('../../call/PlanConflict').then((module) => module.PlanConflict))
const BuildingStage = later(() => import('./BuildingStage').then((module) => module.BuildingStage))

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
  const [sheet, setSheet] = useState<PlanSheet | null>(null)
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
          <PlanHead {...{ boat, date, planning }} onDate={setDate} onSheet={setSheet} />
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
        <BuildBar {...{ call, words }} building={building.share !== null} onBuild={() => void build()} />
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
        {sheet && (
          <PlanSheets
            {...{ boat, words, body, plan, date, sheet, edit }}
            steps={call?.steps ?? []}
            timeZone={place.timeZone}
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

/** Room as it was in the morning; what was kept since comes off in the call itself. */
function roomWords(room: number | undefined, kept: number): string {
  const morning = room === undefined ? '' : `By your table the bag has room for ${room} in the morning. `
  return morning + (kept > 0 ? `The ${kept} kept so far are off it already.` : '')
}
