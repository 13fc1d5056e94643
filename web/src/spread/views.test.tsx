import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { Conflict } from './Conflict'
import { docOf, setLetOut, type Doc } from './model'
import { Stage } from './stage/Stage'
import { Strip } from './strip/Strip'
import { TableTwin } from './TableTwin'
import { boat, draft, gear, kept, solved, solvedLine } from './test/fixtures'
import type { Editor } from './useEditor'
import { WhyColumn } from './why/WhyColumn'

function fakeEditor() {
  const state = { doc: docOf(kept) }
  const edit = vi.fn((change: (doc: Doc) => Doc) => {
    state.doc = change(state.doc)
  })
  return { state, editor: { doc: state.doc, edit } as unknown as Editor }
}

const handling = { select: vi.fn(), props: () => ({ role: 'slider', tabIndex: 0 }) }

describe('views of a spread', () => {
  afterEach(cleanup)

  it('draws every line with its label and let-out, and dashes one that skips', () => {
    const skipping = solvedLine('one', 'S1', {
      regime: 'SURFACE',
      depthM: 0,
      skippingShare: 0.23,
      surfacing: 'TOUCHES',
    })
    const { container } = render(
      <Stage
        {...{ boat, gear, handling }}
        doc={docOf(kept)}
        solved={{ ...solved, lines: [skipping, solved.lines[1]!] }}
        selected="one"
        dragging={false}
      />,
    )
    expect(container.querySelectorAll('[data-line]')).toHaveLength(2)
    expect(container.textContent).toContain('skips 23 %')
    expect(container.textContent).toContain('70 m')
    expect(container.textContent).toMatch(/Starboard.*Port/)
    expect(container.querySelectorAll('path[stroke-dasharray]')).toHaveLength(2)
    expect(container.querySelectorAll('[data-testid=wake] path').length).toBeGreaterThan(0)
  })

  it('marks a lure that flies and draws no curve for it', () => {
    const flying = solvedLine('one', 'S1', { regime: 'AIRBORNE', depthM: undefined, path: [], bodies: [] })
    const { container } = render(
      <Stage
        {...{ boat, gear, handling }}
        doc={docOf(kept)}
        solved={{ ...solved, lines: [flying] }}
        selected={null}
        dragging={false}
      />,
    )
    expect(container.querySelectorAll('.stroke-rust')).toHaveLength(1)
  })

  it('shows what the selected line does and what changes would do', () => {
    const { editor, state } = fakeEditor()
    render(<Strip {...{ editor, boat, gear }} selected="one" solved={solved.lines} onRemoved={() => {}} />)
    expect(screen.getByTestId('runs-at').textContent).toBe('1.3 m')
    expect(screen.getByTestId('pull').textContent).toBe('0.61 kg')
    expect(screen.getByText('0.2 m deeper for 10 m more')).toBeTruthy()
    expect(screen.getByText('0.3 m shallower per kn')).toBeTruthy()
    fireEvent.click(screen.getByLabelText('Let-out, more'))
    expect(state.doc.draft.lines[0]!.letOutM).toBe(61)
    fireEvent.click(screen.getByLabelText('Speed, less'))
    expect((state.doc.draft.speedThroughWaterMps * 3600) / 1852).toBeCloseTo(6.898, 2)
    fireEvent.change(screen.getByLabelText('Holder'), { target: { value: 'p' } })
    expect(state.doc.draft.lines.map((line) => line.holderId)).toEqual(['p', 's'])
  })

  it('offers the first step where no line is selected', () => {
    const { editor } = fakeEditor()
    render(<Strip {...{ editor, boat, gear }} selected={null} solved={[]} onRemoved={() => {}} />)
    expect(screen.getByText(/add one/)).toBeTruthy()
  })

  it('has a table twin that edits the same spread', () => {
    const { editor, state } = fakeEditor()
    render(<TableTwin {...{ editor, boat, gear }} solved={solved.lines} selected="two" onSelect={() => {}} />)
    expect(screen.getAllByRole('row')).toHaveLength(3)
    fireEvent.change(screen.getByLabelText('Lure of P1'), { target: { value: 'feather' } })
    expect(state.doc.draft.lines[1]!.tackle[0]!.lureGearId).toBe('feather')
    const field = screen.getByLabelText('Let-out of S1')
    fireEvent.change(field, { target: { value: '100 ft' } })
    fireEvent.keyDown(field, { key: 'Enter' })
    expect(state.doc.draft.lines[0]!.letOutM).toBeCloseTo(30.48, 6)
  })

  it('says what was found and does what it offers', () => {
    const onMend = vi.fn()
    const mend = { change: 'STRIKE_DRAG' as const, lineId: 'one', value: 50 }
    const finding = {
      kind: 'DRAG_SLIPS' as const,
      warns: true,
      lineIds: ['one'],
      pullN: 42,
      dragN: 40,
      limitN: 50,
      mend,
    }
    render(
      <WhyColumn
        solving={{ solved: { ...solved, findings: [finding] }, asked: draft, problem: null }}
        lines={2}
        label={() => 'S1'}
        onMend={onMend}
        onSelect={() => {}}
        foot={null}
      />,
    )
    expect(screen.getByText('S1: drag too loose')).toBeTruthy()
    fireEvent.click(screen.getByText('Set S1 to 5.1 kg'))
    expect(onMend).toHaveBeenCalledWith(mend)
  })

  it('sets both sides of a conflict against each other', () => {
    const keepMine = vi.fn()
    const mine = setLetOut(docOf(kept), 'one', 44)
    render(
      <Conflict
        yours={mine}
        theirs={{ ...kept, version: 4 }}
        {...{ boat, gear }}
        onKeepMine={keepMine}
        onTakeTheirs={() => {}}
        onClose={() => {}}
      />,
    )
    const row = screen.getByText('Starboard').closest('tr')!
    expect(row.textContent).toContain('44 m')
    expect(row.textContent).toContain('60 m')
    fireEvent.click(screen.getByText('Save mine over it'))
    expect(keepMine).toHaveBeenCalled()
  })
})
