import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { Problem } from '../../shared/api/client'
import * as queries from '../../draft/queries'
import { boat } from '../../draft/test/fixtures'
import { BoatView } from './BoatView'

const show = () =>
  render(
    <QueryClientProvider client={new QueryClient()}>
      <BoatView kept={boat} />
    </QueryClientProvider>,
  )

const enter = (label: string, value: string) => {
  const field = screen.getByLabelText(label)
  fireEvent.change(field, { target: { value } })
  fireEvent.keyDown(field, { key: 'Enter' })
}

const keep = async () => {
  fireEvent.click(screen.getByRole('button', { name: 'Keep the boat' }))
  await act(() => new Promise((done) => setTimeout(done, 20)))
}

afterEach(() => {
  cleanup()
  localStorage.clear()
  vi.restoreAllMocks()
})

describe('the boat as she is edited', () => {
  it('is kept only when something changed, and all of it at once', async () => {
    const save = vi.spyOn(queries, 'saveBoat').mockImplementation((body) => Promise.resolve(body))
    show()
    expect((screen.getByRole('button', { name: 'Keep the boat' }) as HTMLButtonElement).disabled).toBe(true)
    enter('Name of the boat', 'Wide Berth')
    enter('Beam', '3.1 m')
    enter('Latitude and longitude', '12 30 S, 47 18 W')
    await keep()
    expect(save).toHaveBeenCalledOnce()
    expect(save.mock.calls[0]![0]).toMatchObject({ name: 'Wide Berth', beamM: 3.1, latitudeDeg: -12.5 })
  })

  it('refuses a place that is not on the globe and a name of nothing', () => {
    show()
    enter('Latitude and longitude', '12 S 200 W')
    expect(screen.getByText(/^Type latitude and longitude/)).toBeTruthy()
    enter('Name of the boat', ' ')
    expect(screen.getByText('Give it a name of up to 60 characters.')).toBeTruthy()
  })

  it('has what was not kept when the page comes back, and lets go of it', async () => {
    vi.spyOn(queries, 'saveBoat').mockImplementation((body) => Promise.resolve(body))
    const name = () => (screen.getByLabelText('Name of the boat') as HTMLInputElement).value
    show()
    enter('Name of the boat', 'Wide Berth')
    cleanup()
    show()
    expect(name()).toBe('Wide Berth')
    fireEvent.click(screen.getByRole('button', { name: 'As she is kept' }))
    expect(name()).toBe(boat.name)
    cleanup()
    show()
    expect(screen.queryByText(/is not kept yet/)).toBeNull()
    enter('Name of the boat', 'Wide Berth')
    await keep()
    expect(screen.queryByText(/is not kept yet/)).toBeNull()
  })

  it('shows both where she was saved elsewhere while changes lay here', async () => {
    const save = vi.spyOn(queries, 'saveBoat').mockImplementation((body) => Promise.resolve(body))
    show()
    enter('Name of the boat', 'Wide Berth')
    cleanup()
    render(
      <QueryClientProvider client={new QueryClient()}>
        <BoatView kept={{ ...boat, version: boat.version + 1, name: 'Theirs' }} />
      </QueryClientProvider>,
    )
    expect(screen.getByText('She was changed elsewhere.')).toBeTruthy()
    fireEvent.click(screen.getByRole('button', { name: 'Keep mine' }))
    await act(() => new Promise((done) => setTimeout(done, 20)))
    expect(save.mock.calls[0]![0]).toMatchObject({ name: 'Wide Berth', version: boat.version + 1 })
  })

  it('takes one step back at a time', () => {
    show()
    enter('Name of the boat', 'One')
    enter('Name of the boat', 'Two')
    fireEvent.click(screen.getByRole('button', { name: 'Undo' }))
    expect((screen.getByLabelText('Name of the boat') as HTMLInputElement).value).toBe('One')
    fireEvent.click(screen.getByRole('button', { name: 'Undo' }))
    expect((screen.getByLabelText('Name of the boat') as HTMLInputElement).value).toBe(boat.name)
  })

  it('moves a tip by keys, a step of a tenth or of a metre', () => {
    show()
    const first = boat.holders[0]!
    const tip = screen.getByLabelText(`${first.name}, tip, from above`)
    fireEvent.keyDown(tip, { key: 'ArrowUp', shiftKey: true })
    fireEvent.keyDown(screen.getByLabelText(`${first.name}, tip, from above`), { key: 'ArrowRight' })
    const said = screen.getByLabelText(`${first.name}, tip, from above`)
    expect(Number(said.getAttribute('aria-valuenow'))).toBeCloseTo(first.tip.starboardM + 1, 6)
  })

  it('tries a drogue only where her idle is known, and forgets both figures together', async () => {
    const save = vi.spyOn(queries, 'saveBoat').mockImplementation((body) => Promise.resolve(body))
    show()
    if (boat.idleMps === undefined) {
      expect(screen.queryByText('none tried')).toBeNull()
      fireEvent.click(screen.getByRole('button', { name: 'not known' }))
    }
    fireEvent.click(screen.getByRole('button', { name: 'none tried' }))
    expect(screen.getByLabelText('Speed with the drogue')).toBeTruthy()
    expect(screen.getByText(/haul it before you put her astern/)).toBeTruthy()
    fireEvent.click(screen.getByRole('button', { name: 'no drogue' }))
    enter('Idle speed', '2 kn')
    await keep()
    expect('drogueAreaM2' in save.mock.calls[0]![0]).toBe(false)
  })

  it('says by field what was refused, and keeps what was drawn', async () => {
    vi.spyOn(queries, 'saveBoat').mockRejectedValue(
      new Problem(400, 'refused', [
        {
          code: 'HOLDER_IN_USE',
          field: 'holders',
          value: '',
          message: 'holders leaves out one',
          mend: 'Take its line off first.',
        },
      ]),
    )
    show()
    enter('Name of the boat', 'Wide Berth')
    await keep()
    expect(screen.getByRole('alert').textContent).toBe('Holders leaves out one. Take its line off first.')
    expect((screen.getByLabelText('Name of the boat') as HTMLInputElement).value).toBe('Wide Berth')
  })

  it('offers both sides when she was changed elsewhere', async () => {
    const theirs = { ...boat, version: 9, name: 'Theirs' }
    vi.spyOn(queries, 'saveBoat').mockRejectedValue(new Problem(409, 'stale', [], theirs))
    show()
    enter('Name of the boat', 'Mine')
    await keep()
    fireEvent.click(screen.getByRole('button', { name: 'Take that one' }))
    expect((screen.getByLabelText('Name of the boat') as HTMLInputElement).value).toBe('Theirs')
  })
})
