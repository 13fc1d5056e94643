import { Suspense } from 'react'
import { answerOf, withoutAside } from '../../call/model'
import { Why } from '../../call/Why'
import { playbookWords } from '../../call/words'
import { dayInWords } from '../../clock/model'
import { MarkedNote } from '../../shared/ui/MarkedNote'
import { later } from '../../shared/later'
import { usePhone } from '../../shared/usePhone'
import { Frame } from '../Frame'
import { BuildBar } from './BuildBar'
import { DayStage } from './DayStage'
import { Known } from './Known'
import { PlanHead } from './PlanHead'
import { PlanSheets } from './PlanSheets'
import { usePlanState, type PlanProps, type PlanState } from './usePlanState'

const AskReplace = later(() => import('../../call/AskReplace').then((module) => module.AskReplace))
const PlanConflict = later(() => import('../../call/PlanConflict').then((module) => module.PlanConflict))
const BuildingStage = later(() => import('./BuildingStage').then((module) => module.BuildingStage))

/** The night before, and every minute after: what to fish for, how, when, and why. */
export function PlanStation(props: PlanProps) {
  const p = usePlanState(props)
  const { boat, boats, call, words, planDay, building } = p
  const { date, place, setDate } = planDay
  const phone = usePhone()
  const problem = building.problem ?? p.calling.problem?.message
  return (
    <Frame boat={boat} boats={boats} words={`${dayInWords(date)}, ${place.name}`}>
      <main className="flex min-h-0 flex-1 max-md:flex-col">
        <div className="flex min-w-0 flex-1 flex-col overflow-auto max-md:overflow-visible">
          <PlanHead {...{ boat, date, planning: p.planning }} onDate={setDate} onSheet={p.setSheet} />
          <Apart p={p} />
          <TheDay p={p} />
          {problem && (
            <p role="alert" className="border-y-2 border-rust px-4 py-2">
              {problem}
            </p>
          )}
          <Known p={p} />
        </div>
        {call && (
          <Why
            {...{ call, words }}
            timeZone={place.timeZone}
            asked={p.plan.answers.length > 0}
            building={p.isBuilding}
            onBuild={p.build}
            onFirst={p.takeFirst}
            onNumbers={() => p.setSheet('numbers')}
            onDays={p.toDays}
          />
        )}
      </main>
      {phone && call && <BuildBar {...{ call, words }} building={p.isBuilding} onBuild={p.build} />}
      <Over p={p} />
      <Heard p={p} />
    </Frame>
  )
}

/** What was saved elsewhere meanwhile, and what today's program does not take. */
function Apart({ p: { planning, plan, words, timeZone } }: { p: PlanState }) {
  return (
    <>
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
            onRemove={() => planning.edit((before) => withoutAside(before, aside.kept))}
          />
        </div>
      ))}
    </>
  )
}

/** The day drawn, or the spread as it is built. */
function TheDay({
  p: { boat, gear, building, isBuilding, planDay, words, minute, take, call },
}: {
  p: PlanState
}) {
  if (!isBuilding)
    return <DayStage {...{ planDay, words, at: minute, onMove: planDay.setAt, onTake: take }} call={call} />
  return (
    <Suspense fallback={null}>
      <BuildingStage {...{ boat, gear, building }} />
    </Suspense>
  )
}

/** What lies over the station when it is asked for. */
function Over({ p }: { p: PlanState }) {
  const { boat, words, body, plan, planning, planDay, sheet, standing, call } = p
  return (
    <Suspense fallback={null}>
      {standing && (
        <AskReplace
          name={standing.name}
          onReplace={() => p.make(standing.spreadId)}
          onBoth={() => p.make()}
          onClose={p.leaveStanding}
        />
      )}
      {sheet && (
        <PlanSheets
          {...{ boat, words, body, plan, sheet }}
          date={planDay.date}
          edit={planning.edit}
          steps={call?.steps ?? []}
          timeZone={planDay.place.timeZone}
          onClose={() => p.setSheet(null)}
        />
      )}
    </Suspense>
  )
}

/** For those who listen: the call in a sentence whenever it changes. */
function Heard({ p: { call, first, words, plan } }: { p: PlanState }) {
  return (
    <p className="sr-only" role="status">
      {call &&
        `${first && playbookWords(words, first)}, ${answerOf(plan.answers, 'TARGET')?.choice?.toLowerCase() ?? 'no target'}`}
    </p>
  )
}
