import { Button } from '../../shared/ui/Button'
import { useUnits } from '../../units/UnitsContext'
import { BoatPlan } from '../stage/BoatPlan'
import type { ViewProps } from '../stage/PlanView'
import type { StageScales } from '../stage/scales'
import type { Turns } from '../../draft/queries'
import { foulingAt, momentAt, sideOf, type Turned } from './model'
import { degrees, sideWord, stops } from './sentences'
import { SwungLines, SwungLures } from './Swung'

/** The whole stage as a plan while she turns: the simulated half turn, seen from the boat. */
export function TurnedView({
  boat,
  doc,
  lures,
  label,
  turns,
  turned,
  scales,
  width,
  height,
}: Pick<ViewProps, 'boat' | 'doc' | 'lures'> & {
  label(lineId: string): string
  turns: Turns
  turned: Turned
  scales: StageScales
  width: number
  height: number
}) {
  const side = sideOf(turns, turned)
  const moment = momentAt(side, turned)
  const fouling = foulingAt(side, turned)
  const used = new Set(doc.draft.lines.map((line) => line.holderId))
  if (!moment) return null
  const swung = { lines: moment.lines, fouling, x: scales.x, y: scales.plan }
  return (
    <g data-testid="turned">
      <rect x={0} y={0} width={width} height={height} className="fill-water" />
      <BoatPlan boat={boat} scales={scales} used={used} />
      <SwungLines {...swung} />
      <SwungLures {...{ ...swung, doc, lures, label }} />
      {fouling.length > 0 &&
        side.foul &&
        side.foul.straightM < 0.5 &&
        Math.abs(Math.abs(turned) - side.limitDeg) < 8 && (
          <circle
            cx={scales.x(side.foul.asternM)}
            cy={scales.plan(side.foul.starboardM)}
            r={20}
            fill="none"
            strokeDasharray="4 4"
            className="stroke-rust stroke-[2.5]"
          />
        )}
    </g>
  )
}

/** What the drawing shows, over it: it wraps where the stage is narrow. Below lies the helm. */
export function TurnedCaption({
  turns,
  turned,
  label,
  onStraight,
}: {
  turns: Turns
  turned: Turned
  label(lineId: string): string
  onStraight(): void
}) {
  const units = useUnits()
  const side = sideOf(turns, turned)
  const fouls = foulingAt(side, turned).length > 0
  return (
    <div className="pointer-events-none absolute inset-x-4 top-3 flex items-start justify-between gap-4">
      <div className="leading-snug">
        <p aria-live="polite">
          <b className="mr-2 text-[17px]">
            {Math.abs(turned)}° to {sideWord(side.side)}
          </b>
          <span className="text-sm text-slate">
            {Math.round(momentAt(side, turned)?.afterS ?? 0)} s at a radius of{' '}
            {units.say('distance', turns.radiusM)}. Look out before you turn: trolling gives no right of way.
          </span>
        </p>
        <p className={fouls ? 'font-bold text-rust-text' : 'text-slate'} data-testid="turned-says">
          {side.foul && !fouls ? `Clear to ${degrees(side.limitDeg)}.` : stops(side, units, label)}
        </p>
      </div>
      <Button small className="pointer-events-auto shrink-0" onClick={onStraight}>
        Straight again
      </Button>
    </div>
  )
}
