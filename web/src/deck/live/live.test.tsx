import { cleanup, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it } from 'vitest'
import { astern, nodesOf, planFrame } from './frame'
import { LivePlan } from './LivePlan'
import { LiveSide } from './LiveSide'
import { LiveTable } from './LiveTable'
import type { LiveLine, LiveNow } from './queries'
import { sailedOf } from './sailed'
import { Warnings } from './Warnings'

/** Heading east: astern is west, starboard is south. */
const line = (lineId: string, west: number, south: number, more: Partial<LiveLine> = {}): LiveLine => ({
  lineId,
  nodes: [-south, -west, -2, -south / 2, -west / 2, 0, 0, 0, 3],
  lureMps: 3.6,
  lureDepthM: 2,
  bend: 'NEITHER',
  offBottomM: 8,
  offBottomInS: 10,
  slack: false,
  ...more,
})
const now = (more: Partial<LiveNow> = {}): LiveNow => ({
  at: '2026-06-18T09:00:00Z',
  latitudeDeg: 27.6,
  longitudeDeg: -47.3,
  headingDeg: 90,
  courseDeg: 95,
  throughMps: 3.9,
  throughDoubtMps: 0.05,
  groundMps: 4.2,
  turnDegMin: 0,
  streamMps: 0.4,
  streamTowardsDeg: 180,
  streamDoubtMps: 0.05,
  holdMps: 4.2,
  towing: true,
  settlesM: 0,
  lines: [
    line('one', 80, 4),
    line('two', 80, 5, { bend: 'INSIDE' }),
    line('three', 150, -3, { slack: true }),
  ],
  warnings: [],
  others: [{ id: 'a', name: 'Ketch', northM: 900, eastM: -40, mps: 3, courseDeg: 180, seenS: 1 }],
  way: [0, -200, 0, -100, 0, 0],
  bottom: [
    { asternM: 120, depthM: 60 },
    { asternM: 10, depthM: 60 },
  ],
  ...more,
})
const named = new Map([
  ['one', { label: 'S1', kind: 'FEATHER' }],
  ['two', { label: 'S2', kind: 'FEATHER' }],
  ['three', { label: 'C1', kind: 'FEATHER' }],
])
const size = { width: 900, height: 300 }
afterEach(cleanup)

describe('the frame', () => {
  it('lays the bow to the left and starboard up, true to scale', () => {
    const { x, y, perM } = planFrame(now(), 'BOW', size)
    expect(x(0, -80) - x(0, 0)).toBeCloseTo(80 * perM)
    expect(y(-10, 0)).toBeLessThan(y(0, 0))
    expect(y(0, 0) - y(-10, 0)).toBeCloseTo(10 * perM)
  })

  it('lays north up and east to the right', () => {
    const { x, y, perM, turn } = planFrame(now(), 'NORTH', size)
    expect(x(0, 30) - x(0, 0)).toBeCloseTo(30 * perM)
    expect(y(30, 0) - y(0, 0)).toBeCloseTo(-30 * perM)
    // A shape with its nose to the left that heads north has its nose up.
    expect(turn(0)).toBe(90)
  })

  it('turns with her', () => {
    expect(astern(now({ headingDeg: 0 }), -70, 5)).toEqual({ asternM: 70, starboardM: 5 })
    const aside = astern(now({ headingDeg: 270 }), 12, 60)
    expect(aside.asternM).toBeCloseTo(60)
    expect(aside.starboardM).toBeCloseTo(12)
    expect(nodesOf({ nodes: [1, 2, 3, 4, 5, 6] })[1]).toEqual({ northM: 4, eastM: 5, heightM: 6 })
  })

  it('holds everything that is towed', () => {
    for (const up of ['BOW', 'NORTH'] as const) {
      const { x, y } = planFrame(now({ headingDeg: 200 }), up, size)
      for (const { nodes } of now().lines) {
        expect(x(nodes[0]!, nodes[1]!)).toBeGreaterThan(0)
        expect(x(nodes[0]!, nodes[1]!)).toBeLessThan(size.width)
        expect(y(nodes[0]!, nodes[1]!)).toBeGreaterThan(0)
        expect(y(nodes[0]!, nodes[1]!)).toBeLessThan(size.height)
      }
    }
  })
})

