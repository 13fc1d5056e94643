import type { Bait } from '../queries'

/** An outline of our own: fish-shaped, or long and thin. */
export function BaitOutline({
  bait,
  x,
  y,
  depth,
  from,
}: {
  bait: Bait
  x(metres: number): number
  y: number
  depth: number
  from: number
}) {
  const a = x(from)
  const b = x(from + bait.lengthM)
  const long = b - a
  if (bait.kind === 'EEL_SHAPED')
    return (
      <path
        d={`M ${a} ${y} q ${long * 0.06} -11 ${long * 0.2} -9 q ${long * 0.5} -4 ${long * 0.8} 9 q ${-long * 0.3} 12 ${-long * 0.8} 8 q ${-long * 0.14} 3 ${-long * 0.2} -8`}
        className="fill-moss/30 stroke-ink"
      />
    )
  const fish = `M ${a} ${y} Q ${a + long * 0.3} ${y - 1.9 * depth} ${b - long * 0.14} ${y - 3} L ${b} ${y - depth} L ${b - long * 0.05} ${y} L ${b} ${y + depth} L ${b - long * 0.14} ${y + 3} Q ${a + long * 0.3} ${y + 1.9 * depth} ${a} ${y} Z`
  if (bait.cut) {
    const front = x(from + bait.lengthM - bait.cut.longSideM)
    const back = x(from + bait.lengthM - bait.cut.shortSideM)
    return (
      <g>
        <clipPath id="kept">
          <path d={`M ${front} ${y + 60} L ${back} ${y - 60} H ${b + 4} V ${y + 60} Z`} />
        </clipPath>
        <path d={fish} className="fill-none stroke-ink/40" strokeDasharray="4 3" />
        <path d={fish} clipPath="url(#kept)" className="fill-moss/30 stroke-ink" />
        <line
          x1={front - ((front - back) * (60 - 1.1 * depth)) / 120}
          y1={y + 1.1 * depth}
          x2={back - ((back - front) * (60 - 1.1 * depth)) / 120}
          y2={y - 1.1 * depth}
          className="stroke-rust stroke-2"
          strokeDasharray="5 3"
        />
      </g>
    )
  }
  if (bait.bend) {
    const middle = a + long / 2
    const down = Math.min(26, (long / 2) * Math.sin(bait.bend.angleRad) * 0.35)
    return (
      <g>
        <path
          d={`M ${a} ${y} Q ${a + long * 0.25} ${y - 1.9 * depth} ${middle} ${y - depth} Q ${b - long * 0.2} ${y - depth * 0.3 + down * 0.4} ${b} ${y + down - depth * 0.7} L ${b - long * 0.04} ${y + down} L ${b - long * 0.02} ${y + down + depth * 0.9} Q ${b - long * 0.25} ${y + depth * 0.7 + down * 0.5} ${middle} ${y + depth} Q ${a + long * 0.25} ${y + 1.9 * depth} ${a} ${y} Z`}
          className="fill-moss/30 stroke-ink"
        />
        <line
          x1={a + 6}
          x2={a + bait.bend.stickM * (long / bait.lengthM)}
          y1={y + 3}
          y2={y + 3}
          className="stroke-rust stroke-[3]"
        />
      </g>
    )
  }
  return (
    <g>
      <path d={fish} className="fill-moss/30 stroke-ink" />
      <circle cx={a + long * 0.07} cy={y - depth * 0.25} r={3} className="fill-ink" />
    </g>
  )
}
