import { cleanup, fireEvent, render, screen, within } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Item } from '../../shared/outbox/outbox'
import { foldDay } from '../fold/day'
import type { Fact, Payload } from '../fold/model'
import { ToldList } from './ToldList'
import { strikeNames, toldWords } from './words'

let made = 0
const fact = (kind: string, clock: string, payload: Payload = {}): Fact => ({
  factId: `f${(made += 1)}`,
  kind,
  happenedAt: `2026-06-18T${clock}:00Z`,
  payload,
})

const saying = {
  nameOf: (id: string) => (id === 'one' ? 'Centre, far' : 'a line'),
  length: (metres: number) => `${metres} m`,
}

describe('what was told, in words', () => {
  it('is said as a crew says it', () => {
    const say = (kind: string, payload: Payload) => toldWords(fact(kind, '09:00', payload), saying)
    expect(say('SET', { lineId: 'one', letOutM: 30 })).toBe('Centre, far set, 30 m out')
    expect(say('LOST', { strikeId: 'x', how: 'CUT_OFF' })).toBe('Fish lost on a line: cut off')
    expect(say('LANDED', { strikeId: 'x', species: 'mahi', released: true })).toBe(
      'Mahi released from a line',
    )
    expect(say('SIGHTED', { what: 'BIRDS_DIVING' })).toBe('Seen: birds diving')
    expect(say('TENDED', { routine: `TAKEN_OFF ${crypto.randomUUID()} 2` })).toBe(
      'A used lure taken off the box',
    )
    expect(say('HAULED_UP', {})).toBe('Hauled up, of another edition')
  })

  it('says of a fish that its strike is taken back, for it still counts', () => {
    const strike = fact('STRUCK', '09:00', { lineId: 'one' })
    const landed = fact('LANDED', '09:10', { strikeId: strike.factId, species: 'mahi' })
    const back = fact('RETRACTED', '09:20', { targetId: strike.factId })
    const say = (facts: Fact[]) =>
      toldWords(landed, { ...saying, nameOf: strikeNames(foldDay(facts), saying.nameOf) })
    expect(say([strike, landed])).toBe('Mahi landed from Centre, far')
    expect(say([strike, landed, back])).toBe('Mahi landed from Centre, far, its strike taken back')
  })

  it('has words of its own for every kind the server takes', () => {
    const kinds =
      'STRUCK LANDED LOST FOLLOWED SET CHANGED CLEARED RENEWED CHECKED TOUCHED CUED ENGINES SIGHTED BAIT_CAUGHT BAIT_DEAD OPENED TENDED'
    for (const kind of kinds.split(' '))
      expect(toldWords(fact(kind, '09:00'), saying)).not.toContain('of another edition')
  })
})

function show(facts: Fact[], refused: Item[] = []) {
  const day = foldDay(facts)
  const edits = { onRetimed: vi.fn(), onNoted: vi.fn(), onTakeBack: vi.fn() }
  const onRestore = vi.fn()
  render(
    <ToldList
      standing={day.standing}
      takenBack={day.takenBack}
      clock={(at) => new Date(at).toISOString().slice(11, 16)}
      onAgain={vi.fn()}
      onDiscard={vi.fn()}
      {...{ refused, saying, edits, onRestore }}
    />,
  )
  return { edits, onRestore }
}

describe('the list', () => {
  afterEach(cleanup)

  it('puts a time right to the nearest such moment, over midnight too', () => {
    const set = fact('SET', '23:58', { lineId: 'one' })
    const { edits } = show([set])
    fireEvent.click(screen.getByRole('button', { name: /Centre, far set/ }))
    const time = screen.getByLabelText('Time of: Centre, far set')
    fireEvent.change(time, { target: { value: '00:10' } })
    fireEvent.keyDown(time, { key: 'Enter' })
    expect(edits.onRetimed).toHaveBeenCalledWith(set, Date.parse('2026-06-19T00:10:00Z'), 'Centre, far set')
    fireEvent.change(time, { target: { value: 'noon' } })
    fireEvent.keyDown(time, { key: 'Enter' })
    expect(screen.getByText(/such as 09:42/)).toBeTruthy()
    expect(edits.onRetimed).toHaveBeenCalledTimes(1)
  })

  it('shows notes with what they are on, and what was taken back with its way back', () => {
    const seen = fact('SIGHTED', '09:00', { what: 'WEED' })
    const wrong = fact('ENGINES', '09:10', { running: 1 })
    const back = fact('RETRACTED', '12:00', { targetId: wrong.factId })
    const { onRestore } = show([
      seen,
      wrong,
      fact('ANNOTATED', '12:01', { targetId: seen.factId, note: 'long lines of it' }),
      back,
    ])
    const list = screen.getByRole('list', { name: 'What was told' })
    expect(within(list).getAllByRole('listitem')).toHaveLength(2)
    expect(within(list).getByText('long lines of it')).toBeTruthy()
    expect(screen.getByText('What was told, one thing')).toBeTruthy()
    fireEvent.click(screen.getByRole('button', { name: 'Restore' }))
    expect(onRestore).toHaveBeenCalledWith(back.factId, 'One engine runs')
  })

  it('has no way back for what was restored', () => {
    const wrong = fact('ENGINES', '09:10', { running: 2 })
    const back = fact('RETRACTED', '12:00', { targetId: wrong.factId })
    show([wrong, back, fact('RETRACTED', '12:05', { targetId: back.factId })])
    expect(screen.getByText('2 engines run')).toBeTruthy()
    expect(screen.queryByText(/Taken back/)).toBeNull()
  })

  it('says that nothing stands where all was taken back, and shows nothing where nothing was told', () => {
    const wrong = fact('ENGINES', '09:10', { running: 2 })
    show([wrong, fact('RETRACTED', '12:00', { targetId: wrong.factId })])
    expect(screen.getByText('What was told, nothing that still stands')).toBeTruthy()
    cleanup()
    show([])
    expect(screen.queryByTestId('told')).toBeNull()
  })
})
