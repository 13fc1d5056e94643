import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { useState, type ReactNode } from 'react'
import { docOf, setHolder, type Doc } from '../../draft/model'
import type { Chain, Gear, SolvedLine } from '../../draft/queries'
import { boat, gear, kept, solvedLine } from '../../draft/test/fixtures'
import { defaultUnits } from '../../units/UnitsContext'
import { likelyWords } from '../why/sentences'
import { Strip } from './Strip'

const chains: Chain[] = [
  {
    name: 'THREE_WAY',
    anyLure: false,
    missing: [],
    shortestLetOutM: 2.5,
    tackle: [
      { lureGearId: 'lead', lineGearId: 'mono', lengthM: 1.5 },
      { lineGearId: 'mono', branch: { lureGearId: 'feather', lineGearId: 'mono', lengthM: 4.5 } },
    ],
  },
  { name: 'WIRE', anyLure: true, missing: ['TROLLING_WIRE'], shortestLetOutM: 10, tackle: [] },
]
vi.mock('../../draft/queries', () => ({
  chainsOf: () => ({ queryKey: ['chains'], queryFn: () => Promise.resolve(chains) }),
  waysTo: vi.fn(),
}))

const downrigger = { ...boat.holders[2]!, holderId: 'd', name: 'Downrigger', kind: 'DOWNRIGGER' as const }
const rigged = { ...boat, holders: [...boat.holders, downrigger] }
const lead = gear.lures[2]!
const deepGear: Gear = {
  reels: [],
  lures: [...gear.lures, { ...lead, gearId: 'ball', name: 'Ball', massKg: 4.5 }],
  lines: [...gear.lines, { ...gear.lines[0]!, gearId: 'cable', name: 'Cable', kind: 'DOWNRIGGER_CABLE' }],
}
const deepAnswer: SolvedLine = {
  ...solvedLine('one', 'D1'),
  deep: {
    ballDepthM: 9.2,
    ballAsternM: 3,
    clipDepthM: 8.3,
    clipAsternM: 2.6,
    blowBackM: 0.8,
    clipPullN: 10,
    clipHoldN: 55,
    cablePullN: 60,
    cable: [],
    bellyM: 11,
    belly: [],
  },
}

let now: Doc
function Page({ start, answer }: { start: Doc; answer: SolvedLine }) {
  const [doc, setDoc] = useState(start)
  now = doc
  return (
    <Strip
      editor={{ doc, edit: setDoc }}
      boat={rigged}
      gear={deepGear}
      selected="one"
      solved={[answer]}
      ground={{ overGroundMps: 4, courseDeg: 60, aheadMps: 0.46 }}
      onRemoved={() => {}}
      onSeen={() => {}}
    />
  )
}
const around = ({ children }: { children: ReactNode }) => (
  <QueryClientProvider client={new QueryClient()}>{children}</QueryClientProvider>
)
const show = (start: Doc, answer = solvedLine('one', 'S1')) =>
  render(<Page start={start} answer={answer} />, { wrapper: around })
const down = setHolder(docOf(kept), 'one', downrigger, deepGear)
afterEach(cleanup)

describe('the strip of a deep line', () => {
  it('steps its cable and says where the ball hangs', () => {
    show(down, deepAnswer)
    expect(screen.getByText('ball 9.2 m')).toBeTruthy()
    expect(screen.getByText(/blown back 0.8 m/)).toBeTruthy()
    expect(screen.getByText('belly to the rod 11.0 m')).toBeTruthy()
    fireEvent.click(screen.getByLabelText('Cable, more'))
    expect(now.draft.lines[0]!.deep!.cableOutM).toBe(11)
  })

  it('changes ball, clip and its height over the ball in the tackle', async () => {
    show(down, deepAnswer)
    fireEvent.click(screen.getByText('Tackle'))
    fireEvent.change(await screen.findByLabelText('Hold of the clip'), { target: { value: 'HALF' } })
    const above = screen.getByLabelText('Clip above the ball')
    fireEvent.change(above, { target: { value: '2' } })
    fireEvent.keyDown(above, { key: 'Enter' })
    expect(now.draft.lines[0]!.deep).toMatchObject({ seat: 'HALF', clipAboveM: 2 })
  })

  it('takes a line down when it is given the downrigger', () => {
    show(docOf(kept))
    expect(screen.queryByLabelText('Cable')).toBeNull()
    fireEvent.change(screen.getByLabelText('Holder'), { target: { value: 'd' } })
    expect(now.draft.lines[0]!.deep).toMatchObject({ ballGearId: 'ball', cableGearId: 'cable' })
    expect(screen.getByLabelText('Cable')).toBeTruthy()
  })
})

describe('the strip of any line', () => {
  it('shows both speeds', () => {
    show(docOf(kept))
    expect(screen.getByTestId('over-ground').textContent).toBe('7.8 kn over ground, 0.9 with you')
  })

  it('ties usual chains of what is aboard, and says what is missing for the others', async () => {
    show(docOf(kept))
    fireEvent.click(screen.getByText('Tackle'))
    const wire = await screen.findByText(/Trolling wire \(aboard there is no trolling wire\)/)
    expect((wire as HTMLOptionElement).disabled).toBe(true)
    fireEvent.change(screen.getByLabelText('Tie it as'), { target: { value: 'THREE_WAY' } })
    expect(now.draft.lines[0]!.tackle[1]!.branch).toMatchObject({ lureGearId: 'feather' })
    fireEvent.change(screen.getByLabelText('Second lure'), { target: { value: 'skirt' } })
    expect(now.draft.lines[0]!.tackle[1]!.branch!.lureGearId).toBe('skirt')
    fireEvent.click(screen.getByText('Take off'))
    expect(now.draft.lines[0]!.tackle[1]!.branch).toBeUndefined()
    fireEvent.click(screen.getByText('Tie a second lure here'))
    expect(now.draft.lines[0]!.tackle[1]!.branch).toMatchObject({ lengthM: 3 })
  })
})

describe('how sure a depth is', () => {
  const likely = { lowM: 12.54, highM: 17.8, atSurface: 0 }

  it('is a range, and the chance that the lure comes up where that is worth a word', () => {
    expect(likelyWords(likely, defaultUnits)).toBe('likely 12.5–17.8 m')
    expect(likelyWords({ lowM: 0.26, highM: 1.5, atSurface: 0.12 }, defaultUnits)).toBe(
      'likely 0.3–1.5 m; 12 % that it comes up',
    )
    expect(likelyWords({ lowM: 0.02, highM: 0.3, atSurface: 0.7 }, defaultUnits)).toBe(
      '70 % that it comes up',
    )
    expect(likelyWords({ lowM: 1.01, highM: 1.02, atSurface: 0 }, defaultUnits)).toBe('')
    expect(likelyWords(undefined, defaultUnits)).toBe('')
  })
})
