import { cleanup, render, screen } from '@testing-library/react'
import { scaleLinear } from '../shared/scale'
import { afterEach, describe, expect, it } from 'vitest'
import { DaySky } from './DaySky'
import { drawnSpan } from './model'
import type { Day } from './queries'

const hour = (h: number) => new Date(Date.parse('2026-06-18T00:00:00Z') + h * 3_600_000).toISOString()

const day: Day = {
  start: hour(0),
  end: hour(24),
  firstLight: hour(4),
  dawn: hour(4.5),
  rise: hour(5),
  noon: hour(12),
  set: hour(19),
  dusk: hour(19.5),
  lastLight: hour(20),
  light: [
    { light: 'NIGHT', from: hour(0), to: hour(4) },
    { light: 'TWILIGHT', from: hour(4), to: hour(5) },
    { light: 'DAY', from: hour(5), to: hour(19) },
    { light: 'TWILIGHT', from: hour(19), to: hour(20) },
    { light: 'NIGHT', from: hour(20), to: hour(24) },
  ],
  moon: { lit: 0.17, waxing: true },
  tide: {
    station: 'Tarrow bar',
    floodTowardsDeg: 80,
    curve: Array.from({ length: 25 }, (_, h) => ({
      at: hour(h),
      heightM: 1 + Math.sin((h / 12.4) * 2 * Math.PI),
      streamMps: 0.8 * Math.cos((h / 12.4) * 2 * Math.PI),
    })),
    turns: [
      { event: 'HIGH', at: hour(9.3), heightM: 2 },
      { event: 'LOW', at: hour(15.5), heightM: 0 },
      { event: 'FLOOD_BEGINS', at: hour(12), heightM: 1 },
    ],
  },
}

function draw(over: Partial<Day> = {}, width = 960) {
  const drawn = { ...day, ...over }
  const span = drawnSpan(drawn)
  return render(
    <DaySky
      day={drawn}
      timeZone="UTC"
      at={Date.parse(hour(10))}
      span={span}
      x={scaleLinear([span.start, span.end], [150, width])}
      left={150}
      width={width}
    />,
  )
}

afterEach(cleanup)

describe('the sky of a day', () => {
  it('says when the sun and the tide turn', () => {
    draw()
    for (const text of [
      'sun up 05:00',
      'sun down 19:00',
      'high 2.0 m 09:18',
      'low 0.0 m 15:30',
      'moon 17 % lit, waxing',
    ])
      expect(screen.getByText(text)).toBeTruthy()
    expect(screen.queryByText(/FLOOD/)).toBeNull()
  })

  it('shows the sun only while it is up', () => {
    const { container } = draw()
    expect(container.querySelectorAll('circle')).toHaveLength(1)
    cleanup()
    const dark = draw({ rise: hour(11), set: hour(19) })
    expect(dark.container.querySelectorAll('circle')).toHaveLength(0)
  })

  it('draws an arrow for every hour, fewer where there is little room', () => {
    const wide = draw().container.querySelectorAll('path.stroke-2').length
    cleanup()
    const narrow = draw({}, 390).container.querySelectorAll('path.stroke-2').length
    expect(narrow).toBeLessThan(wide / 2)
  })

  it('says so where no station is near, and by name what the moon is', () => {
    const { tide: _none, ...rest } = day
    render(
      <DaySky
        day={{ ...rest, moon: { lit: 0.01, waxing: true } }}
        timeZone="UTC"
        at={0}
        span={drawnSpan(day)}
        x={scaleLinear([0, 1], [0, 1])}
        left={150}
        width={960}
      />,
    )
    expect(screen.getByText('no station near')).toBeTruthy()
    expect(screen.getByText('new moon')).toBeTruthy()
  })
})
