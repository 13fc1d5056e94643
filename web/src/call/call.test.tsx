import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react'
import { scaleLinear } from '../shared/scale'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { defaultUnits } from '../units/UnitsContext'
import { asSentence, saySentence } from '../units/sentence'
import { Bands } from './Bands'
import { Chips } from './Chips'
import { differences, shownBands, strength, weight, withAnswer } from './model'
import type { Answer, Call, Catalogue, Part, Score, Topic } from './queries'
import { answerWords } from './sentences'
import { instantOf } from './StepsSheet'
import { Why } from './Why'
import { RuleNote } from './RuleNote'
import { WorthFinding } from './WorthFinding'

const sentence = (text: string, ...figures: { kind: 'COUNT' | 'TEMPERATURE'; si: number }[]) => ({
  text,
  figures,
})

const score = (playbook: Score['playbook'], reasons: [string, number][]): Score => ({
  playbook,
  targets: ['MAHI', 'TUNA', 'KING', 'SAILFISH'],
  tenths: reasons.reduce((sum, [, tenths]) => sum + tenths, 0),
  reasons: reasons.map(([rule, tenths]) => ({
    rule,
    topic: 'TARGET',
    tenths,
    says: sentence(`because of ${rule}`),
  })),
})

const spell = (from: string, to: string, tenths: number) => ({
  from: `2026-06-18T${from}:00Z`,
  to: `2026-06-18T${to}:00Z`,
  tenths,
})

const first = score('MIXED', [
  ['A', 30],
  ['B', -5],
])
const second = score('BIRDS', [
  ['A', 14],
  ['C', 4],
])

const call: Call = {
  scores: [first, second, score('LADDER', [['D', -10]])],
  marginTenths: 7,
  taken: { playbook: 'MIXED', leastMps: 3, startMps: 3.9, mostMps: 5, overGround: false, sure: 'PRACTICE' },
  lines: {
    lines: 2,
    bounds: [
      { what: 'CREW', most: 2, says: sentence('alone: {0} lines', { kind: 'COUNT', si: 2 }) },
      { what: 'BAG', most: 2, says: sentence('room for {0} in the bag', { kind: 'COUNT', si: 2 }) },
      { what: 'HOLDERS', most: 8, says: sentence('eight holders') },
    ],
  },
  bands: [
    { playbook: 'BIRDS', spells: [spell('08:00', '09:00', 18), spell('09:00', '12:00', 40)] },
    { playbook: 'MIXED', spells: [spell('08:00', '12:00', 25)] },
    { playbook: 'LADDER', spells: [spell('08:00', '12:00', -10)] },
  ],
  from: '2026-06-18T08:00:00Z',
  to: '2026-06-18T09:00:00Z',
  planB: { playbook: 'BIRDS', tenths: 40, at: '2026-06-18T09:00:00Z' },
  worthFinding: [
    {
      topic: 'BIRDS',
      swingTenths: 28,
      first: 'BIRDS',
      rankNow: 2,
      by: { topic: 'BIRDS', choice: 'DIVING', value: 40 },
    },
    { topic: 'FORAGE', swingTenths: 15, by: { topic: 'FORAGE', choice: 'PALM' } },
  ],
  wouldChange: [{ answer: { topic: 'SURFACE', value: 21 }, first: 'BIRDS' }],
  verdict: [],
  contradictions: [sentence('Birds dive, yet no bait is marked.')],
  lacks: [sentence('lipped plug'), sentence('bite leader: wire or cable')],
  cautions: [{ caution: 'RULES', words: 'Rules are local.' }],
  steps: [
    {
      kind: 'EVENING',
      at: '2026-06-17T22:00:00Z',
      ends: '2026-06-17T22:20:00Z',
      title: 'brine 6 baits',
      because: sentence('overnight'),
    },
    {
      kind: 'SET',
      at: '2026-06-18T08:10:00Z',
      ends: '2026-06-18T08:30:00Z',
      title: 'set 2 lines',
      because: sentence('first light'),
    },
  ],
  rule: {
    species: 'MAHI',
    version: 0,
    dated: '2026-06-02',
    bag: 10,
    leastLengthM: 0.5,
    barbless: true,
    gear: '',
  },
  bagByTable: 20,
  kept: 0,
}

