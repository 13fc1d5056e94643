import { act, cleanup, fireEvent, render, renderHook, screen } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { Problem } from '../../shared/api/client'
import { defaultUnits } from '../../units/UnitsContext'
import type { Draft, Turns } from '../../draft/queries'
import { draft, round, sideTurn, turns } from '../../draft/test/fixtures'
import { followedTo, foulingAt, momentAt, reachOf } from './model'
import { orderNumbers, Orders } from './Orders'
import { againWords, passWords, roundSaid, stops, turnSaid } from './sentences'
import { TurnNote } from './TurnNote'
import { useTurns, type Turning } from './useTurns'

const turnsOf = vi.fn()
const roundOf = vi.fn()
const widerOf = vi.fn()
vi.mock('../../draft/queries', () => ({
  turnsOf: (...asked: unknown[]) => turnsOf(...asked) as unknown,
  roundOf: (...asked: unknown[]) => roundOf(...asked) as unknown,
  widerOf: (...asked: unknown[]) => widerOf(...asked) as unknown,
}))

const label = (id: string) => ({ one: 'S1', two: 'P1' })[id] ?? id
afterEach(cleanup)

describe('a half turn', () => {
  it('lies between its two nearest frames', () => {
    const moment = momentAt(turns.starboard, 31.5)!
    expect(moment.afterS).toBeCloseTo(10.5, 9)
    expect(moment.lines[0]!.nodes[0]!.starboardM).toBeCloseTo(10.5, 9)
    expect(momentAt(turns.port, -180)!.lines[0]!.nodes[0]!.starboardM).toBeCloseTo(-60, 9)
    expect(momentAt(turns.starboard, 0)!.lines[0]!.nodes[0]!.asternM).toBe(60)
  })

  it('fouls from its limit on', () => {
    expect(foulingAt(turns.starboard, 59)).toEqual([])
    expect(foulingAt(turns.starboard, 60)).toEqual(['one', 'two'])
    expect(foulingAt(turns.port, -180)).toEqual([])
  })

  it('goes no farther than every line was followed', () => {
    expect(followedTo(turns.port)).toBe(180)
    const cut = { ...turns.starboard, halfTurn: turns.starboard.halfTurn.slice(0, 41) }
    expect(followedTo(cut)).toBe(120)
  })

  it('takes up more the farther it goes', () => {
    expect(reachOf(turns.starboard, 60).starboardM).toBeLessThan(reachOf(turns.starboard, 180).starboardM)
    expect(reachOf(turns.port, 180).portM).toBeCloseTo(60, 9)
  })
})

describe('what is said of a turn', () => {
  it('names the tight side, its pair, and the kinder side with its own reason', () => {
    const said = turnSaid(turns, defaultUnits, label)
    expect(said.tone).toBe('care')
    expect(said.title).toBe('To starboard you have 60°')
    expect(said.text).toBe(
      'S1 meets P1, 12 s in, 38 m astern. To port 180°, the kinder side: nothing meets in a half turn.',
    )
    const tight = { ...turns, starboard: { ...turns.starboard, limitDeg: 42 } }
    expect(turnSaid(tight, defaultUnits, label).tone).toBe('warn')
  })

  it('speaks of both sides at once where they are alike', () => {
    const even = { ...turns, port: sideTurn('PORT') }
    expect(turnSaid(even, defaultUnits, label).title).toBe('To either side you have 60°')
    expect(turnSaid(even, defaultUnits, label).text).toContain('To starboard it is S1 and P1.')
  })

  it('says first how tightly she comes right round, and what is met tighter', () => {
    const said = roundSaid(round, defaultUnits, label)
    expect(said.title).toBe('Right round: 81 m to port, 187 m to starboard')
    expect(said.text).toContain('Tighter to starboard, S1 meets P1, 38 m astern.')
    expect(said.text).toContain('54 m is clear too')
    const both = { ...round, starboard: { ...round.port, side: 'STARBOARD' as const } }
    expect(roundSaid(both, defaultUnits, label).title).toBe('Right round from a radius of 81 m')
    const { radiusM: _radius, ...never } = round.port
    expect(roundSaid({ ...round, port: never }, defaultUnits, label).title).toBe(
      'Right round: no way under 600 m to port, 187 m to starboard',
    )
    const { stops: _stops, ...free } = round.port
    const easy = { ...round, port: free, starboard: { ...free, side: 'STARBOARD' as const } }
    expect(roundSaid(easy, defaultUnits, label).text).toBe('That is as tightly as she turns.')
  })

  it('says when she may turn again, and who comes close', () => {
    expect(againWords({ m: 183, s: 47.6 }, 10.4, defaultUnits)).toBe(
      'She may turn again after 183 m: 48 s, 18 boat lengths.',
    )
    expect(againWords({ m: 0, s: 0 }, 10.4, defaultUnits)).toBe('She may turn again at once.')
    const pass = { lineId: 'one', otherLineId: 'two', betweenM: 0.4, near: true }
    expect(passWords([sideTurn('PORT', { passes: [pass] })], defaultUnits, label)).toBe(
      'Closest: S1 and P1, 0.4 m apart.',
    )
    expect(passWords([sideTurn('PORT', { passes: [{ ...pass, near: false }] })], defaultUnits, label)).toBe(
      '',
    )
  })

  it('tells a slack line and a foul on the straight', () => {
    const { otherLineId: _other, ...alone } = turns.starboard.foul!
    const side = sideTurn('STARBOARD', { foul: { ...alone, straightM: 30 } })
    expect(stops(side, defaultUnits, label)).toBe(
      'S1 hangs slack, running straight again, 12 s in, 38 m astern.',
    )
  })
})

