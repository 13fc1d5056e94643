import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react'
import type { ReactNode } from 'react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { Problem } from '../../shared/api/client'
import type { Calibration } from '../../draft/queries'
import { gear, lineAt } from '../../draft/test/fixtures'
import { CalibrationSheet } from './CalibrationSheet'
import { fittables, sayCoefficient, standing } from './model'

const api = vi.hoisted(() => ({
  tryCalibration: vi.fn(),
  keepCalibration: vi.fn(),
  takeBackCalibration: vi.fn(),
}))
const all = vi.hoisted(() => ({ now: [] as unknown[] }))
vi.mock('../../draft/queries', () => ({
  ...api,
  gearOf: () => ({ queryKey: ['gear'] }),
  calibrationsOf: () => ({ queryKey: ['gear', 'fits'], queryFn: () => Promise.resolve(all.now) }),
}))

const fit = (calibrationId: string, change: Partial<Calibration> = {}): Calibration => ({
  calibrationId,
  gearId: 'skirt',
  gearName: 'Skirt',
  coefficient: 'DRAG_AREA',
  oldValue: 0.0004,
  newValue: 0.0005,
  scatterM: 0.1,
  reason: 'Seen on the water',
  madeAt: '2026-06-18T08:00:00Z',
  observations: [{ kind: 'ECHO', seenM: 2, beforeM: 1.3, afterM: 2, speedThroughWaterMps: 3.6, letOutM: 60 }],
  ...change,
})
const around = ({ children }: { children: ReactNode }) => (
  <QueryClientProvider client={new QueryClient()}>{children}</QueryClientProvider>
)
const open = () =>
  render(
    <CalibrationSheet
      boat="boat"
      gear={gear}
      line={lineAt('one', 's')}
      label="S1"
      depthM={1.3}
      speedMps={3.6}
      open
      onClose={() => {}}
    />,
    { wrapper: around },
  )
afterEach(cleanup)

describe('what can be fitted', () => {
  it('is what is least sure first, each once', () => {
    const diving = { ...gear, lures: gear.lures.map((lure) => ({ ...lure, diveAreaM2: 0.002 })) }
    expect(fittables(lineAt('one', 's'), diving)[0]).toMatchObject({
      gearId: 'skirt',
      coefficient: 'DIVE_AREA',
    })
    expect(fittables(lineAt('one', 's'), gear).map((item) => item.coefficient)).toEqual([
      'DRAG_AREA',
      'NORMAL_DRAG',
      'NORMAL_DRAG',
    ])
    expect(sayCoefficient('DRAG_AREA', 0.0005)).toBe('5.0 cm²')
  })

  it('can be taken back only as the latest that stands', () => {
    const fits = [fit('c', { takenBackAt: '2026-06-19T08:00:00Z' }), fit('b'), fit('a')]
    expect(fits.map((one) => standing(fits, one))).toEqual([false, true, false])
  })
})

describe('the sheet', () => {
  it('shows old and new depth before anything is kept, then keeps it', async () => {
    api.tryCalibration.mockResolvedValue(fit('none'))
    api.keepCalibration.mockResolvedValue(fit('new'))
    open()
    fireEvent.change(screen.getByLabelText('What was seen'), { target: { value: 'BOTTOM' } })
    fireEvent.click(screen.getByText('Fit it'))
    const shown = await screen.findByTestId('fit')
    expect(shown.textContent).toContain('computed 1.3 m before, 2.0 m after')
    expect(api.keepCalibration).not.toHaveBeenCalled()
    fireEvent.click(screen.getByText('Keep it'))
    await waitFor(() => expect(api.keepCalibration).toHaveBeenCalled())
    expect(api.keepCalibration.mock.calls[0]![2]).toMatchObject({
      coefficient: 'DRAG_AREA',
      observations: [{ kind: 'BOTTOM' }],
    })
  })

  it('asks for the stated line of a rating and keeps what was typed when it is refused', async () => {
    const fault = {
      code: 'X',
      field: 'observations',
      value: '',
      message: 'no likely value',
      mend: 'Check it.',
    }
    api.tryCalibration.mockRejectedValue(new Problem(400, 'no', [fault]))
    open()
    fireEvent.change(screen.getByLabelText('What was seen'), { target: { value: 'RATED' } })
    expect(screen.getByLabelText('Stated let-out')).toBeTruthy()
    fireEvent.click(screen.getByText('Fit it'))
    expect((await screen.findByRole('alert')).textContent).toContain('No likely value. Check it.')
    expect(screen.getByLabelText<HTMLSelectElement>('What was seen').value).toBe('RATED')
  })

  it('lists fits and takes the latest back', async () => {
    all.now = [fit('b'), fit('a')]
    api.takeBackCalibration.mockResolvedValue(fit('b'))
    open()
    fireEvent.click(await screen.findByText('Take back'))
    await waitFor(() => expect(api.takeBackCalibration).toHaveBeenCalledWith('boat', 'b'))
  })
})
