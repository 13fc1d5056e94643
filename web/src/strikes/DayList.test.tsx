import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { DayList } from './DayList'
import type { EventBody, Strike } from './queries'

const strike: Strike = {
  eventId: 'e1',
  happenedAt: '2026-06-18T09:33:00Z',
  lineId: 'one',
  spreadId: 's',
  revision: 1,
  label: 'S1',
  holderName: 'Starboard rigger',
  lureName: 'Bullet skirt',
  speedThroughWaterMps: 3.86,
  letOutM: 84,
  regime: 'RUNNING',
  depthM: 0.9,
  solverEdition: 'tow-1',
  outcome: 'OPEN',
  species: [],
  notes: [],
}

function show(change: Partial<Parameters<typeof DayList>[0]> = {}) {
  const acts = {
    onStrike: vi.fn(),
    onLanded: vi.fn(),
    onLost: vi.fn(),
    onTakeBack: vi.fn(),
    onDiscard: vi.fn(),
  }
  render(
    <DayList
      title="Today"
      lines={[{ lineId: 'one', label: 'S1' }]}
      strikes={[strike]}
      pending={[]}
      when="now"
      clock={(time) => time.slice(11, 16)}
      days={null}
      {...acts}
      {...change}
    />,
  )
  return acts
}

describe("the day's list", () => {
  afterEach(cleanup)

  it('logs a strike on a line with one press', () => {
    const acts = show()
    fireEvent.click(screen.getByLabelText('Strike on S1'))
    expect(acts.onStrike).toHaveBeenCalledWith('one', 'S1')
  })

  it('opens a strike, and lands, loses or takes it back', () => {
    const acts = show()
    fireEvent.click(screen.getByText('Bullet skirt'))
    expect(screen.getByText(/84 m out, 0.9 m down at 7.5 kn/)).toBeTruthy()
    fireEvent.change(screen.getByLabelText('Fish landed'), { target: { value: ' king ' } })
    fireEvent.click(screen.getByText('Landed'))
    expect(acts.onLanded).toHaveBeenCalledWith(strike, 'king')
    fireEvent.click(screen.getByText('Lost'))
    expect(acts.onLost).toHaveBeenCalledWith(strike)
    fireEvent.click(screen.getByText('Take back'))
    expect(acts.onTakeBack).toHaveBeenCalledWith(strike)
  })

  it('shows what is not sent yet and what was refused', () => {
    const event = { eventId: 'p1', kind: 'STRUCK', happenedAt: '2026-06-18T10:00:00Z' } as EventBody
    const pending = [
      { boat: 'b', trip: 't', words: 'Strike on C1', event },
      {
        boat: 'b',
        trip: 't',
        words: 'Strike on D1',
        event: { ...event, eventId: 'p2' },
        refused: 'no such line',
      },
    ]
    const acts = show({ pending })
    expect(screen.getByText(/Kept here, not sent yet/)).toBeTruthy()
    expect(screen.getByRole('alert').textContent).toContain('no such line')
    fireEvent.click(screen.getByText('Throw away'))
    expect(acts.onDiscard).toHaveBeenCalledWith('p2')
  })

  it('asks for a line first where there is none', () => {
    show({ lines: [], strikes: [] })
    expect(screen.getByText('Add a line first.')).toBeTruthy()
    expect(screen.getByText(/no strikes yet/)).toBeTruthy()
  })
})
