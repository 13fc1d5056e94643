import { expect, it } from 'vitest'
import { Problem } from './client'
import { fieldWords } from './fieldWords'

it.each([
  ['answers[10].other', 'answer 11, other'],
  ['lines[2].letOutM', 'line 3, let out'],
  ['lines[0].tackle[1].lengthM', 'line 1, tackle 2, length'],
  ['speedThroughWaterMps', 'speed through water'],
  ['name', 'name'],
  ['row 2.lengthM', 'row 2, lengthM'],
  ['holders[3].tip.asternM', 'holder 4, tip, astern'],
])('says %s as %s', (path, words) => expect(fieldWords(path)).toBe(words))

it('says a fault with the field in words, and nothing else changed', () => {
  const fault = {
    code: 'UPSIDE_DOWN',
    field: 'answers[10].other',
    value: '3',
    message: 'answers[10].other is 3 m, but the top lies at 8 m',
    mend: 'Give the deeper figure as the bottom.',
  }
  expect(new Problem(400, 'No', [fault]).said).toEqual([
    'Answer 11, other is 3 m, but the top lies at 8 m. Give the deeper figure as the bottom.',
  ])
})
