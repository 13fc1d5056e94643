import { expect, test } from 'vitest'
import { takenWords } from './DayFiles'

const taken = { points: 5, kept: 5, withoutTime: 0, outside: 0, nowhere: 0, waypoints: 0 }

test('every point is accounted for', () => {
  expect(takenWords(taken)).toBe('5 of 5 points taken in.')
  expect(takenWords({ ...taken, kept: 1, withoutTime: 2, outside: 1, waypoints: 3 })).toBe(
    '1 of 5 points taken in; 1 were here already; 2 left out, without a time; 1 left out, of another day; 3 marks left out: take them in with Marks, on the picture of the water.',
  )
})
