import { roundStep } from '../../units/roundStep'
import { useUnits, type Units } from '../../units/UnitsContext'
import { fromSi, toSi } from '../../units/model'
import type { Boat } from '../../draft/queries'
import type { StageScales } from './scales'

/** Air, water and depth marks of the side view. */
export function Water({ scales, bottomM }: { scales: StageScales; bottomM: number | undefined }) {
  const units = useUnits()
  const { side, sideTop, sideHeight, width, x } = scales
  const bottom = sideTop + sideHeight
  const marks = depthMarks(units, scales, bottomM)
  return (
    <g>
      <rect x={0} y={sideTop} width={width} height={sideHeight} className="fill-water" />
      <rect x={0} y={side(0)} width={width} height={Math.max(0, bottom - side(0))} className="fill-under" />
      <line x1={0} x2={width} y1={side(0)} y2={side(0)} className="stroke-deep stroke-2" />
      <text x={16} y={side(0) + 20} className="fill-ink text-[13px] font-bold">
        Side
      </text>
      {marks.map((mark) => (
        <g key={mark.text}>
          <line x1={x(0)} x2={width} y1={side(-mark.m)} y2={side(-mark.m)} className="stroke-foam" />
          <text x={16} y={side(-mark.m) + 4} className="fill-slate font-mono text-[13px]">
            {mark.text}
          </text>
        </g>
      ))}
    </g>
  )
}

/** How near to the bottom no mark stands (px). */
const OFF_BOTTOM_PX = 14

function depthMarks(units: Units, scales: StageScales, bottomM = Infinity) {
  const unit = units.unit('distance')
  const deepest = fromSi(
    -scales.side.invert(scales.sideTop + scales.sideHeight - (scales.narrow ? 62 : 20)),
    unit,
  )
  const px = (value: number) => toSi(value, unit) * scales.stretch * scales.pxPerM
  const step = roundStep(px(1), 40)
  const count = Math.max(0, Math.floor(deepest / step))
  return Array.from({ length: count }, (_, i) => (i + 1) * step)
    .filter((value) => px(value) > 30 && px(value) < bottomM * scales.stretch * scales.pxPerM - OFF_BOTTOM_PX)
    .map((value) => ({ m: toSi(value, unit), text: `${value} ${unit.symbol}` }))
}

export function BoatSide({ boat, scales }: { boat: Boat; scales: StageScales }) {
  const { x, side } = scales
  const length = boat.lengthM
  const freeboard = Math.max(0.6, length * 0.1)
  const hull = `M${x(0)} ${side(freeboard)} L${x(-length)} ${side(freeboard * 1.5)} Q${x(-length * 0.9)} ${side(0)} ${x(-length * 0.82)} ${side(-0.3)} L${x(0)} ${side(-0.3)} Z`
  return <path d={hull} className="fill-foam stroke-ink stroke-2" />
}
