import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { TypedField } from './TypedField'

const field = () => screen.getByLabelText('Let-out') as HTMLInputElement
const type = (text: string) => fireEvent.change(field(), { target: { value: text } })

describe('a typed value', () => {
  afterEach(cleanup)

  it('commits on Enter and on leaving, and only what changed', () => {
    const onCommit = vi.fn(() => null)
    render(<TypedField label="Let-out" value="84" onCommit={onCommit} />)
    type('90')
    fireEvent.keyDown(field(), { key: 'Enter' })
    type('91')
    fireEvent.blur(field())
    fireEvent.blur(field())
    expect(onCommit.mock.calls).toEqual([['90'], ['91']])
  })

  it('keeps what was typed when it cannot be taken, and says why', () => {
    render(<TypedField label="Let-out" value="84" onCommit={() => 'Type a length.'} />)
    type('far')
    fireEvent.keyDown(field(), { key: 'Enter' })
    expect(field().value).toBe('far')
    expect(screen.getByRole('alert').textContent).toBe('Type a length.')
    expect(field().getAttribute('aria-invalid')).toBe('true')
  })

  it('goes back on Escape', () => {
    const onCommit = vi.fn(() => null)
    render(<TypedField label="Let-out" value="84" onCommit={onCommit} />)
    type('12')
    fireEvent.keyDown(field(), { key: 'Escape' })
    expect(field().value).toBe('84')
    expect(onCommit).not.toHaveBeenCalled()
  })
})
