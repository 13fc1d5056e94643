import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react'
import type { ReactNode } from 'react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { Problem } from '../shared/api/client'
import { NumbersSheet } from './NumbersSheet'
import { OriginNote } from './OriginNote'
import type { Catalogue, Plan, Rule, Step } from './queries'
import * as queries from './queries'
import { RulesSheet } from './rules/RulesSheet'
import { StepsSheet } from './StepsSheet'
import { WaysSheet } from './WaysSheet'

const words: Catalogue = {
  topics: [],
  species: [
    { species: 'MAHI', words: 'mahi' },
    { species: 'COHO', words: 'coho' },
  ],
  playbooks: [{ playbook: 'MIXED', words: 'Mixed surface' }],
  schools: [
    { school: 'FAST', asks: 'Wahoo', sides: ['fast', 'moderate'] },
    { school: 'HOOKS', asks: 'Hooks', sides: ['two in line', 'singles'] },
  ],
  numbers: [
    {
      key: 'M3.startMps',
      words: 'Mixed surface: speed to start with',
      figure: 'SPEED',
      usual: 3.858,
      basis: 'PRACTICE',
      least: 0.3,
      most: 11,
    },
    {
      key: 'COHO.from',
      words: 'coho: comfortable from',
      figure: 'TEMPERATURE',
      usual: 9.5,
      basis: 'ESTIMATE',
      least: -2,
      most: 36,
    },
    {
      key: 'TARGET_FIRST.M3',
      words: 'takes your first target, for Mixed surface',
      figure: 'COUNT',
      usual: 30,
      basis: 'ESTIMATE',
      least: -99,
      most: 99,
    },
  ],
}

const rule: Rule = { species: 'MAHI', version: 3, dated: '2026-06-02', bag: 10, barbless: false, gear: '' }

const seeded = (...entries: [readonly unknown[], unknown][]) => {
  const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity, retry: false } } })
  entries.forEach(([key, data]) => client.setQueryData(key, data))
  // Nobody answers here: what was seeded stays.
  vi.spyOn(client, 'invalidateQueries').mockResolvedValue()
  return client
}

const show = (client: QueryClient, children: ReactNode) =>
  render(<QueryClientProvider client={client}>{children}</QueryClientProvider>)

const enter = (field: HTMLElement, value: string) => {
  fireEvent.change(field, { target: { value } })
  fireEvent.keyDown(field, { key: 'Enter' })
}

type Marked = queries.Numbers['marked'][number]

const settled = () => act(() => new Promise((done) => setTimeout(done, 20)))

afterEach(() => {
  cleanup()
  vi.restoreAllMocks()
})

describe('ways', () => {
  it('shows the side taken and takes another', async () => {
    const take = vi.spyOn(queries, 'takeSide').mockResolvedValue([{ school: 'FAST', side: 0, version: 4 }])
    show(
      seeded([['schools', 'boat'], [{ school: 'FAST', side: 1, version: 3 }]]),
      <WaysSheet boat="boat" words={words} open onClose={() => {}} />,
    )
    expect((screen.getByLabelText('moderate') as HTMLInputElement).checked).toBe(true)
    expect((screen.getByLabelText('two in line') as HTMLInputElement).checked).toBe(true)
    fireEvent.click(screen.getByLabelText('fast'))
    await settled()
    expect(take).toHaveBeenCalledWith('boat', { school: 'FAST', side: 0, version: 3 })
    expect((screen.getByLabelText('fast') as HTMLInputElement).checked).toBe(true)
  })
})

