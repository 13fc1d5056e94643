import { withChoice } from './answer'
import type { Answer, Topic } from './queries'
import { choiceWords } from './words'

/** What can be chosen: one, the first and then the second target, or all that is seen. */
export function Choices({
  topic,
  answer,
  onAnswer,
}: {
  topic: Topic
  answer: Answer | undefined
  onAnswer(answer: Answer | null): void
}) {
  const ranked = topic.topic === 'TARGET'
  return (
    <div role="group" aria-label={topic.words} className="flex flex-wrap gap-1.5">
      {topic.choices.map((choice) => {
        const first = answer?.choice === choice
        const beside = answer?.also?.includes(choice) ?? false
        return (
          <button
            key={choice}
            type="button"
            aria-pressed={first || beside}
            className={`min-h-11 border-2 px-3 ${first || beside ? 'border-ink bg-lichen font-bold' : 'border-ink/40 hover:bg-shade'}`}
            onClick={() => onAnswer(withChoice(topic, answer, choice))}
          >
            {ranked && beside && 'then '}
            {choiceWords(topic.topic, choice)}
          </button>
        )
      })}
      {topic.most > 1 && (
        <p className="w-full text-sm text-slate">
          {ranked
            ? 'The first you touch comes first, the next second; touch one again to take it out.'
            : 'Touch all that is seen; touch one again to take it out.'}
        </p>
      )}
    </div>
  )
}
