/** An answer as it is edited: choices and the numbers that belong to them. */
import type { Answer, Part, Topic } from './queries'

export const choicesOf = (answer: Answer | undefined): string[] =>
  answer?.choice ? [answer.choice, ...(answer.also ?? [])] : []

/** With one more choice, or without one that was there; null where nothing is left. */
export function withChoice(topic: Topic, answer: Answer | undefined, choice: string): Answer | null {
  const had = choicesOf(answer)
  if (topic.most === 1) return fitting(topic, { ...answer, topic: topic.topic }, [choice])
  const left = had.filter((other) => other !== choice)
  const alone = choice === 'NONE' || had.includes('NONE')
  const chosen = had.includes(choice) ? left : alone ? [choice] : [...left.slice(0, topic.most - 1), choice]
  return chosen.length === 0 ? null : fitting(topic, { ...answer, topic: topic.topic }, chosen)
}

/** Parts asked of an answer as it is. */
export const partsOf = (topic: Topic, answer: Answer | undefined): Part[] =>
  topic.parts.filter((part) => part.of.length === 0 || part.of.some((one) => choicesOf(answer).includes(one)))

export const partValue = (answer: Answer | undefined, key: Part['key']): number | undefined =>
  key === 'VALUE' ? answer?.value : key === 'OTHER' ? answer?.other : answer?.more?.[key]

/** Without a number that is not known any more. */
export function withoutPart(answer: Answer, key: Part['key']): Answer {
  const { value, other, more, ...rest } = answer
  const left = Object.fromEntries(Object.entries(more ?? {}).filter(([name]) => name !== key))
  return {
    ...rest,
    ...(value !== undefined && key !== 'VALUE' && { value }),
    ...(other !== undefined && key !== 'OTHER' && { other }),
    ...(Object.keys(left).length > 0 && { more: left }),
  }
}

export function withPart(answer: Answer, key: Part['key'], si: number): Answer {
  if (key === 'VALUE') return { ...answer, value: si }
  if (key === 'OTHER') return { ...answer, other: si }
  return { ...answer, more: { ...answer.more, [key]: si } }
}

/** With these choices and only the numbers that belong to them. */
function fitting(topic: Topic, answer: Answer, chosen: readonly string[]): Answer {
  const [choice, ...also] = chosen
  const bare: Answer = { topic: topic.topic, choice: choice!, ...(also.length > 0 && { also }) }
  return partsOf(topic, bare).reduce((next, part) => {
    const si = partValue(answer, part.key)
    return si === undefined ? next : withPart(next, part.key, si)
  }, bare)
}
