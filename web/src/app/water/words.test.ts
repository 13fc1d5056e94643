import { describe, expect, it } from 'vitest'
import { pictureWords } from './words'

const GRID = {
  gridId: 'g',
  name: 'sea',
  kind: 'TEMPERATURE' as const,
  at: '2026-06-17T22:00:00Z',
  rows: 3,
  columns: 4,
  southDeg: 27,
  westDeg: -48,
  latStepDeg: 0.1,
  lonStepDeg: 0.1,
  knownShare: 0.9,
}

describe('when a picture is of', () => {
  it('is said by the day of the place, not by that of Greenwich', () => {
    expect(pictureWords(GRID, 'Pacific/Chatham')).toBe('Thursday 18 June 2026, 10:45, 10 % under cloud')
    expect(pictureWords(GRID, 'Etc/GMT+3')).toBe('Wednesday 17 June 2026, 19:00, 10 % under cloud')
  })

  it('of what does not change is nothing', () => {
    const { at: _, ...depth } = GRID
    expect(pictureWords({ ...depth, knownShare: 1 }, 'UTC')).toBe('does not change')
  })
})
