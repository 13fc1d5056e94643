import type { Boat } from '../../draft/queries'
import type { Layout } from './layout'

/** Her outline from above and her profile from the side. */
export function Hull({ boat, layout: { x, plan, side, perMetre } }: { boat: Boat; layout: Layout }) {
  const half = boat.beamM / 2
  const bow = -boat.lengthM
  const shoulder = -boat.lengthM * 0.55
  const hull = `M${x(0)} ${plan(half * 0.94)} L${x(shoulder)} ${plan(half)} Q${x(bow * 0.86)} ${plan(half * 0.9)} ${x(bow)} ${plan(0)} Q${x(bow * 0.86)} ${plan(-half * 0.9)} ${x(shoulder)} ${plan(-half)} L${x(0)} ${plan(-half * 0.94)} Z`
  const board = Math.min(1.1, 0.12 * boat.lengthM)
  const profile = `M${x(0)} ${side(-0.4)} L${x(0)} ${side(board)} L${x(bow * 0.5)} ${side(board * 1.15)} L${x(bow)} ${side(board * 1.7)} L${x(bow * 0.86)} ${side(-0.2)} Z`
  return (
    <>
      <path d={hull} className="fill-foam stroke-ink stroke-2" />
      <path d={profile} className="fill-shade stroke-ink stroke-2" />
      {boat.engines > 0 && (
        <rect
          x={x(0)}
          y={side(0.9)}
          width={0.6 * perMetre}
          height={1.3 * perMetre}
          rx={4}
          className="fill-slate stroke-ink"
        />
      )}
    </>
  )
}
