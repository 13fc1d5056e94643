import { choicesOf } from './answer'
import { useQuery } from '@tanstack/react-query'
import { useUnits } from '../units/UnitsContext'
import { catalogue, planOf, rulesOf } from './queries'
import { ruleWords } from './sentences'

/** The skipper's own rules for the day's targets, beside the lines they bind; nothing without a target or an entry. */
export function RuleNote({ boat, day, lines }: { boat: string; day: string; lines: number }) {
  const units = useUnits()
  const words = useQuery(catalogue()).data
  const target = useQuery(planOf(boat, day)).data?.answers.find((answer) => answer.topic === 'TARGET')
  const rules = (useQuery(rulesOf(boat)).data?.rules ?? []).filter((rule) =>
    choicesOf(target).includes(rule.species),
  )
  if (!words || rules.length === 0) return null
  const over = rules.filter((rule) => rule.mostLines !== undefined && lines > rule.mostLines)
  return (
    <section
      data-testid="rules"
      className={`border-l-4 px-3.5 ${over.length > 0 ? 'border-rust' : 'border-moss'}`}
    >
      <h3 className="font-bold">
        {over.length > 0 ? `${lines} lines, your table allows ${over[0]?.mostLines}` : 'By your own table'}
      </h3>
      {rules.map((rule) => (
        <p key={rule.species}>{ruleWords(rule, words, (m) => units.say('small', m))}</p>
      ))}
      <p className="text-slate">
        Looked up on {rules.map((rule) => rule.dated).sort()[0]}. Local rules decide.
      </p>
    </section>
  )
}
