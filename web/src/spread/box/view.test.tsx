import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { Problem } from '../../shared/api/client'
import * as queries from '../../draft/queries'
import { gear } from '../../draft/test/fixtures'
import { BoxView } from './BoxView'

let client: QueryClient

const show = (box = gear) =>
  render(
    <QueryClientProvider client={client}>
      <BoxView boat="boat" gear={box} />
    </QueryClientProvider>,
  )

const settled = () => act(() => new Promise((done) => setTimeout(done, 20)))
const lure = gear.lures[0]!

beforeEach(() => {
  client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity, retry: false } } })
  client.setQueryData(
    ['lure-kinds'],
    [
      {
        kind: lure.kind,
        lead: false,
        usual: { massKg: 0.1, volumeM3: 1e-4, dragAreaM2: 1e-3, diveAreaM2: 0, sideAreaM2: 0 },
        works: { leastMps: 3, mostMps: 5 },
      },
    ],
  )
  vi.spyOn(client, 'invalidateQueries').mockResolvedValue()
})

afterEach(() => {
  cleanup()
  vi.restoreAllMocks()
})

describe('the box on the page', () => {
  it('counts in place, never below nothing', async () => {
    const save = vi.spyOn(queries, 'saveLure').mockImplementation((_boat, body) => Promise.resolve(body))
    show({ ...gear, lures: [{ ...lure, count: 0 }] })
    fireEvent.click(screen.getByLabelText(`One ${lure.name} fewer`))
    fireEvent.click(screen.getByLabelText(`One ${lure.name} more`))
    await settled()
    expect(save.mock.calls.map(([, body]) => body.count)).toEqual([0, 1])
  })

  it('opens an item and keeps what was changed of it', async () => {
    const save = vi.spyOn(queries, 'saveLure').mockImplementation((_boat, body) => Promise.resolve(body))
    show()
    fireEvent.click(screen.getByRole('button', { name: lure.name }))
    fireEvent.change(screen.getByLabelText('Colour role'), { target: { value: 'ATTRACTOR' } })
    fireEvent.change(screen.getByLabelText('Shade'), { target: { value: 'DARK' } })
    fireEvent.change(screen.getByLabelText('Shade'), { target: { value: '' } })
    fireEvent.click(screen.getByRole('button', { name: 'Keep it' }))
    await settled()
    expect(save.mock.calls[0]![1]).toMatchObject({ gearId: lure.gearId, colourRole: 'ATTRACTOR' })
    expect('shade' in save.mock.calls[0]![1]).toBe(false)
    expect(screen.queryByRole('button', { name: 'Keep it' })).toBeNull()
  })

  it('begins a new lure as usual for its kind', () => {
    show()
    fireEvent.change(screen.getByLabelText('Add to the box'), { target: { value: lure.kind } })
    expect((screen.getByLabelText('Works from', { exact: false }) as HTMLInputElement).value).toBe(
      String(Number(((3 * 3600) / 1852).toPrecision(6))),
    )
  })

  it('begins a reel with a line that is aboard', async () => {
    const save = vi.spyOn(queries, 'saveReel').mockImplementation((_boat, body) => Promise.resolve(body))
    show()
    fireEvent.change(screen.getByLabelText('Add to the box'), { target: { value: 'reel' } })
    fireEvent.click(screen.getByRole('button', { name: 'Keep it' }))
    await settled()
    expect(gear.lines.map((line) => line.gearId)).toContain(save.mock.calls[0]![1].mainLineGearId)
  })

  it('says what was refused of an item and keeps it open', async () => {
    vi.spyOn(queries, 'saveLure').mockRejectedValue(
      new Problem(400, 'refused', [
        { code: 'MISSING', field: 'name', value: '', message: 'name is missing', mend: 'Give name.' },
      ]),
    )
    show()
    fireEvent.click(screen.getByRole('button', { name: lure.name }))
    fireEvent.click(screen.getByRole('button', { name: 'Keep it' }))
    await settled()
    expect(screen.getByRole('alert').textContent).toBe('name is missing. Give name.')
  })

  it('offers a usual box where there is nothing', async () => {
    const fill = vi.spyOn(queries, 'fillBox').mockResolvedValue(gear)
    show({ lures: [], lines: [], reels: [] })
    fireEvent.click(screen.getByRole('button', { name: 'Usual box, cold water' }))
    await settled()
    expect(fill).toHaveBeenCalledWith('boat', 'COLD')
  })

  it('tells what a table changed, and every fault of one that cannot be taken', async () => {
    const take = vi.spyOn(queries, 'takeBox').mockResolvedValueOnce({ added: 2, changed: 1 })
    show()
    const input = screen.getByLabelText('Table to take in')
    fireEvent.change(input, { target: { files: [new File(['what,name'], 'box.csv')] } })
    await settled()
    expect(screen.getByText('Taken from the table: 2 new, 1 changed.')).toBeTruthy()
    take.mockRejectedValueOnce(
      new Problem(400, 'refused', [
        { code: 'A', field: 'row 2.kind', value: '', message: 'row 2.kind cannot be so', mend: 'Use one.' },
        {
          code: 'B',
          field: 'row 3.count',
          value: '',
          message: 'row 3.count is no number',
          mend: 'Send one.',
        },
      ]),
    )
    fireEvent.change(input, { target: { files: [new File(['bad'], 'bad.csv')] } })
    await settled()
    expect(screen.getByText('row 2.kind cannot be so. Use one.')).toBeTruthy()
    expect(screen.getByText('row 3.count is no number. Send one.')).toBeTruthy()
  })

  it('says so where nothing has all the words', () => {
    show()
    fireEvent.change(screen.getByLabelText('Find in the box'), { target: { value: 'kraken' } })
    expect(screen.getByText(/Nothing here by these words/)).toBeTruthy()
  })
})
