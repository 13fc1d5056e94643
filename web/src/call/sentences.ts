import type { Units } from '../units/UnitsContext'
import { asSentence, sayFigure } from '../units/sentence'
import { choicesOf, partValue } from './answer'
import type { Answer, Catalogue, Part, Rule, Topic } from './queries'
import { choiceWords, UNKNOWN_WORDS } from './words'

/** `24.6 °C`, `diving, low and tight + moving one way, about 40`, `17 m to 22 m`, `wahoo, then mahi`. */
export function answerWords(topic: Topic, answer: Answer | undefined, units: Units): string {
  if (!answer) return UNKNOWN_WORDS[topic.topic] ?? 'not known'
  const chosen = choicesOf(answer).map((choice) => choiceWords(topic.topic, choice))
  const words = [chosen.join(topic.topic === 'TARGET' ? ', then ' : ' + ')].filter((text) => text !== '')
  const say = (key: Part['key']) => {
    const part = topic.parts.find((one) => one.key === key)
    const si = partValue(answer, key)
    return part && si !== undefined ? sayFigure({ kind: part.figure, si }, units, 'UTC') : undefined
  }
  const [value, other, towards, speed] = [say('VALUE'), say('OTHER'), say('TOWARDS'), say('SPEED')]
  if (value && other) return `${value} to ${other}`
  if (value) words.push(answer.choice ? `about ${value}` : value)
  if (towards) words.push(`to ${towards}`)
  if (speed) words.push(speed)
  return words.join(', ')
}

/** Season, bag, length, lines and barbs of the skipper's own entry. */
export function ruleWords(
  rule: Rule,
  words: Catalogue,
  length: (m: number) => string,
  bagForCrew?: number,
): string {
  const name = words.species.find((one) => one.species === rule.species)?.words ?? rule.species
  const parts = []
  if (rule.seasonFrom) parts.push(`season ${rule.seasonFrom} to ${rule.seasonTo}`)
  if (rule.bag !== undefined)
    parts.push(`bag ${rule.bag} a person${bagForCrew !== undefined ? `, ${bagForCrew} for your crew` : ''}`)
  if (rule.leastLengthM !== undefined) parts.push(`at least ${length(rule.leastLengthM)}`)
  if (rule.mostLengthM !== undefined) parts.push(`at most ${length(rule.mostLengthM)}`)
  if (rule.mostLines !== undefined) parts.push(`${rule.mostLines} lines`)
  if (rule.barbless) parts.push('barbless hooks')
  if (rule.gear !== '') parts.push(rule.gear)
  return asSentence(`${name}: ${parts.length > 0 ? parts.join('; ') : 'nothing entered'}`)
}
