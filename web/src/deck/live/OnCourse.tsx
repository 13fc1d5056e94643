import { useUnits } from '../../units/UnitsContext'
import { degrees } from '../../units/degrees'
import { minutes } from './minutes'
import type { Live } from './queries'

/** Nearer she is on it (m): as good as a receiver knows. */
const ON_IT_M = 15
const TURN_DEG = 3

/** The course that was taken along: how far off it she is, and the next turn. */
export function OnCourse({ along }: { along: Live['along'] }) {
  const units = useUnits()
  if (!along) return null
  const metres = (m: number) => units.say('distance', Math.round(m)).replace('.0 ', ' ')
  const side = (positive: boolean) => (positive ? 'starboard' : 'port')
  const off =
    Math.abs(along.offM) < ON_IT_M
      ? 'on it'
      : `${metres(Math.abs(along.offM))} to ${side(along.offM > 0)} of it`
  const next = degrees((along.legDeg + along.turnDeg + 360) % 360)
  const turn =
    along.turnDeg === 0
      ? `It ends in ${metres(along.nextM)}.`
      : Math.abs(along.turnDeg) < TURN_DEG
        ? `Hold ${next}°.`
        : `In ${minutes(along.nextS)}, ${Math.round(Math.abs(along.turnDeg))}° to ${side(along.turnDeg > 0)} onto ${next}°.`
  return (
    <section aria-label="On the course" className="mb-4 border-b border-ink/30 pb-3">
      <h2 className="text-lg font-bold">On the course</h2>
      <p className="mt-1 text-xl leading-snug font-semibold" role="status" data-testid="on-course">
        She is {off}, {degrees(along.legDeg)}° to make good. {turn}
      </p>
    </section>
  )
}
