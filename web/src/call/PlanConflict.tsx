import { Button } from '../shared/ui/Button'
import { useUnits, type Units } from '../units/UnitsContext'
import { hourOf } from '../units/zoned'
import { answerOf } from './model'
import type { Catalogue, Plan } from './queries'
import { answerWords } from './sentences'

/** Somebody kept this day's plan in between: what differs, on both sides, and which to keep. */
export function PlanConflict({
  mine,
  theirs,
  words,
  timeZone,
  onTakeTheirs,
  onKeepMine,
}: {
  mine: Plan
  theirs: Plan
  words: Catalogue
  timeZone: string
  onTakeTheirs(): void
  onKeepMine(): void
}) {
  const units = useUnits()
  const rows = differing(mine, theirs, words, units, timeZone)
  return (
    <section role="alert" data-testid="plan-conflict" className="border-y-2 border-rust px-4 py-1">
      <p className="font-semibold">This day's plan was changed elsewhere. Nothing was overwritten.</p>
      <table className="my-1 text-left text-[14px]">
        <thead>
          <tr>
            <th className="pr-6">What</th>
            <th className="pr-6">Yours</th>
            <th>Kept elsewhere</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.what} className="border-t border-ink/15">
              <th className="pr-6 font-normal">{row.what}</th>
              <td className="pr-6 font-semibold">{row.mine}</td>
              <td className="font-semibold">{row.theirs}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="flex gap-3">
        <Button small tone="strong" onClick={onKeepMine}>
          Keep mine
        </Button>
        <Button small onClick={onTakeTheirs}>
          Take that one
        </Button>
      </div>
    </section>
  )
}

function differing(mine: Plan, theirs: Plan, words: Catalogue, units: Units, timeZone: string) {
  const hour = (at: string | undefined) => (at ? hourOf(Date.parse(at), timeZone) : 'by the light')
  const minutes = (value: number | undefined) => (value === undefined ? 'as usual' : `${value} min`)
  return [
    ...words.topics.map((topic) => ({
      what: topic.words,
      mine: answerWords(topic, answerOf(mine.answers, topic.topic), units),
      theirs: answerWords(topic, answerOf(theirs.answers, topic.topic), units),
    })),
    { what: 'Run out', mine: minutes(mine.runOutMin), theirs: minutes(theirs.runOutMin) },
    { what: 'Catch bait', mine: minutes(mine.catchBaitMin), theirs: minutes(theirs.catchBaitMin) },
    { what: 'Lines in', mine: hour(mine.linesIn), theirs: hour(theirs.linesIn) },
    { what: 'Home', mine: hour(mine.homeAt), theirs: hour(theirs.homeAt) },
  ].filter((row) => row.mine !== row.theirs)
}
