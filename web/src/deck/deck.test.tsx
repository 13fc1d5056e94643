import { useState } from 'react'
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Strike } from '../strikes/useDay'
import { Aboard } from './Aboard'
import { ClockList } from './ClockList'
import { Cues } from './Cues'
import { Pads } from './Pads'
import type { Deck, Routine } from './queries'
import { readBow, whereOf } from './Scope'
import { Sighted } from './Sighted'
import { SetNext } from './SetNext'
import { StrikeCard, type Ending } from './StrikeCard'
import { wellOf } from './well'

const says = (text: string) => ({ text, figures: [] })
const deck: Deck = {
  handling: { now: says('hold the speed'), holdS: 15, then: says('down to half') },
  routines: [],
  cues: [{ cue: 'SLACK', says: 'the line is slack', act: says('a little faster'), stepMps: 0.1 }],
  fight: [
    { phase: 'HOOKED', words: 'just hooked', says: [says('fish off the quarter')] },
    { phase: 'ALONGSIDE', words: 'at the boat', says: [says('gaff the head')] },
  ],
  fish: [
    { species: 'KING', words: 'king', cautions: ['Mind the teeth.'], bag: 3, leastLengthM: 0.6 },
    { species: 'MAHI', words: 'mahi', cautions: [] },
  ],
  goingOut: [{ lineId: 'one', label: 'S1', steps: [says('feather'), says('Let out to the ink.')] }],
  cautions: [],
}
const strike: Strike = {
  factId: 'f1',
  happenedAt: '2026-06-18T09:00:00Z',
  lineId: 'one',
  label: 'S1',
  unsent: true,
  figures: undefined,
  outcome: 'OPEN',
  species: [],
  fish: [],
  notes: [],
}
const at = (seconds: number) => Date.parse(strike.happenedAt) + 1000 * seconds

function card(seconds: number) {
  const acts = {
    onCleared: vi.fn(),
    onSecond: vi.fn(),
    onLost: vi.fn(),
    onLanded: vi.fn(),
    onUndo: vi.fn(),
  }
  function Asking() {
    const [asked, onAsk] = useState<Ending>(null)
    return (
      <StrikeCard
        {...{ strike, deck, asked, onAsk }}
        now={at(seconds)}
        clear={[
          { lineId: 'two', label: 'D1', isIn: true, words: 'nearer' },
          { lineId: 'three', label: 'P2', isIn: false, words: 'level' },
        ]}
        stay={['C1']}
        bag={{ king: 2 }}
        {...acts}
      />
    )
  }
  render(<Asking />)
  return acts
}

const hidden = (words: string) => screen.getByText(words).closest('.invisible') !== null

afterEach(cleanup)

describe('the strike card', () => {
  it('counts the seconds of holding speed, then says what comes after', () => {
    card(4)
    expect(screen.getByText('Fish off the quarter.', { exact: false })).toBeTruthy()
    expect(screen.getByTestId('hold').textContent).toBe('11')
    expect(hidden('Hold the speed.')).toBe(false)
    expect(hidden('Down to half.')).toBe(true)
    cleanup()
    card(20)
    expect(screen.queryByTestId('hold')).toBeNull()
    // It keeps its room: what is under it may not move from under a thumb.
    expect(hidden('Hold the speed.')).toBe(true)
    expect(hidden('Down to half.')).toBe(false)
  })

  it('can be undone for ten seconds only', () => {
    const acts = card(3)
    fireEvent.click(screen.getByText('Undo 7 s'))
    expect(acts.onUndo).toHaveBeenCalled()
    cleanup()
    card(11)
    expect(screen.queryByText(/Undo/)).toBeNull()
  })

  it('ticks off what is in, in order, and says what may stay', () => {
    const acts = card(20)
    expect((screen.getByLabelText('D1 is in') as HTMLButtonElement).disabled).toBe(true)
    fireEvent.click(screen.getByLabelText('P2 is in'))
    expect(acts.onCleared).toHaveBeenCalledWith('three', 'P2')
    expect(screen.getByText('C1 may stay out.')).toBeTruthy()
  })

  it('says what to mind of the fish before it is kept or released, and the bag of the own table', () => {
    const acts = card(60)
    fireEvent.click(screen.getByText('At the boat'))
    fireEvent.click(screen.getByText('king'))
    expect(screen.getByText('Gaff the head.', { exact: false })).toBeTruthy()
    expect(screen.queryByText('Fish off the quarter.', { exact: false })).toBeNull()
    expect(screen.getByText('Mind the teeth.')).toBeTruthy()
    expect(screen.getByText('Your table: at least 60 cm.')).toBeTruthy()
    expect(screen.getByText(/3 a person in a day; kept today 2/)).toBeTruthy()
    fireEvent.click(screen.getByText('Released'))
    expect(acts.onLanded).toHaveBeenCalledWith('king', true)
  })

  it('takes a fish that is in no list, and every way of losing one', () => {
    const acts = card(60)
    fireEvent.click(screen.getByText('At the boat'))
    fireEvent.change(screen.getByLabelText('Another fish'), { target: { value: ' bonito ' } })
    fireEvent.click(screen.getByText('Name it'))
    fireEvent.click(screen.getByText('Kept'))
    expect(acts.onLanded).toHaveBeenCalledWith('bonito', false)
    cleanup()
    const others = card(60)
    fireEvent.click(screen.getByText('Lost it'))
    fireEvent.click(screen.getByText('Pulled hook'))
    expect(others.onLost).toHaveBeenCalledWith('PULLED_HOOK')
    fireEvent.click(screen.getByText('Nobody knows'))
    expect(others.onLost).toHaveBeenLastCalledWith()
  })
})

