import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { DayList } from './DayList'
import type { Item } from '../shared/outbox/outbox'
import type { Strike } from './useDay'

const strike: Strike = {
  factId: 'e1',
  happenedAt: '2026-06-18T09:33:00Z',
  lineId: 'one',
  label: 'S1',
  unsent: false,
  figures: {
    label: 'S1',
    holderName: 'Starboard rigger',
    lureName: 'Bullet skirt',
    speedThroughWaterMps: 3.86,
    letOutM: 84,
    strikeDragN: 60,
    regime: 'RUNNING',
    depthM: 0.9,
    pieces: [],
  },
  outcome: 'OPEN',
  species: [],
  fish: [],
  notes: [],
}

function show(change: Partial<Parameters<typeof DayList>[0]> = {}) {
  const acts = {
    onStrike: vi.fn(),
    onLanded: vi.fn(),
    onLost: vi.fn(),
    onRestore: vi.fn(),
    onAgain: vi.fn(),
    onDiscard: vi.fn(),
  }
  const edits = {
    onRetimed: vi.fn(),
    onPlaced: vi.fn(),
    onFish: vi.fn(),
    onFishGone: vi.fn(),
    onOpened: vi.fn(),
    onTakeBack: vi.fn(),
  }
  render(
    <DayList
      edits={edits}
      takenBack={null}
      title="Today"
      lines={[{ lineId: 'one', label: 'S1' }]}
      strikes={[strike]}
      refused={[]}
      when="now"
      clock={(time) => time.slice(11, 16)}
      days={null}
      {...acts}
      {...change}
    />,
  )
  return { ...acts, ...edits }
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
    expect(acts.onLanded).toHaveBeenCalledWith(strike, 'king', false)
    fireEvent.change(screen.getByLabelText('Fish landed'), { target: { value: 'mahi' } })
    fireEvent.click(screen.getByText('Released'))
    expect(acts.onLanded).toHaveBeenLastCalledWith(strike, 'mahi', true)
    fireEvent.change(screen.getByLabelText('Lost'), { target: { value: 'PULLED_HOOK' } })
    expect(acts.onLost).toHaveBeenCalledWith(strike, 'PULLED_HOOK')
    fireEvent.change(screen.getByLabelText('Lost'), { target: { value: 'UNSAID' } })
    expect(acts.onLost).toHaveBeenLastCalledWith(strike, undefined)
    fireEvent.click(screen.getByText('Correct'))
    fireEvent.click(screen.getByText('Take the strike back'))
    expect(acts.onTakeBack).toHaveBeenCalledWith(strike)
  })

  it('says how a fish got away, and that one went back', () => {
    show({ strikes: [{ ...strike, outcome: 'LOST', how: 'CUT_OFF' }] })
    expect(screen.getByText('cut off')).toBeTruthy()
    cleanup()
    show({ strikes: [{ ...strike, outcome: 'RELEASED', species: ['sailfish'] }] })
    expect(screen.getByText('sailfish, released')).toBeTruthy()
  })

  it('says of a strike that it is not sent yet, or not reckoned yet', () => {
    const { figures: _, ...bare } = strike
    show({ strikes: [{ ...bare, figures: undefined, unsent: true }] })
    expect(screen.getByText(/kept here, not sent yet/)).toBeTruthy()
    cleanup()
    show({ strikes: [{ ...bare, figures: undefined }] })
    expect(screen.getByText(/depth not reckoned yet/)).toBeTruthy()
  })

  it('lets what was refused be mended and sent again, or thrown away', () => {
    const item: Item = {
      id: 'p2',
      way: 'fact',
      boat: 'b',
      order: 1,
      words: 'mahi on D1',
      body: { factId: 'p2', payload: { strikeId: 's', species: '', lengthM: 99 } },
      refused: {
        says: 'species is missing.',
        faults: [
          { field: 'payload.species', message: '', mend: '' },
          { field: 'payload.lengthM', message: '', mend: '' },
        ],
      },
    }
    const acts = show({ refused: [item] })
    expect(screen.getByRole('alert').textContent).toContain('species is missing')
    fireEvent.change(screen.getByLabelText('species'), { target: { value: 'mahi' } })
    fireEvent.change(screen.getByLabelText('lengthM'), { target: { value: '0.9' } })
    fireEvent.click(screen.getByText('Send again'))
    expect(acts.onAgain).toHaveBeenCalledWith(item, {
      factId: 'p2',
      payload: { strikeId: 's', species: 'mahi', lengthM: 0.9 },
    })
    fireEvent.click(screen.getByText('Throw away'))
    expect(acts.onDiscard).toHaveBeenCalledWith('p2')
  })

  it('asks for a line first where there is none', () => {
    show({ lines: [], strikes: [] })
    expect(screen.getByText('Add a line first.')).toBeTruthy()
    expect(screen.getByText(/no strikes yet/)).toBeTruthy()
  })

  it('corrects time, place and fish, and leaves what cannot be read in its field', () => {
    const fish = { factId: 'f1', happenedAt: strike.happenedAt, species: 'mahi', released: false }
    const acts = show({ strikes: [{ ...strike, outcome: 'LANDED', species: ['mahi'], fish: [fish] }] })
    fireEvent.click(screen.getByText('09:33'))
    fireEvent.click(screen.getByText('Correct'))
    const type = (label: string, value: string) => {
      const field = screen.getByLabelText(label)
      fireEvent.change(field, { target: { value } })
      fireEvent.blur(field)
    }
    type('Time of the strike', 'about ten')
    expect(screen.getByRole('alert').textContent).toContain('09:42')
    expect(acts.onRetimed).not.toHaveBeenCalled()
    type('Time of the strike', '10:05')
    expect(acts.onRetimed.mock.calls[0]![1]).toBe(Date.parse('2026-06-18T10:05:00Z'))
    type('Where the lure was', '27 36.0 N, 47 18.0 W')
    expect(acts.onPlaced.mock.calls[0]![1].latitudeDeg).toBeCloseTo(27.6, 6)
    type('Length', '96 cm')
    expect(acts.onFish.mock.calls[0]![2].lengthM).toBeCloseTo(0.96, 6)
    fireEvent.change(screen.getByLabelText('Kept or released, The fish'), { target: { value: 'released' } })
    expect(acts.onFish).toHaveBeenLastCalledWith(expect.anything(), fish, { released: true })
    fireEvent.click(screen.getByText('There was no such fish'))
    expect(acts.onFishGone).toHaveBeenCalled()
  })

  it('offers to undo what was taken back', () => {
    const acts = show({ strikes: [], takenBack: strike })
    fireEvent.click(screen.getByText('Undo'))
    expect(acts.onRestore).toHaveBeenCalled()
  })
})
