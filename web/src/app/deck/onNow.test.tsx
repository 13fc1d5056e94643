import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Deck } from '../../deck/queries'
import { Strikes } from './OnNow'
import type { DeckState } from './useDeck'

const fish = (factId: string, label: string) => ({
  factId,
  label,
  lineId: label,
  happenedAt: '2026-06-18T07:00:00Z',
})
const words = { text: 'hold', figures: [] }
const deck = {
  handling: { holdS: 0, now: words, then: words },
  fight: [],
  fish: [],
} as unknown as Deck

const lost = vi.fn()
const deckWith = (...on: ReturnType<typeof fish>[]) =>
  ({
    on,
    now: Date.parse('2026-06-18T07:01:00Z'),
    clearFor: () => ({ clear: [], stay: [] }),
    day: { bag: {} },
    reports: { lost, edits: {} },
  }) as unknown as DeckState

describe('fish on', () => {
  afterEach(cleanup)

  it('stays with the fish whose end is being told, whatever comes in meanwhile', () => {
    const first = fish('a', 'S1')
    const { rerender } = render(<Strikes s={deckWith(first)} deck={deck} />)
    fireEvent.click(screen.getByText('Lost it'))
    rerender(<Strikes s={deckWith(first, fish('b', 'P2'))} deck={deck} />)
    fireEvent.click(screen.getByText('Nobody knows'))
    expect(lost.mock.calls).toEqual([[first, undefined]])
  })

  it('shows the last struck while nothing is told', () => {
    const first = fish('a', 'S1')
    const { rerender } = render(<Strikes s={deckWith(first)} deck={deck} />)
    rerender(<Strikes s={deckWith(first, fish('b', 'P2'))} deck={deck} />)
    expect(screen.getByLabelText('Strike on P2')).toBeTruthy()
  })
})
