import { useUnits } from '../../units/UnitsContext'
import { Big } from '../StrikeCard'
import { degrees } from '../../units/degrees'
import { LuresThere } from './LuresThere'
import { minutes } from './minutes'
import type { Live } from './queries'

/** A place of today that one may want to come back over. */
export interface Mark {
  factId: string
  /** Of its line, and when: `S1, 10:33`. */
  words: string
  /** Absent of what no line took: the middle of them comes over it. */
  lineId?: string
  latitudeDeg: number
  longitudeDeg: number
}

/** The way back that brings the lure over where a fish took, in words a helmsman steers by. */
export function BackTo({
  marks,
  chosen,
  back,
  onChoose,
}: {
  /** The last first. */
  marks: readonly Mark[]
  chosen: Mark | null
  back: Live['back']
  onChoose(mark: Mark | null): void
}) {
  if (marks.length === 0) return null
  return (
    <section aria-label="Back over" className="mt-4 border-t border-ink/30 pt-2">
      <h2 className="mb-2 text-lg font-bold">Back over</h2>
      <div className="flex flex-wrap gap-2">
        {marks.map((mark) => (
          <Big
            key={mark.factId}
            pressed={mark.factId === chosen?.factId}
            onClick={() => onChoose(mark.factId === chosen?.factId ? null : mark)}
          >
            {mark.words}
          </Big>
        ))}
      </div>
      {chosen && (
        <p className="mt-2 text-xl leading-snug font-semibold" role="status" data-testid="back-over">
          {back ? <Way back={back} /> : 'No way leads there from here: run on, then ask again.'}
        </p>
      )}
      {chosen && back && <LuresThere lures={back.lures} />}
    </section>
  )
}

function Way({ back }: { back: NonNullable<Live['back']> }) {
  const units = useUnits()
  const side = back.side === 'STARBOARD' ? 'starboard' : 'port'
  const on = back.leadM > 0 ? `Run on ${units.say('distance', Math.round(back.leadM))}, then t` : 'T'
  const turn =
    back.turnDeg < 5
      ? 'Hold her as she goes'
      : `${on}urn to ${side}, a circle of ${units.say('distance', Math.round(back.radiusM))}`
  const abreast =
    Math.abs(back.abreastM) < 1
      ? ''
      : ` Leave it ${units.say('distance', Math.round(Math.abs(back.abreastM)))} to ${back.abreastM > 0 ? 'starboard' : 'port'}.`
  return (
    <>
      {degrees(back.bearingDeg)}°, {units.say('distance', Math.round(back.distanceM))}. {turn}, then steer{' '}
      {degrees(back.steerDeg)}°: the lure is over it in {minutes(back.inS)}.{abreast}
    </>
  )
}
