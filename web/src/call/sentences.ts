import type { Units } from '../units/UnitsContext'
import { asSentence, sayFigure } from '../units/sentence'
import type { Answer, Catalogue, Rule, Topic } from './queries'
import { choiceWords, UNKNOWN_WORDS } from './words'

/** `24.6 °C`, `diving, low and tight, about 40`, `17 m to 22 m`. */
export function answerWords(topic: Topic, answer: Answer | undefined, units: Units): string {
  if (!answer) return UNKNOWN_WORDS[topic.topic] ?? 'not known'
  const figure = (si: number) => sayFigure({ kind: topic.figure ?? 'COUNT', si }, units, 'UTC')
  const words = []
  if (answer.choice) words.push(choiceWords(topic.topic, answer.choice))
  if (answer.second) words.push(`then ${choiceWords(topic.topic, answer.second)}`)
  if (answer.value !== undefined && answer.other !== undefined)
    return `${figure(answer.value)} to ${figure(answer.other)}`
  if (answer.value !== undefined)
    words.push(answer.choice ? `about ${figure(answer.value)}` : figure(answer.value))
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
