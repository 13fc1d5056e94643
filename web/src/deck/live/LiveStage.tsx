import { useSize } from '../../shared/useWidth'
import { BackWay, type WayTo } from './BackWay'
import { CourseWay } from './CourseWay'
import { planFrame, wayOf, type Up } from './frame'
import { LivePlan, type LiveProps } from './LivePlan'
import { LiveSide } from './LiveSide'
import { LiveTable } from './LiveTable'
import type { Live } from './queries'
import { SeenMarks, type SeenThing } from './SeenMarks'
import { ScaleBar } from './ScaleBar'
import { StreamArrow } from './StreamArrow'

/** Of the height, how much is seen from the side. */
const SIDE_SHARE = 0.36

/** The spread on the water from above; with the bow to the left from the side too, on the same axis. */
export function LiveStage({
  now,
  named,
  called,
  up,
  boatM,
  back,
  along,
  sightings,
}: LiveProps & {
  /** Things that were seen, where they lay. */
  sightings: readonly SeenThing[]
  up: Up
  boatM: number
  /** The way that was chosen: back over a mark, or to what moves. */
  back: WayTo | undefined
  /** The course that was taken along. */
  along?: Live['along'] | undefined
}) {
  const [frame, width, height] = useSize()
  const side = up === 'BOW' ? Math.round(height * SIDE_SHARE) : 0
  const size = { width, height: height - side }
  const plan = planFrame(now, up, size, back ? wayOf(back) : [])
  const heading = (now.headingDeg * Math.PI) / 180
  const x = (asternM: number) => plan.x(-asternM * Math.cos(heading), -asternM * Math.sin(heading))
  return (
    <div
      ref={frame}
      className="relative min-h-0 min-w-0 flex-1 overflow-hidden bg-water max-md:min-h-80"
      data-testid="live-stage"
    >
      <svg width={width} height={height} className="absolute inset-0 block" aria-hidden>
        {along && <CourseWay along={along} frame={plan} />}
        <LivePlan {...{ now, named, called, boatM, size }} frame={plan} />
        <SeenMarks {...{ now, sightings, size }} frame={plan} />
        {back && <BackWay back={back} frame={plan} />}
        <StreamArrow now={now} frame={plan} x={width - 40} />
        <ScaleBar perM={plan.perM} x={14} y={size.height - 14} />
        {side > 0 && <LiveSide {...{ now, named, called, x, width }} top={size.height} height={side} />}
        <text x={14} y={22} className="fill-ink text-[15px]">
          {up === 'BOW' ? 'Bow to the left, starboard up' : 'North up'}
        </text>
      </svg>
      <LiveTable now={now} named={named} />
    </div>
  )
}
