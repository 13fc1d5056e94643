import type { LureOnCourse } from '../../../course/queries'
import { useUnits } from '../../../units/UnitsContext'
import type { useCourse } from './useCourse'
import { bottomWords, depthsWords, hours, share } from './words'

/** Each lure on the way: minutes in the band, how deep, how near to the bottom; and lines that meet. */
export function CourseLures({ c }: { c: ReturnType<typeof useCourse> }) {
  const { course, sailed, towed } = c
  if (!course?.how || !towed.draft) return null
  if (c.failed)
    return (
      <p role="alert">The course could not be followed with every line. Drag it a little, or try again.</p>
    )
  if (!sailed)
    return (
      <p role="status" className="mt-3">
        Followed with every line: {share(c.gone)}
      </p>
    )
  return (
    <section aria-label="Lures on the way" className="mt-3" data-testid="course-lures">
      {sailed.lost && <p role="alert">A line goes slack on the way: nothing sure comes after it.</p>}
      <p className="font-semibold">
        {sailed.met.length === 0
          ? 'No lines meet on the way.'
          : sailed.met
              .map(({ label, otherLabel, atS }) => `${label} meets ${otherLabel} after ${hours(atS)}.`)
              .join(' ')}
      </p>
      <ul className="mt-1">
        {sailed.lures.map((lure) => (
          <Lure key={lure.lineId} {...{ c, lure }} banded={course.share !== undefined} />
        ))}
      </ul>
    </section>
  )
}

function Lure({ c, lure, banded }: { c: ReturnType<typeof useCourse>; lure: LureOnCourse; banded: boolean }) {
  const units = useUnits()
  const bottom = bottomWords(lure, units)
  const chosen = c.lure === lure.lineId
  return (
    <li>
      <button
        type="button"
        aria-pressed={chosen}
        className={`flex min-h-11 w-full items-center gap-2 border-b border-ink/20 py-0.5 text-left leading-tight ${chosen ? 'bg-lichen' : ''}`}
        onClick={() => c.setLure(chosen ? null : lure.lineId)}
      >
        <b className="w-10 shrink-0">{lure.label}</b>
        <span className="grow text-[15px]">
          {depthsWords(lure, units)}
          {bottom && <span className="block text-rust-text">{bottom}</span>}
        </span>
        {banded && !lure.flies && <span className="font-mono text-sm">{hours(lure.inBandS)}</span>}
      </button>
    </li>
  )
}
