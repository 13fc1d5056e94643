import { useUnits } from '../../units/UnitsContext'
import { degrees } from '../../units/degrees'
import { Big } from '../StrikeCard'
import { LuresThere } from './LuresThere'
import { minutes } from './minutes'
import type { Live } from './queries'

/** Something that moves, by the last time it was seen. */
export interface Mover {
  /** Of what it is: `BIRDS_TRAVELLING`. */
  what: string
  words: string
}

type Meet = NonNullable<Live['meet']>

/** Surer of its course than so a way can be steered by it (°). */
const UNSURE_DEG = 45

/** How the lures, and not the hull, come through ahead of what was seen to move. */
export function MeetIt({
  movers,
  chosen,
  meet,
  onChoose,
}: {
  movers: readonly Mover[]
  chosen: Mover | null
  meet: Live['meet']
  onChoose(mover: Mover | null): void
}) {
  if (movers.length === 0) return null
  return (
    <section aria-label="Meet with the lures" className="mb-4 border-b border-ink/30 pb-3">
      <h2 className="mb-2 text-lg font-bold">Meet with the lures</h2>
      <div className="flex flex-wrap gap-2">
        {movers.map((mover) => (
          <Big
            key={mover.what}
            pressed={mover.what === chosen?.what}
            onClick={() => onChoose(mover.what === chosen?.what ? null : mover)}
          >
            {mover.words}
          </Big>
        ))}
      </div>
      {chosen && (
        <p className="mt-2 text-xl leading-snug font-semibold" role="status" data-testid="meet">
          {meet ? <Words meet={meet} /> : 'No line is out, or she hardly moves: nothing to meet it with.'}
        </p>
      )}
      {chosen && meet?.how && <LuresThere lures={meet.how.lures} />}
    </section>
  )
}

function Words({ meet }: { meet: Meet }) {
  const units = useUnits()
  const metres = (m: number) => units.say('distance', Math.round(m)).replace('.0 ', ' ')
  if (meet.sights < 2)
    return (
      <>Seen once: nobody knows yet which way it goes. Look again in half a minute and say where it is.</>
    )
  const goes =
    meet.courseDoubtDeg >= UNSURE_DEG
      ? `Seen ${meet.sights} times: which way it goes is hardly known yet. Look again in half a minute; until then:`
      : `It goes ${degrees(meet.courseDeg)}°, give or take ${Math.max(5, 5 * Math.round(meet.courseDoubtDeg / 5))}°, at ${units.say('speed', meet.mps)}, give or take ${units.figure('speed', meet.mpsDoubt)}; seen ${meet.sights} times.`
  const { how } = meet
  if (!how && meet.can === 'PERHAPS')
    return (
      <>
        {goes} It seems too fast to be met at this speed, but its speed is not known well enough: look again
        in half a minute.
      </>
    )
  if (!how)
    return <>{goes} It cannot be met at this speed: lift the lines and run ahead of it wide, or let it go.</>
  const side = how.side === 'STARBOARD' ? 'starboard' : 'port'
  const turn = how.turnDeg < 3 ? 'Hold her as she goes' : `Turn ${how.turnDeg}° to ${side}`
  return (
    <>
      {goes} {turn}, steer {degrees(how.steerDeg)}°: the lures pass ahead of it in {minutes(how.inS)},{' '}
      {metres(how.asternM)} astern of her. The hull keeps {metres(how.nearestM)} off.{' '}
      {how.holdsDeg >= 5
        ? `Still right if it turns up to ${how.holdsDeg}°.`
        : 'Any turn of it changes this: look again soon.'}
      {meet.can === 'PERHAPS' && ' If it is faster than it seems, she will not be there in time.'}
    </>
  )
}