const part = (words: string, figure: Part['figure'], least: number, most: number): Part => ({
  key: 'VALUE',
  words,
  figure,
  least,
  most,
  of: [],
  needed: false,
})
const numbered = (
  topic: Topic['topic'],
  words: string,
  figure: Part['figure'],
  least: number,
  most: number,
): Topic => ({
  topic,
  words,
  choices: [],
  most: 1,
  parts: [{ ...part(words, figure, least, most), needed: true }],
})

const words: Catalogue = {
  topics: [
    { topic: 'TARGET', words: 'target', choices: ['MAHI', 'TUNA', 'KING'], most: 2, parts: [] },
    numbered('SURFACE', 'surface', 'TEMPERATURE', -2, 36),
    numbered('STEP', 'step over a mile', 'TEMPERATURE_STEP', 0, 8),
    numbered('CREW', 'crew', 'COUNT', 1, 12),
    {
      topic: 'BIRDS',
      words: 'birds',
      choices: ['NONE', 'DIVING', 'TRAVELLING'],
      most: 3,
      parts: [
        { ...part('how many', 'COUNT', 1, 5000), of: ['DIVING', 'TRAVELLING'] },
        { ...part('Moving towards', 'ANGLE', 0, 6.2832), key: 'TOWARDS', of: ['TRAVELLING'] },
      ],
    },
    {
      topic: 'BAIT',
      words: 'bait layer',
      choices: ['NONE', 'LAYER'],
      most: 1,
      parts: [
        { ...part('Top of the layer', 'DISTANCE', 0, 400), of: ['LAYER'], needed: true },
        { ...part('Bottom of the layer', 'DISTANCE', 0, 400), key: 'OTHER', of: ['LAYER'], needed: true },
      ],
    },
    { topic: 'FORAGE', words: 'forage', choices: ['PALM', 'HAND'], most: 1, parts: [] },
  ],
  species: [{ species: 'MAHI', words: 'mahi' }],
  playbooks: [
    { playbook: 'MIXED', words: 'Mixed surface' },
    { playbook: 'BIRDS', words: 'Ahead of birds' },
    { playbook: 'LADDER', words: 'Fast ladder' },
  ],
  schools: [],
  numbers: [],
}

const topic = (name: string) => words.topics.find((one) => one.topic === name)!

const why = (over: Partial<Parameters<typeof Why>[0]> = {}) =>
  render(
    <QueryClientProvider client={new QueryClient()}>
      <Why
        asked
        {...{ call, words }}
        timeZone="UTC"
        building={false}
        onDays={() => undefined}
        onBuild={() => {}}
        onFirst={() => {}}
        onNumbers={() => {}}
        {...over}
      />
    </QueryClientProvider>,
  )

const tenths = (table: string) =>
  within(screen.getByTestId(table))
    .getAllByRole('row')
    .map((row) => Math.round(Number(row.firstChild!.textContent!.replace('−', '-')) * 10))

afterEach(cleanup)

describe('a day nobody said anything of', () => {
  it('is no call', () => {
    why({ asked: false })
    expect(screen.getByText(/No call yet/)).toBeTruthy()
    cleanup()
    why()
    expect(screen.queryByText(/No call yet/)).toBeNull()
  })
})

