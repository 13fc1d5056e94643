import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { Problem } from '../../shared/api/client'
import * as queries from '../../draft/queries'
import { gear } from '../../draft/test/fixtures'
import { BoxView } from './BoxView'

const { gearColumns, gearOf, lineKinds, putAwayOf } = queries

let client: QueryClient

const column = (change: Partial<queries.GearColumn> & { name: string }): queries.GearColumn => ({
  field: change.name,
  reads: 'NUMBER',
  factor: 1,
  unit: '',
  choices: [],
  finer: false,
  ...change,
})
const choice = (name: string, words: string, values: readonly string[]) =>
  column({
    name,
    words,
    reads: 'CHOICE',
    without: 'by its words',
    choices: values.map((value) => ({ value, words: value.toLowerCase() })),
  })
const LURE_COLUMNS = [
  column({ name: 'name', words: 'Name', reads: 'TEXT' }),
  column({ name: 'kind', reads: 'CHOICE' }),
  choice('colourRole', 'Colour role', ['IMITATOR', 'ATTRACTOR']),
  choice('shade', 'Shade', ['DARK', 'LIGHT']),
  column({ name: 'mass_g', field: 'massKg', words: 'Weight', factor: 0.001, figure: 'MASS' }),
  column({ name: 'drag_area_cm2', field: 'dragAreaM2', words: 'Drag area', factor: 1e-4, unit: 'cm²' }),
  column({ name: 'slowest_kn', field: 'slowestMps', words: 'Works from', figure: 'SPEED', without: 'any' }),
]

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
  client.setQueryData(lineKinds().queryKey, [
    {
      kind: 'COPPER',
      strengthN: 200,
      usual: {
        lengthM: 1,
        diameterM: 0.001,
        densityKgPerM3: 7200,
        normalDragCoefficient: 1.7,
        tangentialDragCoefficient: 0.012,
      },
    },
  ])
  client.setQueryData(putAwayOf('boat').queryKey, [])
  client.setQueryData(gearColumns().queryKey, { lure: LURE_COLUMNS, line: [], reel: [] })
  vi.spyOn(client, 'invalidateQueries').mockResolvedValue()
})

