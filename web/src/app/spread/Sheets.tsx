import { Suspense } from 'react'
import { clockOf, streamAt } from '../../clock/model'
import { later } from '../../shared/later'
import { SpreadConflict } from '../SpreadConflict'
import type { SpreadState } from './useSpread'

const GearSheet = later(() => import('../../spread/gear/GearSheet').then((module) => module.GearSheet))
const CalibrationSheet = later(() =>
  import('../../spread/calibration/CalibrationSheet').then((module) => module.CalibrationSheet),
)
const RefillOffer = later(() => import('./RefillOffer').then((module) => module.RefillOffer))
const AwaySheet = later(() => import('./PutAwaySpreads').then((module) => module.AwaySheet))
const WaterSheet = later(() => import('../../spread/water/WaterSheet').then((module) => module.WaterSheet))

/** What lies over the station when it is asked for. */
export function Sheets({ s }: { s: SpreadState }) {
  const { boat, gear, editor, saving, sheet, chosenLine, selected } = s
  const onClose = () => s.setSheet(null)
  return (
    <Suspense fallback={null}>
      {sheet === 'gear' && <GearSheet boat={boat.boatId} gear={gear} open onClose={onClose} />}
      {sheet === 'water' && (
        <WaterSheet {...{ editor, onClose }} engines={boat.engines} tide={tideOf(s)} open />
      )}
      {chosenLine && sheet === 'seen' && (
        <CalibrationSheet
          boat={boat.boatId}
          gear={gear}
          line={chosenLine}
          label={s.label(chosenLine.lineId)}
          depthM={s.solved.find((line) => line.lineId === selected)?.tow.depthM ?? 1}
          speedMps={editor.doc.draft.speedThroughWaterMps}
          open
          onClose={onClose}
        />
      )}
      {sheet === 'away' && (
        <AwaySheet boat={boat.boatId} titles={s.titles} openId={editor.base.spreadId} onClose={onClose} />
      )}
      {s.offer && <RefillOffer s={s} offer={s.offer} />}
      <SpreadConflict {...{ saving, editor, boat, gear }} />
    </Suspense>
  )
}

function tideOf({ day, trip }: SpreadState) {
  const stream = day && streamAt(day, trip.at)
  return stream ? { ...stream, when: clockOf(trip.at, trip.place.timeZone) } : null
}
