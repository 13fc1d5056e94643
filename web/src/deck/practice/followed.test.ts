import { describe, expect, it } from 'vitest'
import { followed } from './followed'
import type { Practice } from './queries'

const practice = { rate: 1, holdMps: 3.6, radiusM: 120, steering: 'COURSE', steerDeg: 90 } as Practice
type Back = Parameters<typeof followed>[0]
const back = (turnDeg: number, steerDeg = 200, side = 'PORT') =>
  ({ leadM: 0, side, turnDeg, steerDeg, radiusM: 187 }) as Back

describe('the way back, followed', () => {
  it('circles while more than half round is left, the way it says', () => {
    const helm = followed(back(240), practice, 90)
    expect(helm).toMatchObject({ steering: 'CIRCLE_PORT', radiusM: 187, holdMps: 3.6 })
    expect(followed(back(230), { ...practice, ...helm! }, 90)).toBeNull()
    expect(followed(back(240, 200, 'STARBOARD'), practice, 90)).toMatchObject({
      steering: 'CIRCLE_STARBOARD',
    })
  })

  it('runs on first where it has to', () => {
    const lead = { ...back(240), leadM: 60 }
    expect(followed(lead, practice, 90)).toBeNull()
    expect(followed(lead, { ...practice, steering: 'CIRCLE_PORT' }, 75)).toMatchObject({
      steering: 'COURSE',
      steerDeg: 75,
    })
  })

  it('then steers what it says, and leaves alone what is near enough', () => {
    const helm = followed(back(100), practice, 90)
    expect(helm).toMatchObject({ steering: 'COURSE', steerDeg: 200 })
    expect(followed(back(90, 201), { ...practice, ...helm! }, 90)).toBeNull()
    expect(followed(back(0, 358), { ...practice, steerDeg: 359 }, 90)).toBeNull()
    expect(followed(back(0, -3), practice, 90)).toMatchObject({ steerDeg: 357 })
  })
})
