import { cleanup, fireEvent, render, screen, within } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { BaitDrawing } from './bait/BaitDrawing'
import { ChainStage } from './chain/ChainStage'
import { ChainTable } from './ChainTable'
import { DragBar } from './DragBar'
import { EveningBand } from './EveningBand'
import { Findings } from './Findings'
import { StrikePanel, MarksPanel } from './Figures'
import { Goods } from './Goods'
import { PartStrip } from './part/PartStrip'
import { ladder, rig } from './test/fixtures'
import { Tonight } from './Tonight'
import { WaysPanel } from './WaysPanel'

const KG = 9.80665

vi.stubGlobal(
  'ResizeObserver',
  class {
    observe() {}
    disconnect() {}
  },
)

vi.spyOn(Element.prototype, 'getBoundingClientRect').mockReturnValue(new DOMRect(0, 0, 960, 300))

const acts = () => ({
  line: vi.fn(),
  length: vi.fn(),
  joint: vi.fn(),
  fitting: vi.fn(),
  item: vi.fn(),
  hooks: vi.fn(),
  reel: vi.fn(),
  scent: vi.fn(),
  takeOut: vi.fn(),
  asUsual: vi.fn(),
  add: vi.fn(),
})

const stage = (more: Partial<Parameters<typeof ChainStage>[0]> = {}) => {
  const spies = { onSelect: vi.fn(), onStretch: vi.fn(), onDrop: vi.fn() }
  render(<ChainStage line={ladder()} selected={null} {...spies} {...more} />)
  return spies
}

afterEach(cleanup)

describe('the chain', () => {
  it('says every part with its strength, and the weakest as such', () => {
    stage()
    expect(screen.getByRole('button', { name: /loop to loop.*leaves 95 %.*56 kg.*weakest/ })).toBeTruthy()
    expect(screen.getByText(/weakest: loop to loop, passed twice, 56 kg/)).toBeTruthy()
  })

  it('stretches a leader by keys and leaves the main line to its let-out', () => {
    const { onStretch } = stage()
    fireEvent.keyDown(screen.getByRole('slider', { name: /wind-on/ }), { key: 'ArrowRight' })
    expect(onStretch).toHaveBeenCalledWith(2, 8.1, true)
    fireEvent.keyDown(screen.getByRole('slider', { name: /wind-on/ }), { key: 'ArrowLeft', shiftKey: true })
    expect(onStretch).toHaveBeenLastCalledWith(2, 7, true)
    expect(screen.queryByRole('slider', { name: /main line/ })).toBeNull()
  })

  it('chooses a part by focus, click or Enter', () => {
    const { onSelect } = stage()
    fireEvent.keyDown(screen.getByRole('button', { name: /snap swivel/ }), { key: 'Enter' })
    expect(onSelect).toHaveBeenCalledWith(5)
  })

  it('has a twin in rows', () => {
    render(<ChainTable line={ladder()} />)
    const rows = screen.getAllByRole('row')
    expect(rows).toHaveLength(ladder().parts.length + 1)
    expect(within(rows[3]!).getByText(/weakest/)).toBeTruthy()
  })
})

