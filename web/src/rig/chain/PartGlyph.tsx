import { isLine, type Placed } from '../model'

/** A part drawn on the chain's middle line at `y`. Shapes tell what it is; words and strength stand beside it. */
export function PartGlyph({ placed: { part, x, width }, y }: { placed: Placed; y: number }) {
  const middle = x + width / 2
  if (isLine(part.sort)) return <LineGlyph {...{ part, x, width, y }} />
  switch (part.sort) {
    case 'SPOOL':
      return (
        <g className="fill-none stroke-ink">
          <circle cx={middle - 4} cy={y} r={22} className="fill-foam stroke-[2.5]" />
          <circle cx={middle - 4} cy={y} r={14} className="stroke-slate stroke-[3]" />
          <circle cx={middle - 4} cy={y} r={4} className="fill-ink" />
          <path d={`M ${middle + 10} ${y - 17} L ${x + width} ${y}`} className="stroke-[2.5]" />
        </g>
      )
    case 'JOIN':
      return (
        <g className="fill-none stroke-ink stroke-[2.5]">
          <ellipse cx={middle - width * 0.2} cy={y} rx={width * 0.28} ry={6} />
          <ellipse cx={middle + width * 0.2} cy={y} rx={width * 0.28} ry={6} />
        </g>
      )
    case 'END_ABOVE':
    case 'END_BELOW':
      return part.name.includes('crimp') ? (
        <g>
          <rect x={middle - 10} y={y - 5.5} width={20} height={11} rx={1.5} className="fill-ink" />
          <path d={`M ${x} ${y} H ${x + width}`} className="stroke-ink stroke-2" />
        </g>
      ) : (
        <g className="fill-none stroke-ink stroke-2">
          <path d={`M ${x} ${y} H ${x + width}`} />
          {[-6, -2, 2, 6].map((dx) => (
            <path key={dx} d={`M ${middle + dx - 2} ${y + 5} l 4 -10`} />
          ))}
        </g>
      )
    case 'FITTING':
      return (
        <g className="fill-none stroke-ink stroke-[2.5]">
          <circle cx={x + 8} cy={y} r={6} />
          <path d={`M ${x + 14} ${y} H ${x + width - 14}`} className="stroke-[5]" />
          <circle cx={x + width - 8} cy={y} r={6} />
          {part.fitting === 'SNAP_SWIVEL' && (
            <path d={`M ${x + width - 8} ${y - 6} q 9 6 0 12`} className="stroke-2" />
          )}
          {part.fitting === 'THREE_WAY' && <path d={`M ${middle} ${y} v 12`} className="stroke-[4]" />}
        </g>
      )
    case 'WEIGHT':
      return (
        <path
          d={`M ${x} ${y} q ${width / 2} -24 ${width} 0 q ${-width / 2} 24 ${-width} 0`}
          className="fill-ink"
        />
      )
    case 'ATTRACTOR':
      return (
        <g className="fill-foam stroke-ink stroke-2">
          <path
            d={`M ${x} ${y} L ${x + 10} ${y - 13} H ${x + width - 6} L ${x + width} ${y} L ${x + width - 6} ${y + 13} H ${x + 10} Z`}
          />
          <path d={`M ${x + 14} ${y - 8} L ${x + width - 12} ${y + 8}`} className="stroke-slate" />
        </g>
      )
    case 'HOOKS':
      return <HooksGlyph x={x} width={width} y={y} kind={part.name} />
    default:
      return (
        <path
          d={`M ${x} ${y} q ${width * 0.25} -14 ${width * 0.7} -4 l ${width * 0.28} -8 v 24 l ${-width * 0.28} -8 q ${-width * 0.45} 10 ${-width * 0.7} -4`}
          className="fill-slate stroke-ink"
        />
      )
  }
}

function LineGlyph({ part, x, width, y }: Omit<Placed, 'at'> & { y: number }) {
  const thin = part.sort === 'BITE_LEADER' || part.material === 'WIRE'
  const woven = part.material === 'BRAID' || part.material === 'HOLLOW_BRAID'
  const broken = part.sort !== 'BACKING' && (part.lengthM ?? 0) > 3
  const middle = x + width / 2
  const line = broken
    ? `M ${x} ${y} H ${middle - 8} l 5 -9 l 6 18 l 5 -9 H ${x + width}`
    : `M ${x} ${y} H ${x + width}`
  return (
    <path
      d={line}
      fill="none"
      className={`stroke-ink ${thin ? 'stroke-[1.5]' : 'stroke-[4]'}`}
      {...(woven && { strokeDasharray: '7 3' })}
    />
  )
}

function HooksGlyph({ x, width, y, kind }: { x: number; width: number; y: number; kind: string }) {
  const hook = (at: number, up: boolean) => {
    const s = up ? -1 : 1
    return (
      <path
        key={`${at} ${up}`}
        d={`M ${at} ${y} h 12 q 8 0 8 ${s * 8} q 0 ${s * 8} -8 ${s * 8} q -6 0 -6 ${-s * 5}`}
      />
    )
  }
  const points = kind.startsWith('treble')
    ? [hook(x + 6, true), hook(x + 6, false), hook(x + 14, false)]
    : kind.startsWith('two')
      ? [hook(x + 2, false), hook(x + 18, true)]
      : [hook(x + 8, false)]
  return (
    <g className="fill-none stroke-ink stroke-[2.5]" strokeLinecap="round">
      <path d={`M ${x} ${y} H ${x + width}`} className="stroke-[1.5]" />
      {points}
    </g>
  )
}
