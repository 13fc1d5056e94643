import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, beforeAll, describe, expect, it, vi } from 'vitest'
import { Conflict } from '../draft/Conflict'
import { docOf, setHere, setLetOut, type Doc } from '../draft/model'
import { Stage } from './stage/Stage'
import { Strip } from './strip/Strip'
import { TableTwin } from './TableTwin'
import { boat, draft, gear, kept, solved, solvedLine, turns } from '../draft/test/fixtures'
import type { Editor } from '../draft/useEditor'
import { fetchTheRest } from '../shared/later'
import { WhyList } from './why/WhyList'

function fakeEditor() {
  const state = { doc: docOf(kept) }
  const edit = vi.fn((change: (doc: Doc) => Doc) => {
    state.doc = change(state.doc)
  })
  return { state, editor: { doc: state.doc, edit } as unknown as Editor }
}

const handling = { select: vi.fn(), seeking: null, props: () => ({ role: 'slider', tabIndex: 0 }) }

const quiet = { onRemoved: () => {}, onSeen: () => {} }

function stage(change: Partial<Parameters<typeof Stage>[0]> = {}) {
  return render(
    <Stage
      {...{ boat, gear, handling, solved, turns }}
      doc={docOf(kept)}
      selected="one"
      dragging={false}
      {...change}
    />,
  )
}

describe('views of a spread', () => {
  beforeAll(fetchTheRest)
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
    expect(container.textContent).toContain('airborne 23 %')
    expect(container.textContent).toContain('70 m')
    expect(container.textContent).toMatch(/Starboard.*Port/)
    expect(container.querySelectorAll('path[stroke-dasharray]')).toHaveLength(2)
    expect(container.querySelectorAll('[data-testid=wake] path').length).toBeGreaterThan(0)
  })

  it('turns by keys on the ring, and straight again', () => {
    const onTurn = vi.fn()
    stage({ onTurn, turned: 40 })
    const ring = screen.getByLabelText('Turn of the boat')
    expect(ring.getAttribute('aria-valuetext')).toBe('40° to starboard')
    fireEvent.keyDown(ring, { key: 'ArrowUp', shiftKey: true })
    fireEvent.keyDown(ring, { key: 'ArrowDown' })
    fireEvent.keyDown(ring, { key: 'Home' })
    fireEvent.click(screen.getByText('Straight again'))
    expect(onTurn.mock.calls.map(([deg]) => deg as number)).toEqual([50, 39, 0, 0])
  })

  it('lights the pair up from the limit on and says which it is', () => {
    const { container, rerender } = stage({ turned: 59 })
    expect(container.querySelectorAll('[data-fouling]')).toHaveLength(0)
    expect(screen.getByTestId('turned-says').textContent).toBe('Clear to 60°.')
    rerender(
      <Stage
        {...{ boat, gear, handling, solved, turns }}
        doc={docOf(kept)}
        selected="one"
        dragging={false}
        turned={61}
      />,
    )
    expect(container.querySelectorAll('[data-fouling]')).toHaveLength(2)
    expect(screen.getByTestId('turned-says').textContent).toBe('S1 meets P1, 12 s in, 38 m astern.')
    expect(screen.getByLabelText('Turn of the boat').getAttribute('aria-valuetext')).toContain('fouled')
  })

  it('draws what is known of the water and writes what lies below the drawing', () => {
    const here = { bottomM: 90, baitTopM: 4, baitBottomM: 6, layerM: 5, aboveC: 20, belowC: 17 }
    const { container } = stage({ doc: { name: '', draft: { ...draft, here } } })
    expect(container.textContent).toContain('bottom 90 m, below this drawing')
    expect(container.textContent).toContain('20.0 °C above, 17.0 °C below 5.0 m')
    expect(container.textContent).toContain('bait 4.0–6.0 m')
  })

  it('puts numbers on the lines while an order is shown', () => {
    const { container } = stage({ order: new Map([['one', '2.']]) })
    const words = [...container.querySelectorAll('[data-line] text')].map((text) => text.textContent)
    expect(words).toEqual(['2.S1', '–P1'])
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
    render(<Strip {...{ editor, boat, gear }} selected="one" solved={solved.lines} {...quiet} />)
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
    render(<Strip {...{ editor, boat, gear }} selected={null} solved={[]} {...quiet} />)
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
    const said = (text: string, ...si: number[]) => ({
      text,
      figures: si.map((one) => ({ kind: 'PULL' as const, si: one })),
    })
    const mend = {
      words: said('Set S1 to {0}', 50),
      changes: [{ what: 'STRIKE_DRAG' as const, lineId: 'one', value: 50 }],
    }
    const finding = {
      kind: 'DRAG_SLIPS' as const,
      warns: true,
      lineIds: ['one'],
      title: said('S1: drag too loose'),
      text: said('The water alone pulls {0}.', 42),
      mend,
    }
    render(
      <WhyList
        solving={{ solved: { ...solved, findings: [finding] }, asked: draft, problem: null }}
        lines={2}
        timeZone="UTC"
        onMend={onMend}
        onSelect={() => {}}
      />,
    )
    expect(screen.getByText('S1: drag too loose')).toBeTruthy()
    expect(screen.getByText('The water alone pulls 4.3 kg.')).toBeTruthy()
    fireEvent.click(screen.getByText('Set S1 to 5.1 kg'))
    expect(onMend).toHaveBeenCalledWith(mend)
  })

  it('sets both sides of a conflict against each other', () => {
    const keepMine = vi.fn()
    const mine = setHere(setLetOut(docOf(kept), 'one', 44), { bottomM: 31 })
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
    expect(screen.getByText('Water').closest('tr')!.textContent).toBe('Waterbottom 31 mnot known')
    fireEvent.click(screen.getByText('Save mine over it'))
    expect(keepMine).toHaveBeenCalled()
  })
})
