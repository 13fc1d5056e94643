import { cleanup, fireEvent, render, renderHook, screen, waitFor } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { defaultUnits } from '../../units/UnitsContext'
import { docOf, type Doc } from '../../draft/model'
import type { Sought } from '../../draft/queries'
import { kept } from '../../draft/test/fixtures'
import { DepthField } from './DepthField'
import { rangeWords, stopWords } from './sentences'
import { reaching } from './model'
import { useDepthSeek } from './useDepthSeek'

const waysTo = vi.fn()
vi.mock('../../draft/queries', () => ({ waysTo: (...asked: unknown[]) => waysTo(...asked) as unknown }))

const sought = (change: Partial<Sought> = {}): Sought => ({
  value: 82.04,
  shallowestM: 0.4,
  atShallowest: 10,
  deepestM: 9.4,
  atDeepest: 400,
  ...change,
})
const beyond = (() => {
  const { value: _value, ...rest } = sought({ stop: 'MOST' })
  return rest as Sought
})()
const doc: Doc = docOf(kept)
afterEach(cleanup)
beforeEach(() => void waysTo.mockReset())

describe('a depth that is wanted', () => {
  it('is reached by let-out or cable, or as near as can be', () => {
    const letOut = (depthM: number, found: Sought) =>
      reaching({ lineId: 'one', depthM, knob: 'letOut', sought: found })(doc).draft.lines[0]!.letOutM
    expect(letOut(5, sought())).toBe(82)
    expect(letOut(30, beyond)).toBe(400)
    expect(letOut(0.1, beyond)).toBe(10)
  })

  it('says what can be had and what ends it', () => {
    expect(rangeWords(sought(), 'letOut', defaultUnits)).toBe('0.4 m at 10.0 m to 9.4 m at 400 m')
    expect(stopWords(sought(), 'letOut', defaultUnits)).toBeNull()
    expect(stopWords(beyond, 'letOut', defaultUnits)).toContain('the most there is')
  })

  it('is sought newest next while the finger moves, and done after the last', async () => {
    waysTo.mockImplementation(() => Promise.resolve({ letOut: sought(), speed: sought() }))
    const found = vi.fn()
    const done = vi.fn()
    const { result } = renderHook(() => useDepthSeek('boat', found, done))
    result.current.seek(doc, 'one', 2)
    result.current.seek(doc, 'one', 3)
    result.current.seek(doc, 'one', 4.04)
    result.current.finish()
    await waitFor(() => expect(done).toHaveBeenCalledTimes(1))
    expect(waysTo.mock.calls.map(([, body]) => (body as { depthM: number }).depthM)).toEqual([2, 4])
    expect(found).toHaveBeenCalledTimes(2)
    await waitFor(() => expect(result.current.seeking).toBeNull())
  })

  it('stays written where it cannot be had', async () => {
    waysTo.mockResolvedValue({ letOut: beyond, speed: sought() })
    const { result } = renderHook(() =>
      useDepthSeek(
        'boat',
        () => {},
        () => {},
      ),
    )
    result.current.seek(doc, 'one', 30)
    result.current.finish()
    await waitFor(() => expect(result.current.seeking?.sought?.stop).toBe('MOST'))
  })

  it('offers every way with its range', async () => {
    waysTo.mockResolvedValue({ letOut: sought(), lead: beyond, speed: sought({ value: 3 }) })
    const edit = vi.fn()
    render(<DepthField boat="boat" lineId="one" depthM={1.3} label="S1" editor={{ doc, edit }} />)
    fireEvent.click(screen.getByText('Depth…'))
    const way = await screen.findByTestId('way-letOut')
    expect(way.textContent).toContain('82 m')
    expect(screen.getByTestId('way-lead').textContent).toContain('Can be had')
    fireEvent.click(screen.getAllByText('Use')[0]!)
    const change = edit.mock.calls[0]![0] as (before: Doc) => Doc
    expect(change(doc).draft.lines[0]!.letOutM).toBeCloseTo(82.04, 6)
  })
})