describe('the chosen part', () => {
  const strip = (at: number, act = acts()) => {
    render(
      <PartStrip
        bench={ladder()}
        part={ladder().parts[at]}
        pieces={4}
        itemOf={() => ({ lineGearId: 'mono', lureGearId: 'lead', footChosen: true })}
        lines={[
          { gearId: 'mono', name: 'Mono' },
          { gearId: 'thick', name: 'Mono, thick' },
        ]}
        weights={[{ gearId: 'lead', name: 'Lead', kind: 'TORPEDO_LEAD', colour: 'grey', massKg: 0.7 }]}
        lures={[{ gearId: 'lure', name: 'Lure', kind: 'FEATHER', colour: 'pink', massKg: 0.05 }]}
        reels={[{ gearId: 'reel', name: 'Reel' }]}
        scents={['shrimp']}
        act={act}
      />,
    )
    return act
  }

  it('swaps its line, its length, and is taken out', () => {
    const act = strip(3)
    fireEvent.change(screen.getByLabelText('Line of the wind-on'), { target: { value: 'thick' } })
    expect(act.line).toHaveBeenCalledWith(2, 'thick')
    const length = screen.getByLabelText('Length of the wind-on')
    fireEvent.change(length, { target: { value: '30 ft' } })
    fireEvent.keyDown(length, { key: 'Enter' })
    expect(act.length.mock.calls[0]![1]).toBeCloseTo(9.144, 3)
    fireEvent.click(screen.getByText('Take out'))
    expect(act.takeOut).toHaveBeenCalledWith(2)
  })

  it('says what the lure smells of, and that nothing is said', () => {
    const act = strip(ladder().parts.length - 1)
    const scent = screen.getByLabelText('Scent')
    fireEvent.change(scent, { target: { value: ' shrimp ' } })
    fireEvent.keyDown(scent, { key: 'Enter' })
    expect(act.scent).toHaveBeenLastCalledWith('shrimp')
    fireEvent.change(scent, { target: { value: 'x'.repeat(41) } })
    fireEvent.keyDown(scent, { key: 'Enter' })
    expect(screen.getByRole('alert').textContent).toContain('40 letters')
    expect(act.scent).toHaveBeenCalledTimes(1)
  })

  it('refuses a length that is none and keeps what was typed', () => {
    const act = strip(3)
    const length = screen.getByLabelText('Length of the wind-on') as HTMLInputElement
    fireEvent.change(length, { target: { value: 'long' } })
    fireEvent.keyDown(length, { key: 'Enter' })
    expect(screen.getByRole('alert').textContent).toContain('Type a length from')
    expect(length.value).toBe('long')
    expect(act.length).not.toHaveBeenCalled()
  })

  it('ties a joint another way, and as usual again', () => {
    const act = strip(2)
    fireEvent.change(screen.getByLabelText('Tied with'), { target: { value: 'WRAPPED_JOIN' } })
    expect(act.joint.mock.calls[0]![1]).toBe('WRAPPED_JOIN')
    fireEvent.click(screen.getByText('As usual'))
    expect(act.asUsual).toHaveBeenCalledWith(3)
  })

  it('changes the fitting, the hooks, the weight and the reel', () => {
    let act = strip(5)
    fireEvent.change(screen.getByLabelText('Fitting'), { target: { value: 'SWIVEL' } })
    expect(act.fitting.mock.calls[0]![1]).toBe('SWIVEL')
    cleanup()
    act = strip(9)
    fireEvent.change(screen.getByLabelText('Kind of hooks'), { target: { value: 'SINGLE' } })
    expect(act.hooks).toHaveBeenCalledWith('SINGLE', 1, 90 * KG)
    cleanup()
    act = strip(6)
    fireEvent.change(screen.getByLabelText('Weight'), { target: { value: '' } })
    expect(act.item).toHaveBeenCalledWith(2, undefined)
    cleanup()
    act = strip(0)
    expect(screen.getByLabelText('Reel')).toBeTruthy()
    expect((screen.getByText('Leader') as HTMLButtonElement).disabled).toBe(true)
  })

  it('ties in what is picked from the tray', () => {
    const act = strip(3)
    fireEvent.click(screen.getByText('Swivel'))
    expect(act.add.mock.calls[0]![0]).toBe('swivel')
  })
})

describe('the drag window', () => {
  it('says pull, window and rod, and is set by keys', () => {
    const onSet = vi.fn()
    render(<DragBar line={ladder()} onSet={onSet} />)
    expect(screen.getByText('tow pull 11.9')).toBeTruthy()
    expect(screen.getByText(/most 18.5, a third of 56 kg/)).toBeTruthy()
    fireEvent.keyDown(screen.getByRole('slider'), { key: 'ArrowRight' })
    expect(onSet.mock.calls[0]![0] / KG).toBeCloseTo(14.1, 6)
    fireEvent.keyDown(screen.getByRole('slider'), { key: 'ArrowDown', shiftKey: true })
    expect(onSet.mock.calls[1]![0] / KG).toBeCloseTo(13, 6)
  })

  it('says that no drag works where the window is empty', () => {
    const line = ladder()
    render(<DragBar line={{ ...line, window: { ...line.window!, empty: true } }} onSet={vi.fn()} />)
    expect(screen.getByRole('slider').getAttribute('aria-valuetext')).toContain('no drag works')
  })
})

describe('what the bench says', () => {
  it('offers what can be done and tells what must be bought', () => {
    const onMend = vi.fn()
    render(<Findings line={ladder()} timeZone="UTC" onMend={onMend} />)
    fireEvent.click(screen.getByText('Slow to 12.0 kn'))
    expect(onMend).toHaveBeenCalledWith([{ what: 'SPEED', value: 6.17 }])
    expect(screen.getByText('Or: Buy stronger.')).toBeTruthy()
    expect(screen.getByText('Never wrap a leader round a hand.')).toBeTruthy()
  })
})

