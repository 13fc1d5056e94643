import type { Boat, Holder } from '../../draft/queries'
import type { StageScales } from './scales'

/** The hull from above with its poles and rods; `used` are the holders with a line. */
export function BoatPlan({
  boat,
  scales,
  used,
}: {
  boat: Boat
  scales: StageScales
  used: ReadonlySet<string>
}) {
  const { x, plan } = scales
  const half = boat.beamM / 2
  const bow = -boat.lengthM
  const shoulder = -boat.lengthM * 0.55
  const hull = `M${x(0)} ${plan(half * 0.94)} L${x(shoulder)} ${plan(half)} Q${x(bow * 0.86)} ${plan(half * 0.9)} ${x(bow)} ${plan(0)} Q${x(bow * 0.86)} ${plan(-half * 0.9)} ${x(shoulder)} ${plan(-half)} L${x(0)} ${plan(-half * 0.94)} Z`
  return (
    <g>
      <path d={hull} className="fill-foam stroke-ink stroke-2" />
      {boat.holders.map((holder) => (
        <HolderMark key={holder.holderId} holder={holder} scales={scales} used={used.has(holder.holderId)} />
      ))}
    </g>
  )
}

/** A pole or rod from its base to its tip; a free one is thin, with an open tip. */
function HolderMark({ holder, scales, used }: { holder: Holder; scales: StageScales; used: boolean }) {
  const { x, plan } = scales
  const tip = { x: x(holder.tip.asternM), y: plan(holder.tip.starboardM) }
  return (
    <g className={used ? 'stroke-ink' : 'stroke-ink/50'}>
      <title>{`${holder.name}${used ? '' : ', free'}`}</title>
      <line
        x1={x(holder.base.asternM)}
        y1={plan(holder.base.starboardM)}
        x2={tip.x}
        y2={tip.y}
        strokeWidth={used ? 2 : 1}
      />
      <circle cx={tip.x} cy={tip.y} r={2.2} className={used ? 'fill-ink' : 'fill-foam'} />
    </g>
  )
}
