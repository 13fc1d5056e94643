import { useUnits } from '../../units/UnitsContext'
import { Tile } from '../Tile'
import type { Named } from './LivePlan'
import type { LiveNow } from './queries'

/** How she turns, how fast she goes where no log tells it, and the lure that is nearest to the bottom. */
export function LiveTiles({
  now,
  named,
  logged,
}: {
  now: LiveNow
  named: ReadonlyMap<string, Named>
  /** A log tells her speed through the water. */
  logged: boolean
}) {
  const units = useUnits()
  const straight = now.radiusM === undefined
  const lowest = now.lines
    .filter((line) => line.offBottomM !== undefined && !line.slack)
    .sort((a, b) => a.offBottomM! - b.offBottomM!)[0]
  return (
    <>
      {!logged && (
        <Tile
          title="Through water"
          figure={units.figure('speed', now.throughMps)}
          unit={units.unit('speed').symbol}
          beneath={`reckoned, ±${units.say('speed', now.throughDoubtMps)}`}
        />
      )}
      {now.towing && (
        <Tile
          title={straight ? 'Turning' : `Turning to ${now.turnDegMin > 0 ? 'starboard' : 'port'}`}
          figure={straight ? '0' : String(Math.round(Math.abs(now.turnDegMin)))}
          unit="°/min"
          beneath={straight ? 'on a straight course' : `circle of ${units.say('distance', now.radiusM!)}`}
        />
      )}
      {lowest && (
        <Tile
          title="Nearest the bottom"
          figure={`${named.get(lowest.lineId)?.label ?? ''} ${units.figure('distance', Math.max(0, lowest.offBottomM!))}`}
          unit={units.unit('distance').symbol}
          beneath={`runs at ${units.say('distance', lowest.lureDepthM)}`}
        />
      )}
    </>
  )
}
