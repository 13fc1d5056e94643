import type { ReactNode } from 'react'
import { Button } from '../../../shared/ui/Button'
import { Field } from '../../../shared/ui/Field'
import { PositionField } from '../../../shared/ui/PositionField'
import { Select } from '../../../shared/ui/Select'
import { TypedField } from '../../../shared/ui/TypedField'
import { bandAbout, USUAL_DEPTH_M, type Asked, type Kind } from '../../../course/model'
import type { Course, Spot } from '../../../course/queries'
import { useUnits } from '../../../units/UnitsContext'
import { BandFields } from './BandFields'
import { CourseLures } from './CourseLures'
import type { useCourse } from './useCourse'
import { KIND_WORDS, lackWords, miles, shoalWords, streamFrom } from './words'

const MILE_M = 1852
const LONGEST_MILES = 12
const LEAST_MILES = 0.3

const NONE: readonly [] = []

/** About a hump the lures are wanted over depths, for there is no edge to keep to; with the stream nobody else says which way. */
const goes = (asked: Asked, kind: Kind, depthM: number | null): Partial<Asked> => ({
  kind,
  ...(kind === 'AROUND' && asked.band?.edge && { band: bandAbout(depthM ?? USUAL_DEPTH_M) }),
  ...(kind === 'WITH_STREAM' && { towardsDeg: undefined }),
})

/** What is asked of a course, what it is laid without, and what becomes of each lure on it. */
export function CourseAside({
  c,
  edges,
  depthAt,
  timeZone,
  home,
  here,
}: {
  c: ReturnType<typeof useCourse>
  edges: readonly (readonly Spot[])[]
  depthAt(spot: Spot): number | null
  timeZone: string
  /** Where she lies, and what that is called. */
  home: Spot & { name: string }
  /** Where she is, or was heard last; null where nobody told. */
  here: Spot | null
}) {
  const { asked, course } = c
  if (!asked) return <NoCourse {...{ c, home, here }} />
  const banded = asked.kind !== 'LADDER' && asked.kind !== 'SPIRAL'
  return (
    <>
      <div className="grid grid-cols-2 gap-x-3 gap-y-2">
        <Field label="She goes" wide>
          <Select
            aria-label="She goes"
            value={asked.kind}
            onChange={(event) => c.change(goes(asked, event.target.value as Kind, depthAt(asked.start)))}
          >
            {(Object.keys(KIND_WORDS) as Kind[]).map((kind) => (
              <option key={kind} value={kind}>
                {KIND_WORDS[kind]}
              </option>
            ))}
          </Select>
        </Field>
        {banded && (
          <BandFields
            asked={asked}
            edges={asked.kind === 'AROUND' ? NONE : edges}
            depthM={depthAt(asked.start)}
            onChange={c.change}
          />
        )}
        <Field label="At most">
          <TypedField
            label="At most"
            value={miles(asked.lengthM)}
            size={9}
            className="h-11"
            onCommit={(typed) => {
              const read = Number.parseFloat(typed.replace(',', '.'))
              if (!(read >= LEAST_MILES && read <= LONGEST_MILES))
                return `Type miles from ${LEAST_MILES} to ${LONGEST_MILES}.`
              c.change({ lengthM: read * MILE_M })
              return null
            }}
          />
        </Field>
        <TowedField c={c} />
        <span className="col-span-2">
          <PositionField label="Lines in at" at={asked.start} onSet={(start) => c.change({ start })} />
        </span>
      </div>
      <Choices c={c} />
      {c.problem && <p role="alert">{c.problem.message}</p>}
      {c.said && (
        <p role="alert">
          {c.said}{' '}
          {c.takeTheirs && (
            <Button small onClick={c.takeTheirs}>
              Show that one
            </Button>
          )}
        </p>
      )}
      {course?.lacks.map((lack) => (
        <Note key={lack} strong={!course.how}>
          {lackWords(lack, asked.kind)}
        </Note>
      ))}
      {course?.how && course.stream && <Note strong={false}>{streamFrom(course.stream, timeZone)}</Note>}
      {course?.how && <Shoal course={course} />}
      <CourseLures c={c} />
      <p className="mt-3 text-sm text-slate">
        Drag the way, its start or its end; touch a ring to let it go. A picture is no chart: look out, and
        keep to the water you know. Trolling gives no right of way.
      </p>
      <Button small tone="quiet" className="mt-1" onClick={() => void c.drop()}>
        No course for this day
      </Button>
    </>
  )
}

/** Nothing is asked for yet: from a place in the list, or from where she lies, to be dragged where it is wanted. */
function NoCourse({
  c,
  home,
  here,
}: {
  c: ReturnType<typeof useCourse>
  home: Spot & { name: string }
  here: Spot | null
}) {
  return (
    <>
      <p className="mb-2">
        There is no course for this day yet. Choose a place and “Course from here”, or begin
      </p>
      <Button className="w-full" onClick={() => c.begin(home)}>
        From {home.name}
      </Button>
      {here && (
        <Button className="mt-2 w-full" onClick={() => c.begin(here)}>
          From where she is
        </Button>
      )}
      <p className="mt-2 text-sm text-slate">Its start can be dragged or typed wherever lines go in.</p>
    </>
  )
}

/** Weaving, and an end it is held to. */
function Choices({ c }: { c: ReturnType<typeof useCourse> }) {
  const asked = c.asked!
  return (
    <div className="mt-2 flex flex-wrap gap-2">
      {asked.kind === 'ALONG' && (
        <Button
          small
          aria-pressed={asked.weave !== false}
          onClick={() => c.change({ weave: asked.weave === false })}
        >
          {asked.weave === false ? 'Weave where it is wide' : 'Follow, do not weave'}
        </Button>
      )}
      {c.otherWay && (
        <Button small onClick={() => c.change(c.otherWay!)}>
          Go the other way
        </Button>
      )}
      {(asked.ends || (asked.through ?? []).length > 0) && (
        <Button small onClick={() => c.change({ ends: undefined, through: undefined })}>
          Let it go freely
        </Button>
      )}
    </div>
  )
}

function TowedField({ c: { towed } }: { c: ReturnType<typeof useCourse> }) {
  return (
    <Field label="She tows">
      <Select
        aria-label="She tows"
        className="w-full"
        value={towed.spreadId ?? ''}
        onChange={(event) => towed.choose(event.target.value || null)}
      >
        {towed.titles.map(({ spreadId, name }) => (
          <option key={spreadId} value={spreadId}>
            {name}
          </option>
        ))}
        <option value="">nothing</option>
      </Select>
    </Field>
  )
}

function Shoal({ course }: { course: Course }) {
  const { words, strong } = shoalWords(course, useUnits())
  return <Note strong={strong}>{words}</Note>
}

const Note = ({ strong, children }: { strong: boolean; children: ReactNode }) => (
  <p className={`mt-2 border-l-4 pl-3 text-[15px] ${strong ? 'border-rust' : 'border-slate/50'}`}>
    {children}
  </p>
)
