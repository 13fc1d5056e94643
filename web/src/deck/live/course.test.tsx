import { cleanup, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it } from 'vitest'
import { UnitsProvider } from '../../units/UnitsContext'
import { LuresThere } from './LuresThere'
import { OnCourse } from './OnCourse'

const ALONG = { offM: 4, legDeg: 350, nextM: 400, nextS: 103, turnDeg: 35, leftM: 900, way: [] }
const shown = (more: Partial<typeof ALONG>) => {
  render(
    <UnitsProvider>
      <OnCourse along={{ ...ALONG, ...more }} />
    </UnitsProvider>,
  )
  return screen.getByTestId('on-course').textContent
}
afterEach(cleanup)

describe('on the course', () => {
  it('tells the next turn, over north too', () => {
    expect(shown({})).toBe('She is on it, 350° to make good. In 1 min 43 s, 35° to starboard onto 025°.')
  })

  it('says to which side she is off it, and where it ends', () => {
    expect(shown({ offM: -60, turnDeg: 0, nextM: 220 })).toBe(
      'She is 60 m to port of it, 350° to make good. It ends in 220 m.',
    )
  })

  it('a bend that nobody steers is held through', () => {
    expect(shown({ turnDeg: -1.5, legDeg: 90 })).toContain('Hold 089°.')
  })
})

it('lures are counted down each by its name', () => {
  render(
    <LuresThere
      lures={[
        { lineId: 'a', label: 'D1', inS: 41.6, offM: 0 },
        { lineId: 'b', label: 'C1', inS: 84.9, offM: 0 },
      ]}
    />,
  )
  expect(screen.getByTestId('lures-there').textContent).toBe('D1 42 sC1 1:24')
})