describe('pads, clocks, cues and sightings', () => {
  it('a pad says its line, what it carries and what a tap does', () => {
    const tap = vi.fn()
    const pad = { lineId: 'one', label: 'S1', row: 0 as const, column: 0, code: 'KeyQ' }
    const state = { now: 'OUT' as const, lure: 'Feather', letOut: '84 m', depth: '0.9 m', key: 'Q' }
    render(<Pads pads={[pad]} states={new Map([['one', state]])} acts="Strike" onTap={tap} />)
    fireEvent.click(screen.getByLabelText('Strike S1, Feather, 84 m, 0.9 m'))
    expect(tap).toHaveBeenCalledWith(pad)
  })

  it('never more than two clocks ask at once', () => {
    const clock = (name: string, leftS: number) => ({
      routine: { name, everyS: 600, says: says(name), putBack: [], urgency: 1 } satisfies Routine,
      due: 0,
      leftS,
    })
    const done = vi.fn()
    const clocks = [clock('weed', -10), clock('drags', -5), clock('bait', -1), clock('pace', 60)]
    const { container } = render(<ClockList clocks={clocks} onDone={done} />)
    expect(container.querySelectorAll('[data-asks=true]')).toHaveLength(2)
    fireEvent.click(screen.getByLabelText('Done: weed'))
    expect(done).toHaveBeenCalledWith(clocks[0])
  })

  it('one tap keeps a cue and says what to do', () => {
    const cue = vi.fn()
    const back = vi.fn()
    const before = {
      factId: 'before',
      kind: 'CUED',
      happenedAt: '2026-06-18T10:00:00Z',
      payload: { cue: deck.cues[0]!.cue },
    }
    const clock = () => '07:00'
    render(
      <Cues
        label="S1"
        cues={deck.cues}
        seen={[before]}
        onCue={cue}
        onBack={back}
        onClose={vi.fn()}
        {...{ clock }}
      />,
    )
    expect(screen.getByText('07:00, the line is slack')).toBeTruthy()
    fireEvent.click(screen.getByText('Take back'))
    expect(back).toHaveBeenCalledWith('before')
    fireEvent.click(screen.getByText('the line is slack'))
    expect(cue).toHaveBeenCalledWith(deck.cues[0])
    expect(screen.getByRole('status').textContent).toBe('A little faster.')
    expect(screen.getByText(/it is taken to want .* more/)).toBeTruthy()
  })

  it('a sighting is one tap', () => {
    const [seen, close] = [vi.fn(), vi.fn()]
    render(<Sighted placed={false} onSeen={seen} onClose={close} />)
    fireEvent.click(screen.getByText('birds diving'))
    expect(seen).toHaveBeenCalledWith('BIRDS_DIVING', 'birds diving', null)
    expect(close).toHaveBeenCalled()
  })

  it('bait is seen between two depths', () => {
    const seen = vi.fn()
    render(<Sighted placed={false} onSeen={seen} onClose={vi.fn()} />)
    for (const [label, typed] of [
      ['Bait from', '20 m'],
      ['Bait down to', '30 m'],
    ] as const) {
      fireEvent.change(screen.getByLabelText(label), { target: { value: typed } })
      fireEvent.keyDown(screen.getByLabelText(label), { key: 'Enter' })
    }
    fireEvent.click(screen.getByText('bait on the sounder'))
    expect(seen).toHaveBeenCalledWith('BAIT', 'bait on the sounder', null, { topM: 20, bottomM: 30 })
  })
})

