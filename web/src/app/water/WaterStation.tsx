import { Suspense, useEffect, useMemo, useState } from 'react'
import { useNavigate } from 'react-router'
import { answerOf } from '../../call/model'
import type { Plan } from '../../call/queries'
import { usePlan } from '../../call/usePlan'
import { dayInWords } from '../../clock/model'
import type { Boat, BoatTitle } from '../../draft/queries'
import type { Handle } from '../../course/model'
import { later } from '../../shared/later'
import { Button } from '../../shared/ui/Button'
import { useAddress } from '../../shared/useAddress'
import { useSwitch } from '../../shared/useSwitch'
import { Chart } from '../../water/Chart'
import { around, type Extent } from '../../water/model'
import type { Place, SeaSpot } from '../../water/queries'
import type { PlanDay } from '../plan/usePlanDay'
import { Frame } from '../Frame'
import { Beneath } from './Beneath'
import { begunAt } from './begunAt'
import { drawn } from './course/asked'
import { CourseAside } from './course/CourseAside'
import { CourseStrip } from './course/CourseStrip'
import { useCourse } from './course/useCourse'
import { PlaceList } from './PlaceList'
import { useHere } from './useHere'
import { useWater } from './useWater'
import { WaterHead } from './WaterHead'

const MarksSheet = later(() => import('./MarksSheet').then((module) => module.MarksSheet))
const GridsSheet = later(() => import('./GridsSheet').then((module) => module.GridsSheet))

/** So much of the sea about her is shown on each side (m). */
const NEAR_M = 1500

/** The water of the day: its newest picture, the edges in it, and where it is worth beginning. */
export function WaterStation({
  boat,
  boats,
  planDay,
  kept,
}: {
  boat: Boat
  boats: readonly BoatTitle[]
  planDay: PlanDay
  kept: Plan
}) {
  const { plan, edit } = usePlan(boat.boatId, kept)
  const target = answerOf(plan.answers, 'TARGET')?.choice
  const w = useWater(boat, planDay, target as Parameters<typeof useWater>[2])
  const [params, put] = useAddress()
  const course = params.get('course') !== null
  const c = useCourse(boat.boatId, planDay, w, course)
  const edges = useMemo(() => w.begin.edges.map((edge) => drawn(edge, w.sea)), [w.begin, w.sea])
  const h = useHere(boat.boatId, planDay, w.sea)
  const layers = useMemo(
    () => [...w.layers, ...h.track, ...c.layers, ...h.vessel],
    [w.layers, h.track, c.layers, h.vessel],
  )
  const [lookAt, setLookAt] = useState<Extent | null>(null)
  useEffect(() => setLookAt(c.lookAt), [c.lookAt])
  const [night, toggleNight] = useSwitch('moss.night')
  const [over, setOver] = useState<SeaSpot | null>(null)
  const [sheet, setSheet] = useState<'grids' | 'marks' | null>(null)
  const [dropped, setDropped] = useState<File | null>(null)
  const go = useNavigate()
  const { date, place } = planDay
  const beginAt = (one: Place, runMin: number) => {
    edit(begunAt(one, runMin))
    void go(`/boats/${boat.boatId}/plan${window.location.search}`)
  }
  return (
    <div className={`h-full ${night ? 'night' : ''}`}>
      <Frame boat={boat} boats={boats} words={`${dayInWords(date)}, ${place.name}`}>
        <main className="flex min-h-0 flex-1 max-md:flex-col" aria-busy={w.waiting} data-testid="water">
          <div
            className="flex min-w-0 flex-1 flex-col"
            onDragOver={(event) => event.preventDefault()}
            onDrop={(event) => {
              event.preventDefault()
              setDropped(event.dataTransfer.files[0] ?? null)
              setSheet('grids')
            }}
          >
            <WaterHead boat={boat.boatId} {...{ w, night }} timeZone={place.timeZone} onNight={toggleNight} />
            {w.problem && (
              <p role="alert" className="border-y-2 border-rust px-4 py-2">
                {w.problem.message}
              </p>
            )}
            <Chart
              sea={w.sea}
              bounds={w.bounds}
              layers={layers}
              label="Picture of the water, north up. Arrows move it, plus and minus make it larger and smaller."
              onRead={setOver}
              onPlace={w.choose}
              lookAt={lookAt}
              onHold={course ? (handle, spot) => c.hold(handle as Handle, spot) : undefined}
            />
            {course && <CourseStrip c={c} boat={boat.boatId} day={planDay.date} />}
            <Beneath
              {...{ w, over, course }}
              boat={h}
              onBoat={(spot) => setLookAt(around([w.sea.toXy(spot)], NEAR_M))}
              onSheet={setSheet}
            />
          </div>
          <aside
            aria-label={course ? 'Course' : 'Places to begin'}
            className="w-[304px] shrink-0 overflow-auto border-l-[3px] border-ink px-3 py-2 max-md:w-full max-md:border-t-[3px] max-md:border-l-0"
          >
            <div role="group" aria-label="Beside the picture" className="mb-2 flex gap-2">
              <Button small tone={course ? 'plain' : 'strong'} onClick={() => put({ course: null })}>
                Places
              </Button>
              <Button small tone={course ? 'strong' : 'plain'} onClick={() => put({ course: '1' })}>
                Course
              </Button>
            </div>
            {course ? (
              <CourseAside
                c={c}
                edges={edges}
                depthAt={w.depthAt}
                timeZone={place.timeZone}
                home={place}
                here={h.here}
              />
            ) : (
              <PlaceList
                {...{ w, target, planDay }}
                boat={boat.boatId}
                onBegin={beginAt}
                onCourse={(one) => {
                  c.begin(one)
                  put({ course: '1' })
                }}
              />
            )}
          </aside>
        </main>
        <Suspense fallback={null}>
          {sheet === 'marks' && (
            <MarksSheet boat={boat.boatId} marks={w.marks} onClose={() => setSheet(null)} />
          )}
          {sheet === 'grids' && (
            <GridsSheet
              boat={boat.boatId}
              grids={w.grids}
              timeZone={place.timeZone}
              dropped={dropped}
              onClose={() => {
                setSheet(null)
                setDropped(null)
              }}
            />
          )}
        </Suspense>
      </Frame>
    </div>
  )
}