describe('numbers', () => {
  const open = (set: { key: string; value: number }[] = [], marked: Marked[] = []) =>
    show(
      seeded([['numbers', 'boat'], { version: 2, set, marked }]),
      <NumbersSheet boat="boat" words={words} open onClose={() => {}} />,
    )

  it('finds by every word and prints each in its unit', () => {
    open()
    fireEvent.change(screen.getByLabelText('Find a number'), { target: { value: 'comfortable coho' } })
    expect(screen.getAllByRole('row')).toHaveLength(2)
    expect(screen.getByText('9.5 °C')).toBeTruthy()
    fireEvent.change(screen.getByLabelText('Find a number'), { target: { value: 'kraken' } })
    expect(screen.getByText('Nothing by these words.')).toBeTruthy()
  })

  it('sets a weight in tenths and a speed in the reader’s unit, beside what was set before', async () => {
    const put = vi
      .spyOn(queries, 'setNumbers')
      .mockImplementation((_boat, body) => Promise.resolve({ ...body, version: 3, marked: [] }))
    open([{ key: 'COHO.from', value: 9 }])
    enter(screen.getByLabelText('takes your first target, for Mixed surface, yours'), '4.5')
    await settled()
    expect(put.mock.calls[0]![1]).toEqual({
      version: 2,
      set: [
        { key: 'COHO.from', value: 9 },
        { key: 'TARGET_FIRST.M3', value: 45 },
      ],
    })
    enter(screen.getByLabelText('Mixed surface: speed to start with, yours'), '8 kn')
    await settled()
    expect(put.mock.calls[1]![1].set.find((one) => one.key === 'M3.startMps')?.value).toBeCloseTo(4.1156, 3)
  })

  it('makes a change on what another set meanwhile, and shows both where it is the same number', async () => {
    const theirs = { version: 5, marked: [], set: [{ key: 'COHO.to', value: 15 }] }
    const put = vi
      .spyOn(queries, 'setNumbers')
      .mockRejectedValueOnce(new Problem(409, 'stale', [], theirs))
      .mockImplementation((_boat, body) => Promise.resolve({ ...body, version: 6, marked: [] }))
    open()
    enter(screen.getByLabelText('coho: comfortable from, yours'), '9')
    await settled()
    expect(put.mock.calls[1]![1]).toEqual({
      version: 5,
      set: [
        { key: 'COHO.to', value: 15 },
        { key: 'COHO.from', value: 9 },
      ],
    })
    put.mockRejectedValueOnce(
      new Problem(409, 'stale', [], { version: 7, marked: [], set: [{ key: 'COHO.from', value: 8 }] }),
    )
    enter(screen.getByLabelText('coho: comfortable from, yours'), '10')
    await settled()
    expect(screen.getByRole('alert').textContent).toContain('8.0 °C stands, yours was 10.0 °C')
    fireEvent.click(screen.getByRole('button', { name: 'Set mine' }))
    await settled()
    expect(put.mock.calls.at(-1)![1]).toEqual({ version: 7, set: [{ key: 'COHO.from', value: 10 }] })
  })

  it('shows what is kept and not used, to be taken out', async () => {
    const put = vi.spyOn(queries, 'setNumbers').mockResolvedValue({ version: 3, set: [], marked: [] })
    open(
      [{ key: 'COHO.from', value: 99 }],
      [
        {
          where: 'NUMBERS',
          name: 'COHO.from',
          words: 'coho: comfortable from',
          version: 2,
          says: 'it is 99 °C',
          mend: 'Use less.',
        },
      ],
    )
    expect(screen.getByTestId('marked').textContent).toContain('it is 99 °C. Use less.')
    fireEvent.click(screen.getByRole('button', { name: 'Take it out' }))
    await settled()
    expect(put.mock.calls[0]![1]).toEqual({ version: 2, set: [] })
  })

  it('refuses what is out of range, goes back to the default, and says what the server refused', async () => {
    const put = vi
      .spyOn(queries, 'setNumbers')
      .mockResolvedValueOnce({ version: 3, set: [], marked: [] })
      .mockRejectedValueOnce(
        new Problem(400, 'refused', [
          { code: 'X', field: 'f', value: '', message: 'out of order', mend: 'Use more.' },
        ]),
      )
    open([{ key: 'COHO.from', value: 9 }])
    enter(screen.getByLabelText('coho: comfortable from, yours'), '80')
    expect(screen.getByText('Type a value from −2.0 °C to 36.0 °C.')).toBeTruthy()
    fireEvent.click(screen.getByRole('button', { name: 'Default' }))
    await settled()
    expect(put.mock.calls[0]![1]).toEqual({ version: 2, set: [] })
    enter(screen.getByLabelText('takes your first target, for Mixed surface, yours'), '1')
    await settled()
    expect(screen.getByText('Out of order. Use more.')).toBeTruthy()
  })
})

describe('the table of rules', () => {
  const open = () =>
    show(
      seeded([['rules', 'boat'], { rules: [rule], marked: [] }]),
      <RulesSheet boat="boat" words={words} today="2026-06-18" open onClose={() => {}} />,
    )

  it('changes one figure and keeps the rest', async () => {
    const save = vi.spyOn(queries, 'saveRule').mockResolvedValue(rule)
    open()
    enter(screen.getByLabelText('mahi: bag a person'), '4')
    await settled()
    expect(save).toHaveBeenCalledWith('boat', { ...rule, bag: 4 })
  })

  it('takes a figure out when it is emptied', async () => {
    const save = vi.spyOn(queries, 'saveRule').mockResolvedValue(rule)
    open()
    enter(screen.getByLabelText('mahi: bag a person'), '')
    await settled()
    expect('bag' in save.mock.calls[0]![1]).toBe(false)
  })

  it('refuses a season that is no day, and begins both ends together', async () => {
    const save = vi.spyOn(queries, 'saveRule').mockResolvedValue(rule)
    open()
    enter(screen.getByLabelText('mahi: season from'), 'spring')
    expect(screen.getByText('Type month and day, such as 05-01.')).toBeTruthy()
    enter(screen.getByLabelText('mahi: season from'), '05-01')
    await settled()
    expect(save.mock.calls[0]![1]).toMatchObject({ seasonFrom: '05-01', seasonTo: '05-01' })
  })

  it('adds what is not in it yet, dated today, and takes an entry out', async () => {
    const save = vi.spyOn(queries, 'saveRule').mockResolvedValue(rule)
    const remove = vi.spyOn(queries, 'removeRule').mockResolvedValue(undefined)
    open()
    expect(screen.queryByRole('option', { name: 'mahi' })).toBeNull()
    fireEvent.change(screen.getByLabelText('Add a species'), { target: { value: 'COHO' } })
    await settled()
    expect(save.mock.calls[0]![1]).toMatchObject({ species: 'COHO', version: 0, dated: '2026-06-18' })
    fireEvent.click(screen.getByRole('button', { name: 'Take mahi out' }))
    await settled()
    expect(remove).toHaveBeenCalledWith('boat', 'MAHI', rule.version)
  })
})

