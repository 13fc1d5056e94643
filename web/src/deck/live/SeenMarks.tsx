import type { Position } from '../../units/position'
import { useUnits } from '../../units/UnitsContext'
import { spreadOut } from '../../shared/drawing/labels'
import { within } from './edge'
import type { PlanFrame, Size } from './frame'
import { fromBoat } from './place'
import type { LiveNow } from './queries'

/** Something that was seen, where it lay. */
export interface SeenThing extends Position {
  factId: string
  what: string
  words: string
}

/** So many, the latest: more is a sky full of birds. */
const MOST = 4
const NAME = { width: 200, height: 20 }

/** What was seen, where it lay; at the edge with its distance, where that is beyond the drawing. */
export function SeenMarks({
  now,
  sightings,
  frame: { x, y },
  size,
}: {
  now: LiveNow
  sightings: readonly SeenThing[]
  frame: PlanFrame
  size: Size
}) {
  const units = useUnits()
  const boat = { x: x(0, 0), y: y(0, 0) }
  // A boat is where she was seen last.
  const standing = sightings.filter(
    (one, i) => one.what !== 'BOAT' || sightings.slice(i + 1).every(({ what }) => what !== 'BOAT'),
  )
  const marks = standing.slice(-MOST).map((one) => {
    const { northM, eastM } = fromBoat(now, one)
    const there = { x: x(northM, eastM), y: y(northM, eastM) }
    const at = within(boat, there, size)
    const beyond = at.x !== there.x || at.y !== there.y
    const off = beyond ? `, ${units.say('distance', Math.hypot(northM, eastM))}` : ''
    return { id: one.factId, at, words: `${one.words}${off}` }
  })
  const names = spreadOut(
    marks.map(({ id, at }) => ({
      id,
      ...NAME,
      x: Math.max(4, Math.min(size.width - NAME.width - 4, at.x - NAME.width / 2)),
      y: at.y + 10,
    })),
    marks.map(({ id, at }) => ({ id, x: at.x - 9, y: at.y - 9, width: 18, height: 18 })),
  )
  return marks.map(({ id, at, words }) => (
    <g key={id} data-seen={words}>
      <circle cx={at.x} cy={at.y} r={7} className="fill-none stroke-ink stroke-2" strokeDasharray="3 3" />
      <circle cx={at.x} cy={at.y} r={2} className="fill-ink" />
      <text
        x={names.get(id)!.x + NAME.width / 2}
        y={names.get(id)!.y + 15}
        textAnchor="middle"
        className="fill-ink stroke-water stroke-[4] text-[15px] [paint-order:stroke]"
      >
        {words}
      </text>
    </g>
  ))
}
