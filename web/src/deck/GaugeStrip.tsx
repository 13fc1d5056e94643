import type { ReactNode } from 'react'
import { useUnits } from '../units/UnitsContext'
import { degrees } from '../units/degrees'
import { QUIET_S, shownOf, unreal } from './gauges'
import type { LiveNow } from './live/queries'
import type { Instruments } from './queries'
import type { Own } from './SourcesSheet'
import { Tile } from './Tile'

/** A stream that is no better known is called estimated (m/s). */
const UNSURE_MPS = 0.15

/** What the instruments tell, legible at arm's length; nothing where there are none. */
export function GaugeStrip({
  instruments,
  lateS,
  own,
  live,
  children,
}: {
  instruments: Instruments | undefined
  /** How long ago that was answered (s). */
  lateS: number
  /** Of this device, where it is a source. */
  own: Own | null
  /** Of her way as it is followed: steadier than what is told in one second. */
  live: LiveNow | undefined
  children?: ReactNode
}) {
  const units = useUnits()
  const shown = instruments ? shownOf(instruments, units, lateS) : []
  const heard = instruments !== undefined && instruments.sources.length > 0
  if (!heard && !own) return null
  const hold =
    lateS > QUIET_S
      ? undefined
      : live
        ? {
            groundMps: live.holdMps,
            streamMps: live.streamMps,
            streamTowardsDeg: live.streamTowardsDeg,
            doubtMps: live.streamDoubtMps,
          }
        : instruments?.hold && { ...instruments.hold, doubtMps: 0 }
  return (
    <div
      className="flex shrink-0 items-stretch overflow-x-auto border-b-[3px] border-ink bg-shade"
      data-testid="gauges"
      role="group"
      aria-label="Instruments"
      tabIndex={0}
    >
      {own && <OwnTile own={own} />}
      {heard && unreal(instruments) !== '' && (
        <p className="flex max-w-28 items-center border-r border-ink/30 px-3 text-base leading-tight font-bold">
          {unreal(instruments)}
        </p>
      )}
      {hold && (
        <Tile
          data-testid="hold-on-receiver"
          title="Hold on the receiver"
          figure={units.figure('speed', hold.groundMps)}
          unit={units.unit('speed').symbol}
          beneath={
            hold.doubtMps > UNSURE_MPS
              ? `estimated: stream ±${units.say('speed', hold.doubtMps)}`
              : `stream ${units.say('speed', hold.streamMps)}, setting ${degrees(hold.streamTowardsDeg)}°`
          }
        />
      )}
      {children}
      {shown.map((one) => (
        <Tile
          key={one.gauge}
          data-gauge={one.gauge}
          title={one.title}
          figure={one.figure}
          unit={one.unit}
          beneath={one.beneath}
          quiet={one.quiet}
        />
      ))}
      {heard && shown.length === 0 && <p className="px-3 py-3 text-lg">Nothing heard yet.</p>}
    </div>
  )
}

/** What the device itself knows of the way over ground; where it is, is kept with the day and shown in the sheet. */
function OwnTile({ own: { fix, why } }: { own: Own }) {
  const units = useUnits()
  const speed = fix?.speedOverGroundMps
  return (
    <Tile
      data-testid="own-position"
      title="This device, over ground"
      figure={speed === undefined ? '–' : units.figure('speed', speed)}
      unit={units.unit('speed').symbol}
      beneath={
        why ??
        (fix
          ? fix.courseDeg === undefined
            ? 'no course yet'
            : `course ${degrees(fix.courseDeg)}°`
          : 'not known yet')
      }
      quiet={why !== null}
    />
  )
}
