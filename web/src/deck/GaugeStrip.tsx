import { useUnits } from '../units/UnitsContext'
import { degrees, isSimulated, QUIET_S, shownOf } from './gauges'
import type { Instruments } from './queries'
import type { Own } from './SourcesSheet'

/** What the instruments tell, legible at arm's length; nothing where there are none. */
export function GaugeStrip({
  instruments,
  lateS,
  own,
}: {
  instruments: Instruments | undefined
  /** How long ago that was answered (s). */
  lateS: number
  /** Of this device, where it is a source. */
  own: Own | null
}) {
  const units = useUnits()
  const shown = instruments ? shownOf(instruments, units, lateS) : []
  const heard = instruments !== undefined && instruments.sources.length > 0
  if (!heard && !own) return null
  return (
    <div
      className="flex shrink-0 items-stretch overflow-x-auto border-b-[3px] border-ink bg-shade"
      data-testid="gauges"
      role="group"
      aria-label="Instruments"
      tabIndex={0}
    >
      {own && <OwnTile own={own} />}
      {heard && isSimulated(instruments) && (
        <p className="flex max-w-28 items-center border-r border-ink/30 px-3 text-base leading-tight font-bold">
          Simulated instruments
        </p>
      )}
      {heard && instruments.hold && lateS <= QUIET_S && (
        <div className="shrink-0 border-r border-ink/30 bg-foam px-3 py-1" data-testid="hold-on-receiver">
          <p className="text-base whitespace-nowrap">Hold on the receiver</p>
          <p className="font-mono text-3xl leading-none whitespace-nowrap">
            {units.figure('speed', instruments.hold.groundMps)}
            <span className="ml-1 text-base">{units.unit('speed').symbol}</span>
          </p>
          <p className="text-base whitespace-nowrap">
            stream {units.say('speed', instruments.hold.streamMps)}, setting{' '}
            {degrees(instruments.hold.streamTowardsDeg)}°
          </p>
        </div>
      )}
      {shown.map((one) => (
        <div
          key={one.gauge}
          className="min-w-28 shrink-0 border-r border-ink/30 px-3 py-1"
          data-gauge={one.gauge}
        >
          <p className="text-base whitespace-nowrap">{one.title}</p>
          <p className={`font-mono text-3xl leading-none whitespace-nowrap ${one.quiet ? 'opacity-70' : ''}`}>
            {one.figure}
            <span className="ml-1 text-base">{one.unit}</span>
          </p>
          <p
            className={`text-base whitespace-nowrap ${one.quiet ? 'font-bold underline decoration-rust decoration-[3px]' : ''}`}
          >
            {one.beneath}
          </p>
        </div>
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
    <div className="min-w-28 shrink-0 border-r border-ink/30 px-3 py-1" data-testid="own-position">
      <p className="text-base whitespace-nowrap">This device, over ground</p>
      <p className="font-mono text-3xl leading-none whitespace-nowrap">
        {speed === undefined ? '–' : units.figure('speed', speed)}
        <span className="ml-1 text-base">{units.unit('speed').symbol}</span>
      </p>
      <p
        className={`text-base whitespace-nowrap ${why ? 'font-bold underline decoration-rust decoration-[3px]' : ''}`}
      >
        {why ??
          (fix
            ? fix.courseDeg === undefined
              ? 'no course yet'
              : `course ${degrees(fix.courseDeg)}°`
            : 'not known yet')}
      </p>
    </div>
  )
}
