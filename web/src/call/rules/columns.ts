import type { Rule } from '../queries'

/** An absent field is taken out. */
export type Change = { [K in keyof Rule]?: Rule[K] | undefined }

/** A field that is typed: what stands in it, and what it makes of the rule, or why it cannot be taken. */
export interface Typed {
  label: string
  /** To who does not see where it stands. */
  called: string
  wide?: boolean
  value(rule: Rule): string
  read(typed: string, rule: Rule): Change | string
}

type Season = 'seasonFrom' | 'seasonTo'

const MONTH_DAY = /^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/
const WORDS = 400

const monthDay = (label: string, called: string, field: Season, other: Season): Typed => ({
  ...{ label, called },
  value: (rule) => rule[field] ?? '',
  read: (typed, rule) => {
    const day = typed.trim()
    if (day === '') return { seasonFrom: undefined, seasonTo: undefined }
    return MONTH_DAY.test(day)
      ? { [field]: day, [other]: rule[other] ?? day }
      : 'Type month and day, such as 05-01.'
  },
})

const whole = (label: string, field: 'bag' | 'mostLines'): Typed => ({
  ...{ label, called: label.toLowerCase() },
  value: (rule) => `${rule[field] ?? ''}`,
  read: (typed) => {
    const count = typed.trim()
    if (count === '') return { [field]: undefined }
    return /^\d{1,3}$/.test(count) ? { [field]: Number(count) } : 'Type a whole number, or nothing.'
  },
})

export const TYPED: readonly Typed[] = [
  monthDay('Season from', 'season from', 'seasonFrom', 'seasonTo'),
  monthDay('to', 'season to', 'seasonTo', 'seasonFrom'),
  whole('Bag a person', 'bag'),
  whole('Lines at most', 'mostLines'),
]

export const IN_WORDS: Typed = {
  label: 'Gear and places, in words',
  called: 'gear and places',
  wide: true,
  value: (rule) => rule.gear,
  read: (typed) => (typed.length > WORDS ? `Shorten it to ${WORDS} characters.` : { gear: typed }),
}

export const LENGTHS = [
  ['Length at least', 'leastLengthM'],
  ['Length at most', 'mostLengthM'],
] as const
