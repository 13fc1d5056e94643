import { QuantityField } from '../shared/ui/QuantityField'
import { Select } from '../shared/ui/Select'
import { TypedField } from '../shared/ui/TypedField'
import { useWidth } from '../shared/useWidth'
import { useUnits } from '../units/UnitsContext'
import { asSentence, saySentence } from '../units/sentence'
import type { Bait } from './queries'
import { BAITS } from './words'
import { RANGES } from '../shared/api/generated/ranges'

export interface BaitActions {
  kind(kind: Bait['kind']): void
  length(metres: number): void
  angle(radians: number): void
}

/** A bait to its length with its hooks where they belong, over a ruler. */
export function BaitDrawing({ bait, act }: { bait: Bait; act: BaitActions }) {
  const [frame, width] = useWidth()
  const units = useUnits()
  const total = bait.kind === 'DOUBLE_LIVE' ? 2 * bait.lengthM + 0.05 : bait.lengthM
  const left = 24
  const scale = (Math.min(width, 760) - 2 * left) / total
  const x = (metres: number) => left + metres * scale
  const y = 46
  const depth = Math.min(34, 0.115 * bait.lengthM * scale)
  const angle = bait.cut?.angleRad ?? bait.bend?.angleRad
  return (
    <div className="grid gap-2" data-testid="bait">
      <div className="flex flex-wrap items-center gap-3">
        <Select
          aria-label="Bait"
          value={bait.kind}
          onChange={(event) => act.kind(event.target.value as Bait['kind'])}
        >
          {Object.entries(BAITS).map(([kind, words]) => (
            <option key={kind} value={kind}>
              {words}
            </option>
          ))}
        </Select>
        <span className="text-slate">of</span>
        <QuantityField
          label="Length of the bait"
          what="a length"
          figure="small"
          si={bait.lengthM}
          range={RANGES.RigDraft.baitLengthM}
          onSet={act.length}
        />
        {angle !== undefined && (
          <>
            <span className="text-slate">{bait.cut ? 'cut at' : 'bent by'}</span>
            <TypedField
              label={bait.cut ? 'Angle of the cut' : 'Angle of the bend'}
              value={`${Math.round((angle * 180) / Math.PI)}°`}
              size={4}
              className="h-11"
              onCommit={(typed) => {
                const degrees = Number(typed.replace('°', '').replace(',', '.'))
                if (!(degrees >= 0 && degrees <= 75)) return 'Type an angle from 0° to 75°.'
                act.angle((degrees * Math.PI) / 180)
                return null
              }}
            />
          </>
        )}
      </div>
      <div ref={frame} className="overflow-x-auto">
        <svg width={Math.min(width, 760)} height={128} role="img" aria-label={described(bait, units.say)}>
          <Body {...{ bait, x, y, depth }} from={0} />
          {bait.kind === 'DOUBLE_LIVE' && <Body {...{ bait, x, y, depth }} from={bait.lengthM + 0.05} />}
          {bait.hooks.map((hook, at) => {
            const hx = x(hook.alongM)
            const hy = y - hook.acrossShare * depth * 0.8
            const before = bait.hooks[at - 1]
            return (
              <g key={`${hook.alongM} ${hook.words}`}>
                {before && (
                  <path
                    d={`M ${x(before.alongM)} ${y - before.acrossShare * depth * 0.8} Q ${(x(before.alongM) + hx) / 2} ${hy + 14} ${hx} ${hy}`}
                    fill="none"
                    className="stroke-ink stroke-[1.5]"
                  />
                )}
                <path
                  d={`M ${hx} ${hy} h 8 q 9 0 9 9 q 0 9 -9 9 q -7 0 -7 -6`}
                  fill="none"
                  className="stroke-foam stroke-[6]"
                />
                <path
                  d={`M ${hx} ${hy} h 8 q 9 0 9 9 q 0 9 -9 9 q -7 0 -7 -6`}
                  fill="none"
                  className="stroke-ink stroke-[2.5]"
                />
                <line x1={hx} x2={hx} y1={hy} y2={100} className="stroke-ink/40" />
                <text
                  x={at === 0 ? hx + 4 : hx - 5}
                  y={97}
                  textAnchor={at === 0 ? 'start' : 'end'}
                  className="fill-ink stroke-foam stroke-[4] text-[13px] font-bold [paint-order:stroke]"
                >
                  {before
                    ? `+ ${units.say('small', hook.alongM - before.alongM)}`
                    : units.say('small', hook.alongM)}
                </text>
              </g>
            )
          })}
          <Ruler total={total} x={x} y={102} />
        </svg>
      </div>
      <ul className="grid gap-x-6 md:grid-cols-2">
        {bait.hooks.map((hook, at) => (
          <li key={`${hook.alongM} ${hook.words}`}>
            <b className="font-mono">{at + 1}</b> {hook.words}
          </li>
        ))}
      </ul>
      <ul className="text-slate">
        {bait.notes.map((note) => (
          <li key={note.text}>{asSentence(saySentence(note, units, 'UTC'))}</li>
        ))}
      </ul>
    </div>
  )
}

const described = (bait: Bait, say: (figure: 'small', si: number) => string): string =>
  `${BAITS[bait.kind]} of ${say('small', bait.lengthM)}: ${bait.hooks.map((hook) => `${hook.words} at ${say('small', hook.alongM)}`).join('; ')}`

/** An outline of our own: fish-shaped, or long and thin. */
function Body({
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

/** In the reader's own small unit. */
function Ruler({ total, x, y }: { total: number; x(metres: number): number; y: number }) {
  const unit = useUnits().unit('small')
  const step = unit.id === 'INCH' ? 1 : total > 0.5 ? 5 : 1
  const every = unit.id === 'INCH' ? (total > 0.5 ? 4 : 2) : total > 0.5 ? 20 : 5
  const count = Math.floor(total / unit.factor / step)
  return (
    <g className="stroke-ink">
      <line x1={x(0)} x2={x(total)} y1={y} y2={y} />
      {Array.from({ length: count + 1 }, (_, i) => i * step).map((value) => (
        <g key={value}>
          <line
            x1={x(value * unit.factor)}
            x2={x(value * unit.factor)}
            y1={y}
            y2={y + (value % every === 0 ? 9 : 5)}
          />
          {value % every === 0 && (
            <text
              x={x(value * unit.factor)}
              y={y + 22}
              textAnchor="middle"
              stroke="none"
              className="fill-slate font-mono text-[12px]"
            >
              {value}
            </text>
          )}
        </g>
      ))}
      <text x={x(total) + 4} y={y + 4} stroke="none" className="fill-slate text-[12px]">
        {unit.symbol}
      </text>
    </g>
  )
}
