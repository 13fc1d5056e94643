import { describe, expect, it } from 'vitest'
import type { Signal } from './queries'
import { bowOf, standing, weedWords } from './words'

const since = '2026-06-18T08:30:00Z'
const signal = (told: Signal['told']): Signal => ({ told, lineId: 'c1', since })
const strike = (outcome: string, happenedAt = '2026-06-18T08:30:04Z') => ({
  lineId: 'c1',
  happenedAt,
  outcome,
})
const tells = (told: Signal['told'], ...strikes: ReturnType<typeof strike>[]) =>
  standing([signal(told)], strikes).map((one) => one.told)

describe('what lines tell on a practice day', () => {
  it('calls a rod until somebody has told of it, and then that the fish is on', () => {
    expect(tells('GOES_OFF')).toEqual(['GOES_OFF'])
    expect(tells('GOES_OFF', strike('OPEN'))).toEqual(['STILL_ON'])
    expect(tells('STILL_ON', strike('LOST'))).toEqual([])
  })

  it('goes on from a strike of before without a word of this fish', () => {
    expect(tells('GOES_OFF', strike('LANDED', '2026-06-18T08:10:00Z'))).toEqual(['GOES_OFF'])
  })

  it('tells the end to whoever has not told it', () => {
    expect(tells('ALONGSIDE', strike('OPEN'))).toEqual(['ALONGSIDE'])
    expect(tells('GONE', strike('LOST'))).toEqual([])
    expect(tells('ALONGSIDE')).toEqual([])
  })

  it('says weed of all lines at once', () => {
    expect(weedWords(['C1'])).toBe('C1 drags: weed. Look it over, then tap Clean.')
    expect(weedWords(['C1', 'S1'])).toBe('C1, S1 drag: weed. Look them over, then tap Clean.')
  })

  it('says weed whatever else there is', () => expect(tells('WEEDY', strike('OPEN'))).toEqual(['WEEDY']))

  it('says port and starboard as a crew does', () => {
    expect(bowOf({ what: 'WEED', bearingDeg: 350, distanceM: 40 })).toBe(-10)
    expect(bowOf({ what: 'WEED', bearingDeg: 40, distanceM: 40 })).toBe(40)
  })
})