describe('the steps of the day', () => {
  const plan: Plan = {
    day: '2026-06-18',
    version: 1,
    answers: [],
    runOutMin: 60,
    linesIn: '2026-06-18T08:00:00Z',
  }
  const steps: Step[] = [
    {
      kind: 'EVENING',
      at: '2026-06-17T22:00:00Z',
      ends: '2026-06-17T22:20:00Z',
      title: 'tie 9 leaders',
      because: { text: '{0} each', figures: [{ kind: 'DURATION', si: 360 }] },
    },
    {
      kind: 'LEAVE',
      at: '2026-06-18T06:00:00Z',
      ends: '2026-06-18T07:00:00Z',
      title: 'leave',
      because: {
        text: '{0} of run, to be there at {1}',
        figures: [
          { kind: 'DURATION', si: 3600 },
          { kind: 'CLOCK', si: 1781766000 },
        ],
      },
    },
  ]
  const open = (onEdit = vi.fn()) => {
    show(
      seeded(),
      <StepsSheet
        boat="boat"
        body={{
          day: plan.day,
          at: '2026-06-18T08:00:00Z',
          place: { latitudeDeg: 0, longitudeDeg: 0, timeZone: 'UTC' },
          answers: [],
        }}
        {...{ plan, steps, onEdit }}
        timeZone="Etc/GMT+3"
        open
        onClose={() => {}}
      />,
    )
    return (...args: [Plan?]) =>
      onEdit.mock.calls.reduce((before: Plan, [change]) => change(before) as Plan, args[0] ?? plan)
  }

  it('names the evening before and gives each step its reason on the clock of the place', () => {
    open()
    expect(screen.getByTestId('steps').textContent).toBe(
      'eve 19:00tie 9 leaders 6 min each.03:00leave 1 h of run, to be there at 04:00.',
    )
  })

  it('sets the run, the hour of lines in, and goes back to the light', () => {
    const after = open()
    enter(screen.getByLabelText('Run out, minutes'), '90')
    enter(screen.getByLabelText('Lines in at'), '05:30')
    expect(after()).toMatchObject({ runOutMin: 90, linesIn: '2026-06-18T08:30:00.000Z' })
    enter(screen.getByLabelText('Lines in at'), '')
    expect('linesIn' in after()).toBe(false)
  })

  it('refuses what is no time', () => {
    open()
    enter(screen.getByLabelText('Home at'), 'late')
    expect(screen.getByText(/Type a time, such as 05:30/)).toBeTruthy()
    enter(screen.getByLabelText('Run out, minutes'), '9000')
    expect(screen.getByText('Type minutes from 0 to 600.')).toBeTruthy()
  })
})

describe('where a spread came from', () => {
  const origin = {
    madeAt: '2026-06-17T20:00:00Z',
    playbook: 'MIXED',
    stories: [{ lineId: 'a', says: [{ text: '{0} out.', figures: [{ kind: 'DISTANCE', si: 84 }] }] }],
    lacks: [{ text: 'lipped plug', figures: [] }],
    notes: [{ text: 'Hold {0}.', figures: [{ kind: 'SPEED', si: 3.858 }] }],
  }
  const note = (line: string, kept: unknown) =>
    show(
      seeded([['origin', 'boat', 'spread'], kept], [['call', 'catalogue'], words]),
      <OriginNote boat="boat" spread="spread" line={line} label="S1" timeZone="UTC" fresh={null} />,
    )

  it('tells the selected line’s story in the reader’s units', () => {
    note('a', origin)
    const said = screen.getByTestId('origin').textContent
    expect(said).toContain('S1, by Mixed surface')
    expect(said).toContain('84 m out.')
    expect(said).toContain('The box lacked: lipped plug.')
    expect(said).toContain('Hold 7.5 kn.')
  })

  it('tells only where the spread is from for a line added by hand, and nothing for one made by hand', () => {
    note('other', origin)
    expect(screen.getByTestId('origin').textContent).toContain('Built by Mixed surface')
    cleanup()
    note('a', null)
    expect(screen.queryByTestId('origin')).toBeNull()
  })
})
