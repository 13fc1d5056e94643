import { fireEvent, render, screen } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import type { Helmed } from '../../draft/queries'
import { HelmSays } from './HelmSays'
import { asked, fouledBy, onwards, seenAt, WEAVE } from './model'
import { WayPanel } from './WayPanel'

const foul = {
  lineId: 'one',
  otherLineId: 'two',
  turnedDeg: 40,
  afterS: 12,
  straightM: 0,
  asternM: 10,
  starboardM: 2,
} as Helmed['fouls'][number]

const at = (asternM: number, starboardM: number, turnedDeg: number, afterS: number) => ({
  asternM,
  starboardM,
  frame: {
    turnedDeg,
    afterS,
    lines: [{ lineId: 'one', nodes: [30, 5, 0, 1], lureSpeedMps: 3, lureDepthM: 1 }],
  },
})

const helmed = { frames: [at(0, 0, 0, 0), at(-40, 40, 90, 20)], fouls: [foul], againM: 84 } as Helmed

describe('a way she is steered', () => {
  it('places what is seen from the boat on the water', () => {
    const seen = seenAt(helmed, 1)!
    // She heads to what was starboard: what lies astern of her lies to port of where she began.
    expect(seen.lines[0]!.nodes[0]!.asternM).toBeCloseTo(-40 + 5)
    expect(seen.lines[0]!.nodes[0]!.starboardM).toBeCloseTo(40 - 30)
    expect(seenAt(helmed, 0)!.lines[0]!.nodes[0]).toEqual({ asternM: 30, starboardM: 5 })
  })

  it('goes on from the last mark by the course it was reached on', () => {
    const first = onwards([], 0, 60)
    expect(first).toEqual({ asternM: -60, starboardM: 0 })
    const second = onwards([first], 90, 60)
    expect(second).toEqual({ asternM: -60, starboardM: 60 })
    expect(onwards([first, second], 90, 60)).toEqual({ asternM: 0, starboardM: 60 })
  })

  it('asks nothing while nothing is drawn', () => {
    expect(asked({ kind: 'track', marks: [] })).toBeNull()
    expect(asked(WEAVE)).toEqual({ weave: { side: 'STARBOARD', swingDeg: 30, legM: 60, swings: 3 } })
  })

  it('marks a pair from the moment it meets', () => {
    expect(fouledBy(helmed, 11)).toEqual([])
    expect(fouledBy(helmed, 12)).toEqual(['one', 'two'])
  })

  it('says the first pair that meets, or that nothing does', () => {
    const says = (answer: Helmed) =>
      render(
        <HelmSays
          helmed={answer}
          seen={seenAt(answer, 0)}
          busy={false}
          problem={null}
          label={(id) => id.toUpperCase()}
          drawn
        />,
      )
    const { unmount } = says(helmed)
    expect(screen.getByTestId('helm-says').textContent).toBe('ONE and TWO meet after 12 s.')
    unmount()
    says({ ...helmed, fouls: [] })
    expect(screen.getByTestId('helm-says').textContent).toBe('Nothing fouls on this way.')
  })

  it('draws a way by buttons too', () => {
    const onWay = vi.fn()
    const { rerender } = render(<WayPanel way={WEAVE} onWay={onWay} children={null} />)
    fireEvent.click(screen.getByRole('button', { name: 'Draw a way' }))
    expect(onWay).toHaveBeenLastCalledWith({ kind: 'track', marks: [] })
    rerender(<WayPanel way={{ kind: 'track', marks: [] }} onWay={onWay} children={null} />)
    fireEvent.click(screen.getByRole('button', { name: 'Ahead' }))
    expect(onWay).toHaveBeenLastCalledWith({ kind: 'track', marks: [{ asternM: -60, starboardM: 0 }] })
  })
})
