import { memo, Suspense, useState } from 'react'
import { later } from '../shared/later'
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
  return (
    <div className="flex flex-wrap gap-1.5" data-testid="chips">
      {words.topics.map((topic) => (
        <Chip
          key={topic.topic}
          topic={topic}
          answer={answerOf(answers, topic.topic)}
          {...(hints[topic.topic] && { hint: hints[topic.topic] })}
          {...(reckoned[topic.topic] && { reckoned: reckoned[topic.topic] })}
          onAnswer={(answer) => onAnswer(topic.topic, answer)}
        />
      ))}
    </div>
  )
})

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