describe('where something is seen', () => {
  it('is tapped beside the boat, the nearer the finer', () => {
    expect(whereOf(60, 0)).toMatchObject({ bowDeg: 90 })
    expect(whereOf(0, -128)).toEqual({ bowDeg: 0, offM: 3000 })
    expect(whereOf(-40, 40).bowDeg).toBe(-135)
    expect(whereOf(0, 30).offM % 5).toBe(0)
    expect(whereOf(0, 30).offM).toBeLessThan(60)
  })

  it('is typed as a crew says it', () => {
    expect(['40 s', '30° port', 'ahead', '180 starboard'].map(readBow)).toEqual([40, -30, 0, 180])
    expect(['40', 'left', '200 p', ''].map(readBow)).toEqual([null, null, null, null])
  })

  it('goes with what was seen', () => {
    const seen = vi.fn()
    render(<Sighted placed onSeen={seen} onClose={vi.fn()} />)
    const bow = screen.getByLabelText('From the bow')
    fireEvent.change(bow, { target: { value: '40 p' } })
    fireEvent.keyDown(bow, { key: 'Enter' })
    expect(screen.getByText('40° port, 200 m off')).toBeTruthy()
    fireEvent.click(screen.getByText('boat near the lines'))
    expect(seen).toHaveBeenCalledWith('BOAT', 'boat near the lines', { bowDeg: -40, offM: 200 })
  })
})

describe('setting', () => {
  it('says how the next line goes out, and which come after', () => {
    const onOut = vi.fn()
    const one = { lineId: 'one', label: 'S1', steer: 'Alone: steer to port while it goes out.' }
    const two = { lineId: 'two', label: 'P1', steer: null }
    const onAll = vi.fn()
    render(<SetNext deck={deck} next={[one, two]} onOut={onOut} onAll={onAll} />)
    expect(screen.getByText('Let out to the ink.')).toBeTruthy()
    expect(screen.getByText('Then P1.')).toBeTruthy()
    expect(screen.getByText(/steer to port/)).toBeTruthy()
    fireEvent.click(screen.getByText('S1 is out'))
    expect(onOut).toHaveBeenCalledWith(one)
    fireEvent.click(screen.getByText('All 2 are out'))
    expect(onAll).toHaveBeenCalled()
  })
})

describe('aboard', () => {
  const fact = (kind: string, bait: string, count: number, at: number) => ({
    factId: `f${at}`,
    kind,
    happenedAt: new Date(at * 1000).toISOString(),
    payload: { bait, count },
  })
  const facts = [
    fact('BAIT_CAUGHT', 'sardine', 10, 1),
    fact('BAIT_DEAD', 'sardine', 3, 2),
    fact('BAIT_CAUGHT', 'mackerel', 2, 3),
    { ...fact('STRUCK', '', 0, 4), payload: { lineId: 'one' } },
  ]

  it('adds up what went into the well and what died, the last told of first', () => {
    expect(wellOf(facts)).toEqual([
      { bait: 'mackerel', caught: 2, dead: 0, left: 2 },
      { bait: 'sardine', caught: 10, dead: 3, left: 7 },
    ])
    expect(wellOf([fact('BAIT_DEAD', 'eel', 4, 1)])[0]!.left).toBe(0)
  })

  it('tells of bait by kind and count, and asks for the kind first', () => {
    const onBait = vi.fn()
    const acts = { onEngines: vi.fn(), onClose: vi.fn() }
    render(<Aboard facts={[]} engines={2} onBait={onBait} {...acts} />)
    fireEvent.click(screen.getByText('1 caught'))
    expect(onBait).not.toHaveBeenCalled()
    expect(screen.getByRole('alert').textContent).toContain('what bait')
    fireEvent.change(screen.getByLabelText('Bait'), { target: { value: ' sardine ' } })
    fireEvent.click(screen.getByText('one more', { exact: false }))
    fireEvent.click(screen.getByText('2 dead'))
    expect(onBait).toHaveBeenCalledWith('BAIT_DEAD', 'sardine', 2)
  })

  it('tells how many engines push', () => {
    const onEngines = vi.fn()
    render(<Aboard facts={facts} engines={2} onBait={vi.fn()} onEngines={onEngines} onClose={vi.fn()} />)
    expect(screen.getByText(/7 sardine \(10 caught, 3 dead\)/)).toBeTruthy()
    fireEvent.click(screen.getByText('One'))
    expect(onEngines).toHaveBeenCalledWith(1)
  })
})