describe('figures of a call', () => {
  it('prints weights with their sign', () => {
    expect([22, -8, 0].map(weight)).toEqual(['+2.2', '−0.8', '0.0'])
  })

  it('says answers in the reader’s units', () => {
    expect(answerWords(topic('SURFACE'), { topic: 'SURFACE', value: 24.6 }, defaultUnits)).toBe('24.6 °C')
    expect(answerWords(topic('BIRDS'), { topic: 'BIRDS', choice: 'DIVING', value: 40 }, defaultUnits)).toBe(
      'diving, low and tight, about 40',
    )
    expect(
      answerWords(topic('BAIT'), { topic: 'BAIT', choice: 'LAYER', value: 17, other: 22 }, defaultUnits),
    ).toBe('17.0 m to 22 m')
    expect(
      answerWords(topic('TARGET'), { topic: 'TARGET', choice: 'MAHI', also: ['TUNA'] }, defaultUnits),
    ).toBe('mahi, then small tuna')
    expect(answerWords(topic('BIRDS'), undefined, defaultUnits)).toBe('not seen yet')
  })

  it('puts every figure of a sentence in its place', () => {
    const open = {
      text: 'from {0} to {1}, {2} at {3}, {4}',
      figures: [
        { kind: 'DISTANCE', si: 12 },
        { kind: 'SPEED', si: 1852 / 3600 },
        { kind: 'SHARE', si: 0.15 },
        { kind: 'CLOCK', si: 3600 * 5 },
        { kind: 'DURATION', si: 5400 },
      ],
    }
    expect(saySentence(open, defaultUnits, 'UTC')).toBe('from 12.0 m to 1.0 kn, 15 % at 05:00, 1 h 30 min')
    expect(asSentence('leave')).toBe('Leave.')
  })

  it('prints a step of temperature without an offset', () => {
    const fahrenheit = {
      ...defaultUnits,
      unit: () => ({ id: 'F', symbol: '°F', spellings: [], factor: 5 / 9, offset: -32 }),
    }
    expect(
      saySentence({ text: '{0}', figures: [{ kind: 'TEMPERATURE_STEP', si: 0.5 }] }, fahrenheit, 'UTC'),
    ).toBe('0.9 °F')
  })

  it('takes the differences of two calls so that they add up to the margin', () => {
    const all = differences(first, second)
    expect(all.reduce((sum, one) => sum + one.tenths, 0)).toBe(first.tenths - second.tenths)
    expect(all.map((one) => one.tenths)).toEqual([16, -5, -4])
  })

  it('shows what leads at some hour, the best of now first', () => {
    expect(shownBands(call, 2).map((band) => band.playbook)).toEqual(['MIXED', 'BIRDS'])
    expect(strength(20, 40)).toBe(0.5)
    expect(strength(-3, 40)).toBe(0)
  })

  it('sets an answer and takes it back', () => {
    const crew: Answer = { topic: 'CREW', value: 2 }
    expect(withAnswer([crew], 'CREW', { topic: 'CREW', value: 3 })).toEqual([{ topic: 'CREW', value: 3 }])
    expect(withAnswer([crew], 'CREW', null)).toEqual([])
  })

  it('reads a clock of the place', () => {
    expect(new Date(instantOf('2026-06-18', '5:30', 'Etc/GMT+3')!).toISOString()).toBe(
      '2026-06-18T08:30:00.000Z',
    )
    expect(new Date(instantOf('2026-06-18', '23:45', 'Asia/Kolkata')!).toISOString()).toBe(
      '2026-06-18T18:15:00.000Z',
    )
    expect(instantOf('2026-06-18', 'noon', 'UTC')).toBeNull()
    expect(instantOf('2026-06-18', '25:00', 'UTC')).toBeNull()
  })
})

describe('the why column', () => {
  it('shows reasons that add up, and every bound that decides', () => {
    why()
    const weights = tenths('reasons')
    expect(weights.slice(0, -1).reduce((a, b) => a + b, 0)).toBe(weights.at(-1))
    expect(screen.getByText('Ahead of Ahead of birds by 0.7.')).toBeTruthy()
    const lines = screen.getByTestId('lines').textContent
    expect(lines).toContain('Alone: 2 lines.')
    expect(lines).toContain('Room for 2 in the bag.')
    expect(lines).not.toContain('Eight holders')
  })

  it('turns to the differences, which add up to the margin', () => {
    why()
    fireEvent.click(screen.getByText('against Ahead of birds'))
    const weights = tenths('differences')
    expect(weights.at(-1)).toBe(7)
    expect(weights.slice(0, -1).reduce((a, b) => a + b, 0)).toBe(7)
  })

  it('says what does not fit, what is lacking, what would change it and whose rules these are', () => {
    why()
    for (const text of [
      'Birds dive, yet no bait is marked.',
      'lipped plug, bite leader: wire or cable.',
      'Surface 21.0 °C: Ahead of birds.',
      'Plan B: Ahead of birds, from 09:00.',
      'Your table of 2026-06-02',
      'Mahi: bag 10 a person, 20 for your crew; at least 50 cm; barbless hooks.',
      'Rules are local.',
    ])
      expect(screen.getByText(text)).toBeTruthy()
  })

  it('says first of all what should keep her in, and that nothing else stands ready', () => {
    const { planB: _none, ...alone } = call
    why({ call: { ...alone, verdict: [sentence('Stay in: too much sea.')] } })
    expect(screen.getByRole('alert').textContent).toBe('Stay in: too much sea.')
    expect(screen.getByText(/^No plan B/)).toBeTruthy()
  })

  it('says that another than the first is the skipper’s choice', () => {
    const onFirst = vi.fn()
    why({ call: { ...call, taken: { ...call.taken, playbook: 'BIRDS' } }, onFirst })
    expect(screen.getByText('Behind Mixed surface by 0.7: your choice.')).toBeTruthy()
    fireEvent.click(screen.getByText('Back to Mixed surface'))
    expect(onFirst).toHaveBeenCalledOnce()
  })
})

