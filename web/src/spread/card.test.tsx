import { cleanup, render, screen, within } from '@testing-library/react'
import { afterEach, describe, expect, it } from 'vitest'
import { SpreadCard } from './SpreadCard'
import { boat, draft, gear, solved } from '../draft/test/fixtures'

const head = { title: 'Two lines', boat: 'Test boat', day: 'Thursday 18 June 2026', place: 'Tarrow Banks' }

afterEach(cleanup)

describe('the spread on paper', () => {
  it('lists every line, the farthest first to set', () => {
    render(<SpreadCard {...{ boat, gear, draft, solved, head }} />)
    const rows = screen.getAllByRole('row').slice(1)
    expect(rows).toHaveLength(solved.lines.length)
    const astern = rows.map((row) => {
      const label = within(row).getAllByRole('cell')[1]!.textContent
      return solved.lines.find((line) => line.label === label)!.tow.asternM ?? 0
    })
    expect([...astern].sort((a, b) => b - a)).toEqual(astern)
    expect(screen.getByText(/no right of way/)).toBeTruthy()
  })

  it('numbers them as they are set, once that is known', () => {
    const setting = solved.lines.map((line) => line.lineId)
    render(<SpreadCard {...{ boat, gear, draft, solved, head, setting }} />)
    const labels = screen.getAllByRole('row').slice(1)
    expect(labels.map((row) => within(row).getAllByRole('cell')[1]!.textContent)).toEqual(
      solved.lines.map((line) => line.label),
    )
  })

  it('is drawn from above with the bow to the left', () => {
    render(<SpreadCard {...{ boat, gear, draft, solved, head }} />)
    const drawing = screen.getByRole('img', { name: /bow to the left/ })
    solved.lines.forEach((line) => expect(within(drawing).getByText(line.label)).toBeTruthy())
    expect(within(drawing).getByText('starboard')).toBeTruthy()
  })

  it('says of a line that flies that it is in the air', () => {
    const { depthM: _deep, ...tow } = solved.lines[0]!.tow
    const flying = { ...solved, lines: [{ ...solved.lines[0]!, tow }, ...solved.lines.slice(1)] }
    render(<SpreadCard {...{ boat, gear, draft, head }} solved={flying} />)
    expect(screen.getByText('in the air')).toBeTruthy()
  })
})
