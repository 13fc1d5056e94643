import type { Boat } from '../../draft/queries'
import type { Place } from '../../water/queries'
import { Button } from '../../shared/ui/Button'
import type { PlanDay } from '../plan/usePlanDay'
import type { drawn } from './course/asked'
import { CourseAside } from './course/CourseAside'
import type { useCourse } from './course/useCourse'
import { PlaceList } from './PlaceList'
import type { useHere } from './useHere'
import type { useWater } from './useWater'

/** Beside the picture: where to begin, or the course through it. */
export function WaterAside({
  boat,
  w,
  c,
  h,
  planDay,
  target,
  edges,
  course,
  onCourse,
  onBegin,
}: {
  boat: Boat['boatId']
  w: ReturnType<typeof useWater>
  c: ReturnType<typeof useCourse>
  h: ReturnType<typeof useHere>
  planDay: PlanDay
  target: Parameters<typeof PlaceList>[0]['target']
  edges: ReturnType<typeof drawn>[]
  /** Whether it is the course. */
  course: boolean
  onCourse(on: boolean): void
  onBegin(one: Place, runMin: number): void
}) {
  const { place } = planDay
  return (
    <aside
      aria-label={course ? 'Course' : 'Places to begin'}
      className="w-[304px] shrink-0 overflow-auto border-l-[3px] border-ink px-3 py-2 max-md:w-full max-md:border-t-[3px] max-md:border-l-0"
    >
      <div role="group" aria-label="Beside the picture" className="mb-2 flex gap-2">
        <Button small tone={course ? 'plain' : 'strong'} onClick={() => onCourse(false)}>
          Places
        </Button>
        <Button small tone={course ? 'strong' : 'plain'} onClick={() => onCourse(true)}>
          Course
        </Button>
      </div>
      {course ? (
        <CourseAside
          {...{ c, edges }}
          depthAt={w.depthAt}
          timeZone={place.timeZone}
          home={place}
          here={h.here}
        />
      ) : (
        <PlaceList
          {...{ w, target, planDay, boat, onBegin }}
          onCourse={(one) => {
            c.begin(one)
            onCourse(true)
          }}
        />
      )}
    </aside>
  )
}
