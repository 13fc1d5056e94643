import { useUnits } from '../units/UnitsContext'
import { answerWords } from './sentences'
import type { Call, Catalogue } from './queries'

const RANKS = [
  '',
  'first',
  'second',
  'third',
  'fourth',
  'fifth',
  'sixth',
  'seventh',
  'eighth',
  'ninth',
  'tenth',
]

/** What is not known and could move the call, the strongest first. */
export function WorthFinding({ call, words }: { call: Call; words: Catalogue }) {
  const units = useUnits()
  if (call.worthFinding.length === 0) return <p>Everything that could move the call is known.</p>
  const leader = call.scores[0]?.playbook
  return (
    <p data-testid="worth">
      Worth finding out:{' '}
      {call.worthFinding.slice(0, 3).map((unknown, i) => {
        const topic = words.topics.find((one) => one.topic === unknown.topic)
        const rival = words.playbooks.find((one) => one.playbook === unknown.first)
        const best = words.playbooks.find((one) => one.playbook === leader)
        return (
          <span key={unknown.topic}>
            {i > 0 && '; '}
            <b>{topic?.words}</b>{' '}
            {rival
              ? `(${topic && answerWords(topic, unknown.by, units)}) would move ${rival.words} from ${RANKS[unknown.rankNow ?? 0] ?? `${unknown.rankNow}th`} to first`
              : `could move ${best?.words} by ${(unknown.swingTenths / 10).toFixed(1)}`}
          </span>
        )
      })}
      .
    </p>
  )
}
