import { useMemo } from 'react'
import { Bands } from '../../call/Bands'
import type { Catalogue, Playbook } from '../../call/queries'
import type { useCall } from '../../call/useCall'
import { DaySky, SKY_HEIGHT } from '../../clock/DaySky'
import { clockOf, drawnSpan, hoursIn } from '../../clock/model'
import { useTimeSlider } from '../../clock/useTimeSlider'
import { scaleLinear } from '../../shared/scale'
import { NARROW, useWidth } from '../../shared/useWidth'
import type { PlanDay } from './usePlanDay'

const LEFT = 150
const LEFT_NARROW = 118
const MINUTE = 60_000

/** The day is the stage: light, tide and stream above, the calls as bands below, one hairline through both. */
export function DayStage({
  planDay,
  words,
  call,
  at,
  onMove,
  onTake,
}: {
  planDay: PlanDay
  words: Catalogue
  call: ReturnType<typeof useCall>['call']
  at: number
  onMove(at: number): void
  onTake(playbook: Playbook): void
}) {
  const [frame, width] = useWidth()
  const { day, place } = planDay
  const left = width < NARROW ? LEFT_NARROW : LEFT
  const span = useMemo(() => (day ? drawnSpan(day) : { start: 0, end: 1 }), [day])
  const x = useMemo(
    () => scaleLinear([span.start, span.end], [left, Math.max(left + 1, width - 14)]),
    [span, left, width],
  )
  const hours = useMemo(
    () => hoursIn(span, width < NARROW ? 4 : 2).filter((hour) => x(hour) > left + 12 && x(hour) < width - 24),
    [span, width, left, x],
  )
  const slider = useTimeSlider({ span, x, at, grainMin: 5, stepMin: 10, onMove })
  if (!day) return <div ref={frame} style={{ height: SKY_HEIGHT + 360 }} />
  const now = x(slider.clamp(at))
  return (
    <div ref={frame} data-testid="day-stage" className="relative shrink-0 select-none">
      <div className="relative cursor-ew-resize touch-none" {...slider.pointer}>
        <DaySky day={day} timeZone={place.timeZone} at={at} span={span} x={x} left={left} width={width} />
        <div
          {...slider.knob}
          aria-valuenow={at / MINUTE}
          aria-valuetext={clockOf(at, place.timeZone)}
          className="absolute top-0 -ml-[22px] h-full w-11"
          ref={(element) => {
            if (element) element.style.left = `${now}px`
          }}
        >
          <span className="absolute top-0 left-[21px] h-full border-l-2 border-ink" />
          <span className="absolute bottom-0 -left-1.5 w-14 rounded-sm bg-ink text-center font-mono text-[14px] text-foam">
            {clockOf(at, place.timeZone)}
          </span>
        </div>
      </div>
      {call && (
        <Bands
          {...{ call, words, x, span, left, width, at, hours, onTake }}
          steps={call.steps}
          timeZone={place.timeZone}
        />
      )}
    </div>
  )
}
