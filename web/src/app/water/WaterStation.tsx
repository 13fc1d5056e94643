import { useEffect, useMemo, useState } from 'react'
import { useNavigate } from 'react-router'
import { answerOf } from '../../call/model'
import type { Plan } from '../../call/queries'
import { usePlan } from '../../call/usePlan'
import { dayInWords } from '../../clock/model'
import type { Boat, BoatTitle } from '../../draft/queries'
import type { Handle } from '../../course/model'
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
import { CourseStrip } from './course/CourseStrip'
import { useCourse } from './course/useCourse'
import { useHere } from './useHere'
import { useWater } from './useWater'
import { WaterAside } from './WaterAside'
import { WaterHead } from './WaterHead'
import { WaterSheets, type Shown } from './WaterSheets'

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
  const setCourse = (on: boolean) => put({ course: on ? '1' : null })
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
  const [sheet, setSheet] = useState<Shown | null>(null)
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
              setSheet({ what: 'grids', dropped: event.dataTransfer.files[0] })
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
              onSheet={(what) => setSheet({ what })}
            />
          </div>
          <WaterAside
            {...{ w, c, h, edges, planDay, target, course }}
            boat={boat.boatId}
            onCourse={setCourse}
            onBegin={beginAt}
          />
        </main>
        <WaterSheets
          {...{ w, sheet }}
          boat={boat.boatId}
          timeZone={place.timeZone}
          onClose={() => setSheet(null)}
        />
      </Frame>
    </div>
  )
}