describe('the drawing', () => {
  const plan = (called: string[] = []) =>
    render(
      <svg>
        <LivePlan now={now()} frame={planFrame(now(), 'BOW', size)} {...{ named, called, size }} boatM={10} />
      </svg>,
    )

  it('says depth, side of the turn and what hangs', () => {
    plan()
    expect(screen.getByText('S1').closest('text')!.textContent).toBe('S12.0 m')
    expect(screen.getByText('S2').closest('text')!.textContent).toContain('inside')
    expect(screen.getByText('C1').closest('text')!.textContent).toContain('hangs')
  })

  it('keeps who is far off at the edge, with the distance', () => {
    plan()
    expect(screen.getByText(/Ketch/).textContent).toBe('Ketch, 901 m off')
  })

  it('marks lines that somebody must act on', () => {
    const { container } = plan(['one'])
    expect(container.querySelectorAll('.stroke-rust').length).toBe(2)
  })

  it('draws the bottom where a lure could come to it, and says it where not', () => {
    const side = (bottom: LiveNow['bottom']) =>
      render(
        <svg>
          <LiveSide
            now={now({ bottom })}
            called={[]}
            x={(m) => m}
            top={0}
            width={900}
            height={150}
            named={named}
          />
        </svg>,
      )
    side(now().bottom)
    expect(screen.getByText('Bottom at 60 m and deeper')).toBeTruthy()
    cleanup()
    side([{ asternM: 30, depthM: 3 }])
    expect(screen.getByTestId('live-bottom')).toBeTruthy()
    cleanup()
    side([])
    expect(screen.getByText('No bottom sounded')).toBeTruthy()
  })

  it('has a table of the same', () => {
    render(<LiveTable now={now()} named={named} />)
    expect(screen.getByRole('row', { name: /S2 2.0 m .* inside 8.0 m/ })).toBeTruthy()
    expect(screen.getByRole('row', { name: /C1 hangs/ })).toBeTruthy()
  })
})

it('says short times in seconds, for a crew that acts within them', () => {
  const crossing = (si: number) => ({
    kind: 'CROSSED' as const,
    says: { text: 'Ketch crosses C1 in {0}.', figures: [{ kind: 'DURATION' as const, si }] },
    lineIds: ['three'],
    inS: si,
  })
  for (const [si, words] of [
    [3, 'in 5 s.'],
    [41, 'in 40 s.'],
    [70, 'in 1 min.'],
    [150, 'in 3 min.'],
  ] as const) {
    render(<Warnings now={now({ warnings: [crossing(si)] })} timeZone="UTC" />)
    expect(screen.getByTestId('live-warnings').textContent).toContain(words)
    cleanup()
  }
})

it('says who must act, and nothing where nobody must', () => {
  const { container, rerender } = render(<Warnings now={now()} timeZone="UTC" />)
  expect(container.textContent).toBe('')
  rerender(
    <Warnings
      now={now({
        warnings: [
          {
            kind: 'CROSSED',
            says: { text: 'Ketch crosses C1 in {0}.', figures: [{ kind: 'DURATION', si: 100 }] },
            lineIds: ['three'],
            inS: 100,
          },
        ],
      })}
      timeZone="UTC"
    />,
  )
  expect(screen.getByRole('alert').textContent).toBe('Ketch crosses C1.')
  expect(screen.getByTestId('live-warnings').textContent).toContain('Ketch crosses C1 in 2 min')
})

describe('what is kept with a strike', () => {
  it('is how its line went and where its lure was', () => {
    const kept = sailedOf('two', now({ turnDegMin: -60 }), undefined)!
    expect(kept.bend).toBe('INSIDE')
    expect(kept.turnDegMin).toBe(-60)
    // 5 m south and 80 m west of her.
    expect(kept.latitudeDeg).toBeCloseTo(27.6 - 5 / 111_195, 6)
    expect(kept.longitudeDeg).toBeCloseTo(-47.3 - 80 / 111_195 / Math.cos((27.6 * Math.PI) / 180), 6)
    expect(kept.bottomM).toBeUndefined()
  })

  it('is never a depth over the surface, nor beyond the date line', () => {
    const wave = now({ longitudeDeg: -179.9999, lines: [line('one', 80, 4, { lureDepthM: -0.03 })] })
    const kept = sailedOf('one', wave, undefined)!
    expect(kept.lureDepthM).toBe(0)
    expect(kept.longitudeDeg).toBeGreaterThan(179.9)
  })

  it('is nothing for a line that hangs or is not seen', () => {
    expect(sailedOf('three', now(), undefined)).toBeUndefined()
    expect(sailedOf('four', now(), undefined)).toBeUndefined()
    expect(sailedOf('one', undefined, undefined)).toBeUndefined()
  })
})
