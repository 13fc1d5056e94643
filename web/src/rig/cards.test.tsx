import { cleanup, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it } from 'vitest'
import { RigCard, TaskCard } from './Cards'
import { ladder, rig } from './test/fixtures'

const head = { title: 'Fast ladder', boat: 'Test boat', day: 'Thursday 18 June 2026', place: 'Tarrow Banks' }

afterEach(cleanup)

describe('cards for paper', () => {
  it('carries the chain, the drag, the marks and the cautions of a line', () => {
    render(<RigCard line={ladder()} head={head} />)
    expect(screen.getByRole('heading', { name: 'C1, Fast bullet' })).toBeTruthy()
    expect(screen.getByText(/Window 12.5 kg to 18.5 kg; the water pulls 11.9 kg/)).toBeTruthy()
    expect(screen.getByText(/146 m: ink at 146 m/)).toBeTruthy()
    expect(screen.getByText('Never wrap a leader round a hand.')).toBeTruthy()
    expect(screen.getByRole('img', { name: 'Chain of C1, drawn' })).toBeTruthy()
  })

  it('says that no drag works, and where the hooks of a bait sit', () => {
    const line = ladder()
    render(
      <RigCard
        head={head}
        line={{
          ...line,
          window: { ...line.window!, empty: true },
          bait: {
            kind: 'LIVE',
            lengthM: 0.24,
            hooks: [{ alongM: 0.007, acrossShare: 0.4, words: 'through the nose' }],
            trailM: 0.15,
            slackM: 0.01,
            notes: [],
          },
        }}
      />,
    )
    expect(screen.getByText(/No drag works as it is tied/)).toBeTruthy()
    expect(screen.getByText(/live bait of 24 cm: through the nose at 0.7 cm/)).toBeTruthy()
  })

  it('lists the evening with its hours, and only what is short', () => {
    render(
      <TaskCard
        rig={{ ...rig(), ticked: [{ task: 'leaders:a:6', version: 1, done: true }] }}
        timeZone="Etc/GMT+3"
        head={head}
      />,
    )
    expect(screen.getByText('19:00')).toBeTruthy()
    expect(screen.getByText('✓')).toBeTruthy()
    expect(screen.getByText(/3\s+rod tethers/)).toBeTruthy()
    expect(screen.queryByText(/Bullet/)).toBeNull()
  })
})
