import { memo, Suspense, useState } from 'react'
import { later } from '../shared/later'
import { usePhone } from '../shared/usePhone'
import { useUnits } from '../units/UnitsContext'
import { answerOf } from './model'
import { answerWords } from './sentences'
import type { ChipProps } from './Answers'
import type { Answer, Catalogue, TopicName } from './queries'

const Answers = later(() => import('./Answers').then((module) => module.Answers))

const NOTHING = {}

/** What is known of the day, one chip a topic, each in its place; dashed where nothing is. A chip opens its answers. */
export const Chips = memo(function Chips({
  words,
  answers,
  hints,
  reckoned = NOTHING,
  onAnswer,
}: {
  words: Catalogue
  answers: readonly Answer[]
  /** What stands in for an answer that was not given, such as the stream by the tide. */
  reckoned?: Partial<Record<TopicName, string>>
  /** What to say beside a topic's answers, such as the bag by the table. */
  hints: Partial<Record<TopicName, string>>
  onAnswer(topic: TopicName, answer: Answer | null): void
}) {
  const phone = usePhone()
  const chip = (name: TopicName) => {
    const topic = words.topics.find((one) => one.topic === name)
    return (
      topic && (
        <Chip
          key={name}
          topic={topic}
          answer={answerOf(answers, name)}
          {...(hints[name] && { hint: hints[name] })}
          {...(reckoned[name] && { reckoned: reckoned[name] })}
          onAnswer={(answer) => onAnswer(name, answer)}
        />
      )
    )
  }
  return (
    <div className="grid gap-2" data-testid="chips">
      <div className="flex flex-wrap gap-1.5" role="group" aria-label="What matters most">
        {FOREMOST.map(chip)}
      </div>
      {[...GROUPS, ['Other', others(words)] as const]
        .filter(([, topics]) => topics.length > 0)
        .map(([title, topics]) => (
          <details key={title} open={!phone || undefined}>
            <summary className="min-h-11 cursor-pointer py-2.5 text-sm text-slate">
              {title}
              {phone && saidOf(topics, answers)}
            </summary>
            <div className="flex flex-wrap gap-1.5">{topics.map(chip)}</div>
          </details>
        ))}
    </div>
  )
})

/** What the call hangs on most, asked first. */
const FOREMOST: readonly TopicName[] = ['TARGET', 'CREW', 'SURFACE', 'SEA', 'DEPTH']

const GROUPS: readonly (readonly [string, readonly TopicName[]])[] = [
  ['Life', ['BIRDS', 'BAIT', 'FORAGE', 'FLOATING', 'WEED', 'FLEET']],
  ['Water and bottom', ['STEP', 'CLARITY', 'STREAM', 'STRUCTURE', 'FRESH', 'SKY']],
  ['Aboard', ['LIVE_BAIT', 'DEAD_BAIT', 'BAG']],
]

/** Topics of a later edition that no group knows yet. */
const others = (words: Catalogue): readonly TopicName[] => {
  const known = [...FOREMOST, ...GROUPS.flatMap(([, topics]) => topics)]
  return words.topics.map((topic) => topic.topic).filter((topic) => !known.includes(topic))
}

const saidOf = (topics: readonly TopicName[], answers: readonly Answer[]): string => {
  const said = topics.filter((topic) => answerOf(answers, topic)).length
  return said === 0 ? '' : `, ${said} said`
}

function Chip({ reckoned, ...props }: ChipProps & { reckoned?: string | undefined }) {
  const { topic, answer } = props
  const units = useUnits()
  const [wanted, setWanted] = useState(false)
  const said = !answer && reckoned ? reckoned : answerWords(topic, answer, units)
  const button = (
    <button
      type="button"
      data-topic={topic.topic}
      aria-haspopup="dialog"
      onClick={() => setWanted(true)}
      className={`min-h-11 rounded-full border-2 px-3.5 text-[14px] ${
        answer ? 'border-ink bg-white' : 'border-dashed border-slate bg-transparent text-slate'
      } hover:bg-foam`}
    >
      {topic.words} <b>{said}</b>
    </button>
  )
  if (!wanted) return button
  return (
    <Suspense fallback={button}>
      <Answers {...props} chip={button} />
    </Suspense>
  )
}
