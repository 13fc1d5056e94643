import type { ReactNode } from 'react'
import { routeOf } from '../../../course/queries'
import { Button } from '../../../shared/ui/Button'
import { useUnits } from '../../../units/UnitsContext'
import type { useCourse } from './useCourse'
import { holdWords, hours, howWords, miles, share, streamWords } from './words'

/** The figures of a course: how far and long, how much of it the lures are where they are wanted, what to hold. */
export function CourseStrip({
  c,
  boat,
  day,
}: {
  c: ReturnType<typeof useCourse>
  boat: string
  day: string
}) {
  const units = useUnits()
  const { course, sailed } = c
  if (!course?.how) return null
  const inBand = sailed?.inBand ?? course.share
  const metres = (m: number) => units.say('distance', Math.round(m)).replace('.0 ', ' ')
  return (
    <section
      aria-label="The course"
      data-testid="course"
      aria-busy={c.behind}
      className="flex flex-wrap items-stretch gap-x-4 gap-y-2 border-t-2 border-ink bg-shade px-4 py-2"
    >
      <Figure title={howWords(course)} figure={miles(course.lengthM)}>
        {hours(sailed?.timeS ?? course.timeS)}, {course.turns === 1 ? '1 turn' : `${course.turns} turns`}
      </Figure>
      {inBand !== undefined && (
        <Figure title="Lures in the band" figure={share(inBand)}>
          best straight line {share(course.straightShare ?? 0)}
        </Figure>
      )}
      <Figure
        title="Tightest turn"
        figure={course.tightestM === undefined ? 'none' : metres(course.tightestM)}
      >
        {c.towed.draft ? 'her lines stand' : 'she makes'} {metres(course.radiusM)}
      </Figure>
      <Figure
        title="Hold on the receiver"
        figure={`${holdWords(course, units)} ${units.unit('speed').symbol}`}
      >
        {streamWords(course.stream, units)}
      </Figure>
      <div className="ml-auto flex items-center gap-2 max-md:w-full">
        <Button tone="strong" disabled={c.isKept || c.behind} onClick={() => void c.keep()}>
          {c.isKept ? 'Taken along' : 'Take it along'}
        </Button>
        {c.isKept && (
          <a
            className="inline-flex min-h-11 items-center px-1 underline underline-offset-4"
            href={routeOf(boat, day)}
            download
          >
            As GPX
          </a>
        )}
      </div>
    </section>
  )
}

function Figure({ title, figure, children }: { title: string; figure: string; children: ReactNode }) {
  return (
    <div className="border-r border-ink/25 pr-4 leading-tight max-md:w-[calc(50%-1rem)] max-md:min-w-0 max-md:border-r-0 max-md:pr-0">
      <p className="text-sm text-slate">{title}</p>
      <p className="font-mono text-[22px] whitespace-nowrap max-md:text-lg">{figure}</p>
      <p className="text-sm">{children}</p>
    </div>
  )
}
