import { expect, test } from 'vitest'
import { rowWords } from './PaperSheet'

const row = { line: 1, at: '', kind: 'STRIKE', labels: ['C1'], released: false } as const
const metres = (m: number) => `${m} m`

test('a row is said as it was understood', () => {
  expect(rowWords({ ...row, labels: ['C1', 'S1'], kind: 'SET' }, metres)).toBe('set C1, S1')
  expect(rowWords({ ...row, labels: ['C1'], species: 'mahi', lengthM: 1.1, released: true }, metres)).toBe(
    'strike on C1: mahi, 1.1 m, released',
  )
  expect(rowWords({ ...row, labels: ['C1'], how: 'CUT_OFF' }, metres)).toBe('strike on C1, lost: cut off')
  expect(rowWords({ ...row, labels: ['C1'] }, metres)).toBe('strike on C1, lost, nobody says how')
  expect(rowWords({ ...row, labels: [], kind: 'SEEN', seen: 'BIRDS_DIVING' }, metres)).toBe(
    'seen: birds diving',
  )
})
