import type { KeyboardEvent } from 'react'
import { useUnits } from '../../units/UnitsContext'
import type { Boat } from '../../draft/queries'
import type { Layout } from './layout'
import { engineOffsets, propSpread } from './model'
import type { Handles } from './useHandles'

/** From above; the outer two are dragged apart, both at once. */
export function Engines({
  boat,
  layout: { x, plan, perMetre },
  handles,
}: {
  boat: Boat
  layout: Layout
  handles: Handles
}) {
  const units = useUnits()
  const slider = (offset: number, i: number) => ({
    role: 'slider',
    tabIndex: 0,
    'aria-label': `${offset < 0 ? 'Port' : 'Starboard'} engine, from the middle`,
    'aria-valuenow': Math.abs(offset),
    'aria-valuetext': `propellers ${units.say('distance', propSpread(boat))} apart`,
    'data-handle': `engine ${i}`,
    onPointerDown: handles.startEngine,
    onKeyDown: (event: KeyboardEvent) => handles.nudgeEngine(event, offset),
  })
  return engineOffsets(boat).map((offset, i, all) => {
    const outer = all.length > 1 && (i === 0 || i === all.length - 1)
    return (
      <g
        key={i}
        className={outer ? 'group cursor-ns-resize outline-none' : ''}
        {...(outer && slider(offset, i))}
      >
        <rect
          x={x(0)}
          y={plan(offset + 0.24)}
          width={0.75 * perMetre}
          height={0.48 * perMetre}
          rx={4}
          className="fill-slate stroke-ink group-focus-visible:stroke-[4]"
        />
        {outer && <circle cx={x(0) + 22} cy={plan(offset)} r={22} className="fill-transparent" />}
      </g>
    )
  })
}