describe('the note of a turn', () => {
  const turning: Turning = {
    turns,
    round,
    stale: false,
    wider: null,
    busy: null,
    stopped: false,
    stop: vi.fn(),
  }
  const note = (change: Partial<Turning>, onWiden = vi.fn(), onRadius = vi.fn()) => {
    render(
      <TurnNote
        turning={{ ...turning, ...change }}
        {...{ label, onWiden, onRadius }}
        boatM={10}
        radiusM={40}
      />,
    )
    return { onWiden, onRadius }
  }

  it('mends on a click and takes another radius', () => {
    const mend = {
      words: { text: 'Let S1 out to {0}', figures: [{ kind: 'DISTANCE' as const, si: 48 }] },
      changes: [{ what: 'LET_OUT' as const, lineId: 'one', value: 48 }],
    }
    const wider = { side: 'STARBOARD' as const, mend, limitDeg: 81, enough: false }
    const { onWiden, onRadius } = note({ wider })
    fireEvent.click(screen.getByText('Let S1 out to 48 m: 81°'))
    expect(onWiden).toHaveBeenCalledWith(mend)
    expect(screen.getByText(/No single change gives 90°/)).toBeTruthy()
    fireEvent.click(screen.getByRole('button', { name: /^At 40 m/ }))
    const radius = screen.getByLabelText('Radius of the turn')
    fireEvent.change(radius, { target: { value: '3' } })
    fireEvent.keyDown(radius, { key: 'Enter' })
    expect(screen.getByRole('alert').textContent).toContain('5.0 m to 2000 m')
    fireEvent.change(radius, { target: { value: '25' } })
    fireEvent.keyDown(radius, { key: 'Enter' })
    expect(onRadius).toHaveBeenCalledWith(25)
  })

  it('shows that it is at work after a while, and stops', () => {
    vi.useFakeTimers()
    const stop = vi.fn()
    note({ busy: 'mend', stop })
    expect(screen.queryByText('Stop')).toBeNull()
    act(() => void vi.advanceTimersByTime(700))
    fireEvent.click(screen.getByText('Stop'))
    expect(stop).toHaveBeenCalled()
    vi.useRealTimers()
  })
})

describe('orders', () => {
  it('number the lines that go out or come in', () => {
    expect([...orderNumbers(turns, 'set', null)!]).toEqual([
      ['two', '1.'],
      ['one', '2.'],
    ])
    expect([...orderNumbers(turns, 'clear', 'one')!]).toEqual([
      ['two', 'stays'],
      ['one', 'fish'],
    ])
    expect(orderNumbers(turns, null, 'one')).toBeUndefined()
  })

  it('give each step its reason', () => {
    render(<Orders {...{ turns, label }} kind="set" struck={null} onClose={() => {}} />)
    const steps = screen.getAllByRole('listitem').map((step) => step.textContent)
    expect(steps).toEqual([
      'P1 the farthest still aboard',
      'S1 level with P1. Alone: steer to port, clear by 4.0 m',
    ])
    cleanup()
    render(<Orders {...{ turns, label }} kind="clear" struck="one" onClose={() => {}} />)
    expect(screen.getByText(/Leave fishing/).textContent).toContain('P1')
  })
})

describe('asking for turns', () => {
  beforeEach(() => {
    vi.useFakeTimers()
    turnsOf.mockReset()
    roundOf.mockReset().mockResolvedValue(round)
    widerOf.mockReset()
  })
  afterEach(() => void vi.useRealTimers())
  const rest = () => act(() => vi.advanceTimersByTimeAsync(400))
  const asking = (first: Draft | null) =>
    renderHook(({ d }) => useTurns('boat', d, 40, 1), { initialProps: { d: first } })

  it('waits for edits to rest, then asks once, then for a mend', async () => {
    turnsOf.mockResolvedValue(turns)
    widerOf.mockResolvedValue({ mend: { lineId: 'one' } })
    const hook = asking({ ...draft })
    hook.rerender({ d: { ...draft } })
    await rest()
    expect(turnsOf).toHaveBeenCalledTimes(1)
    expect(hook.result.current).toMatchObject({ turns, stale: false, busy: null, wider: { lineId: 'one' } })
  })

  it('asks for no mend where she turns far enough', async () => {
    const wide: Turns = { ...turns, starboard: { ...turns.starboard, limitDeg: 114 } }
    turnsOf.mockResolvedValue(wide)
    asking({ ...draft })
    await rest()
    expect(widerOf).not.toHaveBeenCalled()
  })

  it('gives up when stopped and asks again after a change', async () => {
    turnsOf.mockReturnValue(new Promise(() => {}))
    const hook = asking({ ...draft })
    await rest()
    expect(hook.result.current.busy).toBe('turns')
    act(() => hook.result.current.stop())
    expect(hook.result.current).toMatchObject({ busy: null, stopped: true })
    turnsOf.mockResolvedValue(turns)
    widerOf.mockRejectedValue(new Problem(0, 'away'))
    hook.rerender({ d: { ...draft } })
    await rest()
    expect(hook.result.current).toMatchObject({ turns, stopped: false, busy: null })
  })
})