describe('what is known', () => {
  const chips = (answers: Answer[], onAnswer = vi.fn()) => {
    render(<Chips words={words} answers={answers} hints={{}} onAnswer={onAnswer} />)
    return onAnswer
  }

  it('keeps all birds that are seen, and none alone', async () => {
    const onAnswer = chips([{ topic: 'BIRDS', choice: 'DIVING', value: 40 }])
    fireEvent.click(screen.getByText('birds').closest('button')!)
    fireEvent.click(await screen.findByRole('button', { name: 'moving one way' }))
    expect(onAnswer).toHaveBeenCalledWith('BIRDS', {
      topic: 'BIRDS',
      choice: 'DIVING',
      also: ['TRAVELLING'],
      value: 40,
    })
    fireEvent.click(screen.getByRole('button', { name: 'none in sight' }))
    expect(onAnswer).toHaveBeenLastCalledWith('BIRDS', { topic: 'BIRDS', choice: 'NONE' })
  })

  it('takes a range the right way up only', async () => {
    const seen: Answer = { topic: 'BAIT', choice: 'LAYER', value: 10, other: 15 }
    const onAnswer = chips([seen])
    fireEvent.click(screen.getByText('bait layer').closest('button')!)
    const bottom = await screen.findByRole('textbox', { name: 'Bottom of the layer' })
    fireEvent.change(bottom, { target: { value: '8' } })
    fireEvent.keyDown(bottom, { key: 'Enter' })
    expect(screen.getByRole('alert').textContent).toBe('Type more than 10.0 m.')
    expect(onAnswer).not.toHaveBeenCalled()
  })

  it('takes a number that is emptied for not known', async () => {
    const onAnswer = chips([{ topic: 'BIRDS', choice: 'DIVING', value: 40 }])
    fireEvent.click(screen.getByText('birds').closest('button')!)
    const many = await screen.findByRole('textbox', { name: 'how many' })
    fireEvent.change(many, { target: { value: '' } })
    fireEvent.keyDown(many, { key: 'Enter' })
    expect(onAnswer).toHaveBeenCalledWith('BIRDS', { topic: 'BIRDS', choice: 'DIVING' })
  })

  it('reads a direction and says both ways of a flock', async () => {
    const seen: Answer = { topic: 'BIRDS', choice: 'DIVING', also: ['TRAVELLING'], more: { TOWARDS: 1 } }
    expect(answerWords(topic('BIRDS'), seen, defaultUnits)).toBe(
      'diving, low and tight + moving one way, to 57°',
    )
    const onAnswer = chips([seen])
    fireEvent.click(screen.getByText('birds').closest('button')!)
    const field = await screen.findByRole('textbox', { name: 'Moving towards' })
    fireEvent.change(field, { target: { value: 'upwards' } })
    fireEvent.keyDown(field, { key: 'Enter' })
    expect(screen.getByRole('alert').textContent).toContain('Type a value from 0° to 360°')
    expect(onAnswer).not.toHaveBeenCalled()
    fireEvent.change(field, { target: { value: 'E' } })
    fireEvent.keyDown(field, { key: 'Enter' })
    expect(onAnswer).toHaveBeenCalledWith('BIRDS', { ...seen, more: { TOWARDS: Math.PI / 2 } })
  })

  it('names a first and then a second target', async () => {
    const onAnswer = chips([{ topic: 'TARGET', choice: 'MAHI' }])
    fireEvent.click(screen.getByText('target').closest('button')!)
    fireEvent.click(await screen.findByRole('button', { name: 'small tuna' }))
    expect(onAnswer).toHaveBeenCalledWith('TARGET', { topic: 'TARGET', choice: 'MAHI', also: ['TUNA'] })
  })

  it('refuses a number out of range and says the range', async () => {
    const onAnswer = chips([])
    fireEvent.click(screen.getByText('crew').closest('button')!)
    const field = await screen.findByRole('textbox', { name: 'crew' })
    fireEvent.change(field, { target: { value: '40' } })
    fireEvent.keyDown(field, { key: 'Enter' })
    expect(screen.getByRole('alert').textContent).toBe('Type a value from 1 to 12.')
    fireEvent.change(field, { target: { value: '2.5' } })
    fireEvent.keyDown(field, { key: 'Enter' })
    expect(screen.getByRole('alert').textContent).toBe('Type a whole number.')
    expect(onAnswer).not.toHaveBeenCalled()
    fireEvent.change(field, { target: { value: '2' } })
    fireEvent.keyDown(field, { key: 'Enter' })
    expect(onAnswer).toHaveBeenCalledWith('CREW', { topic: 'CREW', value: 2 })
  })

  it('goes back to not known', async () => {
    const onAnswer = chips([{ topic: 'FORAGE', choice: 'PALM' }])
    fireEvent.click(screen.getByText('forage').closest('button')!)
    fireEvent.click(await screen.findByRole('button', { name: 'Not known' }))
    expect(onAnswer).toHaveBeenCalledWith('FORAGE', null)
  })

  it('says what is worth finding out, the strongest first', () => {
    render(<WorthFinding call={call} words={words} />)
    expect(screen.getByTestId('worth').textContent).toBe(
      'Worth finding out: birds (diving, low and tight, about 40) would move Ahead of birds from second to first; forage could move Mixed surface by 1.5.',
    )
  })
})