describe('the evening', () => {
  it('is ticked', () => {
    const onTick = vi.fn()
    render(
      <Tonight rig={rig()} ticked={new Set()} timeZone="Etc/GMT+3" onTick={onTick} onCalendar={vi.fn()} />,
    )
    expect(screen.getByText(/from 19:00 to 19:36. 0 of 1 done/)).toBeTruthy()
    fireEvent.click(screen.getByRole('checkbox'))
    expect(onTick).toHaveBeenCalledWith('leaders:a:6', true)
  })

  it('lies on the day line, said task by task', () => {
    render(<EveningBand tasks={rig().tonight.tasks} ticked={new Set()} timeZone="Etc/GMT+3" />)
    expect(screen.getByRole('img', { name: 'The evening before: leaders from 19:00' })).toBeTruthy()
    expect(screen.getByText('20')).toBeTruthy()
  })

  it('counts what is aboard, and forgets a count', () => {
    const onCount = vi.fn()
    render(<Goods rig={rig()} onCount={onCount} />)
    const mono = screen.getByLabelText('Aboard of Mono for leaders')
    fireEvent.change(mono, { target: { value: '100 ft' } })
    fireEvent.keyDown(mono, { key: 'Enter' })
    expect(onCount.mock.calls[0]![1]).toBeCloseTo(30.48, 2)
    const tethers = screen.getByLabelText('Aboard of rod tethers')
    fireEvent.change(tethers, { target: { value: '' } })
    fireEvent.keyDown(tethers, { key: 'Enter' })
    expect(onCount).toHaveBeenLastCalledWith(expect.objectContaining({ key: 'tethers' }), undefined)
    expect(screen.queryByLabelText('Aboard of Bullet')).toBeNull()
  })
})

describe('figures and ways', () => {
  it('finds a let-out in every way', () => {
    const onMarks = vi.fn()
    render(<MarksPanel line={ladder()} onMarks={onMarks} />)
    expect(screen.getByText('237 pulls counted.')).toBeTruthy()
    fireEvent.change(screen.getByLabelText('Marked by'), { target: { value: 'PULLS' } })
    expect(onMarks).toHaveBeenCalledWith('PULLS')
  })

  it('asks for the fish and shows a run', () => {
    const onFish = vi.fn()
    render(<StrikePanel line={ladder()} fishKg={12} onFish={onFish} />)
    const fish = screen.getByLabelText('Weight of the fish')
    fireEvent.change(fish, { target: { value: '20' } })
    fireEvent.keyDown(fish, { key: 'Enter' })
    expect(onFish).toHaveBeenCalledWith(20)
    expect(screen.getByText('321 m')).toBeTruthy()
  })

  it('takes a side at once', () => {
    const onTake = vi.fn()
    const schools = [{ school: 'HOOKS', asks: 'Hooks', sides: ['two in line', 'singles'], taken: 0 }]
    render(<WaysPanel line={ladder()} schools={schools} onTake={onTake} />)
    fireEvent.click(screen.getByLabelText(/^singles/))
    expect(onTake.mock.calls[0]!.slice(0, 2)).toEqual(['HOOKS', 1])
    expect((screen.getByLabelText(/^singles/) as HTMLInputElement).checked).toBe(true)
    expect(screen.getByText('Tie this line so')).toBeTruthy()
  })

  it('draws a cut bait with its angle', () => {
    const act = { kind: vi.fn(), length: vi.fn(), angle: vi.fn() }
    render(
      <BaitDrawing
        act={act}
        bait={{
          kind: 'CUT',
          lengthM: 0.2,
          hooks: [
            { alongM: 0.09, acrossShare: 0.5, words: 'upper' },
            { alongM: 0.15, acrossShare: -0.2, words: 'lower' },
          ],
          cut: { angleRad: Math.PI / 4, longSideM: 0.16, shortSideM: 0.11 },
          trailM: 0.11,
          slackM: 0,
          notes: [{ text: 'cut at {0}', figures: [{ kind: 'ANGLE', si: Math.PI / 4 }] }],
        }}
      />,
    )
    const angle = screen.getByLabelText('Angle of the cut') as HTMLInputElement
    expect(angle.value).toBe('45°')
    fireEvent.change(angle, { target: { value: '80' } })
    fireEvent.keyDown(angle, { key: 'Enter' })
    expect(screen.getByRole('alert').textContent).toContain('0° to 75°')
    fireEvent.change(angle, { target: { value: '50°' } })
    fireEvent.keyDown(angle, { key: 'Enter' })
    expect(act.angle.mock.calls[0]![0]).toBeCloseTo((50 * Math.PI) / 180, 9)
  })
})