afterEach(() => {
  cleanup()
  localStorage.clear()
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

  it('has what was changed and not kept when an item is opened again', async () => {
    const save = vi.spyOn(queries, 'saveLure').mockImplementation((_boat, body) => Promise.resolve(body))
    const opened = (box = gear) => {
      cleanup()
      show(box)
      fireEvent.click(screen.getByRole('button', { name: lure.name }))
      return screen.getByLabelText('Colour role') as HTMLSelectElement
    }
    const before = opened().value
    fireEvent.change(screen.getByLabelText('Colour role'), { target: { value: 'ATTRACTOR' } })
    expect(screen.queryByText(/What you changed before/)).toBeNull()
    fireEvent.click(screen.getByRole('button', { name: 'Back' }))
    expect(opened().value).toBe('ATTRACTOR')
    expect(screen.getByText('What you changed before is not kept yet.', { exact: false })).toBeTruthy()

    expect(opened({ ...gear, lures: [{ ...lure, version: lure.version + 1 }] }).value).toBe('ATTRACTOR')
    expect(screen.getByText(/changed elsewhere since/)).toBeTruthy()
    fireEvent.click(screen.getByRole('button', { name: 'Keep it' }))
    await settled()
    expect(save.mock.calls[0]![1]).toMatchObject({ colourRole: 'ATTRACTOR', version: lure.version + 1 })
    expect(opened().value).toBe(before)

    fireEvent.change(screen.getByLabelText('Colour role'), { target: { value: 'ATTRACTOR' } })
    opened()
    fireEvent.click(screen.getByRole('button', { name: 'As it is kept' }))
    expect((screen.getByLabelText('Colour role') as HTMLSelectElement).value).toBe(before)
    expect(screen.queryByText(/What you changed before/)).toBeNull()
  })

  it('begins a new lure as usual for its kind', () => {
    show()
    fireEvent.change(screen.getByLabelText('Add to the box'), { target: { value: lure.kind } })
    expect((screen.getByLabelText('Works from', { exact: false }) as HTMLInputElement).value).toBe(
      '5.8315 kn',
    )
  })

  it('reads any unit of its kind, and keeps nothing where something cannot be read', async () => {
    const save = vi.spyOn(queries, 'saveLure').mockImplementation((_boat, body) => Promise.resolve(body))
    show()
    fireEvent.click(screen.getByRole('button', { name: lure.name }))
    const type = (label: string, value: string) =>
      fireEvent.change(screen.getByLabelText(label, { exact: false }), { target: { value } })
    type('Weight', 'heavy')
    const form = screen.getByRole('button', { name: 'Keep it' }).closest('form')!
    expect(form.checkValidity()).toBe(false)
    type('Weight', '1 1/2 oz')
    type('Drag area', '4,5')
    type('Works from', '')
    expect(form.checkValidity()).toBe(true)
    fireEvent.click(screen.getByRole('button', { name: 'Keep it' }))
    await settled()
    const kept = save.mock.calls[0]![1]
    expect(kept.massKg).toBeCloseTo(0.04252, 5)
    expect(kept.dragAreaM2).toBeCloseTo(4.5e-4, 9)
    expect('slowestMps' in kept).toBe(false)
  })

  it('begins a line of any kind, in an empty box too', () => {
    show({ lures: [], lines: [], reels: [] })
    fireEvent.change(screen.getByLabelText('Add to the box'), { target: { value: 'COPPER' } })
    expect(screen.getByRole('button', { name: 'Keep it' })).toBeTruthy()
  })

  it('takes back a count', async () => {
    const save = vi.spyOn(queries, 'saveLure').mockImplementation((_boat, body) => Promise.resolve(body))
    show()
    save.mockImplementation((_boat, body) => {
      const others = gear.lures.filter((one) => one.gearId !== body.gearId)
      const kept = { ...body, version: body.version + 1 }
      client.setQueryData(gearOf('boat').queryKey, { ...gear, lures: [kept, ...others] })
      return Promise.resolve(kept)
    })
    expect(screen.queryByRole('button', { name: 'Undo' })).toBeNull()
    fireEvent.click(screen.getByLabelText(`One ${lure.name} more`))
    await settled()
    expect(screen.getByRole('status').textContent).toBe(`${lure.name}: 2 aboard.`)
    fireEvent.click(screen.getByRole('button', { name: 'Undo' }))
    await settled()
    expect(save.mock.calls.at(-1)![1]).toEqual({ ...lure, version: lure.version + 1 })
    expect(screen.queryByRole('button', { name: 'Undo' })).toBeNull()
  })

  it('keeps what is put away on a shelf of its own, to be taken out or removed', async () => {
    client.setQueryData(putAwayOf('boat').queryKey, [{ thing: lure.gearId, removable: true }])
    const remove = vi.spyOn(queries, 'removeGear').mockResolvedValue(undefined as never)
    show()
    expect(screen.queryByRole('button', { name: lure.name })).toBeNull()
    fireEvent.change(screen.getByLabelText('Shelf'), { target: { value: 'away' } })
    fireEvent.click(screen.getByRole('button', { name: lure.name }))
    expect(screen.getByRole('button', { name: 'Take out again' })).toBeTruthy()
    fireEvent.click(screen.getByRole('button', { name: 'Remove for good' }))
    await settled()
    expect(remove).toHaveBeenCalledWith('boat', lure.gearId)
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
    expect(screen.getByRole('alert').textContent).toBe('Name is missing. Give name.')
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
    expect(screen.getByText('Row 2, kind cannot be so. Use one.')).toBeTruthy()
    expect(screen.getByText('Row 3, count is no number. Send one.')).toBeTruthy()
  })

  it('says so where nothing has all the words', () => {
    show()
    fireEvent.change(screen.getByLabelText('Find in the box'), { target: { value: 'kraken' } })
    expect(screen.getByText(/Nothing here by these words/)).toBeTruthy()
  })
})