describe('bands', () => {
  it('takes a playbook by finger and by key', () => {
    const onTake = vi.fn()
    const span = { start: Date.parse('2026-06-18T08:00:00Z'), end: Date.parse('2026-06-18T12:00:00Z') }
    render(
      <Bands
        {...{ call, words, span, onTake }}
        steps={call.steps}
        x={scaleLinear([span.start, span.end], [150, 950])}
        left={150}
        width={960}
        at={span.start}
        timeZone="UTC"
        hours={[span.start]}
      />,
    )
    const rows = screen.getAllByRole('button')
    expect(rows[0]!.getAttribute('aria-label')).toContain('Mixed surface, +2.5 now, for mahi, small tuna…')
    fireEvent.click(rows[1]!)
    fireEvent.keyDown(rows[0]!, { key: 'Enter' })
    expect(onTake.mock.calls).toEqual([['BIRDS'], ['MIXED']])
    expect(screen.getByText('set 2 lines', { selector: 'text' })).toBeTruthy()
    expect(screen.queryByText('brine 6 baits', { selector: 'text' })).toBeNull()
  })
})

describe('rules beside the lines', () => {
  const note = (lines: number) => {
    const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } })
    client.setQueryData(['call', 'catalogue'], words)
    client.setQueryData(['plan', 'boat', '2026-06-18'], {
      day: '2026-06-18',
      version: 1,
      answers: [{ topic: 'TARGET', choice: 'MAHI' }],
      runOutMin: 60,
    })
    client.setQueryData(['rules', 'boat'], {
      rules: [
        { ...call.rule, mostLines: 4 },
        { ...call.rule, species: 'COHO' },
      ],
      marked: [],
    })
    render(
      <QueryClientProvider client={client}>
        <RuleNote boat="boat" day="2026-06-18" lines={lines} />
      </QueryClientProvider>,
    )
    return screen.getByTestId('rules').textContent
  }

  it('warns when more lines are out than the table allows, and says whose table it is', () => {
    expect(note(6)).toContain('6 lines, your table allows 4')
    cleanup()
    const said = note(4)
    expect(said).toContain('By your own table')
    expect(said).toContain('Mahi: bag 10 a person; at least 50 cm; 4 lines; barbless hooks.')
    expect(said).toContain('Looked up on 2026-06-02. Local rules decide.')
    expect(said).not.toContain('coho')
  })
})
