import type { PointerEvent } from 'react'
import { QuantityField } from '../shared/ui/QuantityField'
import { TypedField } from '../shared/ui/TypedField'
import { Field } from '../shared/ui/Field'
import { toSi } from '../units/model'
import { useUnits } from '../units/UnitsContext'

/** From the bow, to starboard (°), and how far off (m). */
export interface Where {
  bowDeg: number
  offM: number
}

const SIZE = 280
const OUTER = 128
/** Nearer nothing is placed; the hull is drawn there (px). */
const INNER = 22
const NEAREST_M = 25
const FARTHEST_M = 3000
/** Round in the reader's unit. */
const RINGS = [50, 100, 250, 500, 1000, 2000]
const RINGS_FT = [150, 300, 750, 1500, 3000, 6000]
const RANGE = { least: 5, most: 20_000 }

/** Each ring about as wide as the next, though it is twice as far. */
const radiusOf = (offM: number) =>
  INNER +
  ((OUTER - INNER) * Math.log(Math.min(FARTHEST_M, Math.max(NEAREST_M, offM)) / NEAREST_M)) /
    Math.log(FARTHEST_M / NEAREST_M)

const offOf = (radius: number) =>
  NEAREST_M * (FARTHEST_M / NEAREST_M) ** (Math.max(0, Math.min(OUTER, radius) - INNER) / (OUTER - INNER))

/** Where a tap beside the boat points to, as exactly as a finger is. */
export const whereOf = (x: number, y: number): Where => {
  const offM = offOf(Math.hypot(x, y))
  const step = offM < 100 ? 5 : offM < 500 ? 10 : 50
  return {
    bowDeg: Math.round((Math.atan2(x, -y) * 180) / Math.PI / 5) * 5,
    offM: Math.round(offM / step) * step,
  }
}

/** The water about the boat, bow up: one tap says where something is. */
export function Scope({ where, onWhere }: { where: Where | null; onWhere(where: Where | null): void }) {
  const units = useUnits()
  const unit = units.unit('distance')
  const rings = (unit.symbol === 'ft' ? RINGS_FT : RINGS).map((figure) => toSi(figure, unit))
  const tap = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect()
    const scale = SIZE / box.width
    onWhere(whereOf((event.clientX - box.x) * scale - SIZE / 2, (event.clientY - box.y) * scale - SIZE / 2))
  }
  const at = where && {
    x: SIZE / 2 + radiusOf(where.offM) * Math.sin((where.bowDeg * Math.PI) / 180),
    y: SIZE / 2 - radiusOf(where.offM) * Math.cos((where.bowDeg * Math.PI) / 180),
  }
  return (
    <div className="mb-3 flex flex-wrap items-center gap-4">
      <svg
        viewBox={`0 0 ${SIZE} ${SIZE}`}
        className="w-[280px] max-w-full max-md:mx-auto max-md:w-[240px] cursor-crosshair touch-manipulation select-none"
        onPointerUp={tap}
        data-testid="scope"
        aria-hidden
      >
        {rings
          .map((ring, i) => (
            <circle
              key={ring}
              cx={SIZE / 2}
              cy={SIZE / 2}
              r={radiusOf(ring)}
              className={`stroke-ink/40 ${i === rings.length - 1 ? 'fill-water' : 'fill-none'}`}
            />
          ))
          .reverse()}
        {rings.map((ring) => (
          <text
            key={ring}
            x={SIZE / 2}
            y={SIZE / 2 + radiusOf(ring) + 4}
            textAnchor="middle"
            className="fill-ink stroke-water stroke-[4] font-mono text-[11px] [paint-order:stroke]"
          >
            {units.say('distance', ring)}
          </text>
        ))}
        <path
          d={`M${SIZE / 2} ${SIZE / 2 - 16} q6 8 5 18 l-1 12 h-8 l-1 -12 q-1 -10 5 -18 Z`}
          className="fill-foam stroke-ink stroke-2"
        />
        {at && <circle cx={at.x} cy={at.y} r={8} className="fill-rust stroke-foam stroke-2" />}
      </svg>
      <div className="grid gap-2">
        <p className="md:max-w-56">
          {where ? (
            <b className="text-lg">{whereWords(where)}</b>
          ) : (
            'Tap where it lies, bow up; or leave it, and only the time is kept.'
          )}
        </p>
        <div className="flex gap-2 md:flex-col">
          <Field label="From the bow">
            <TypedField
              label="From the bow"
              value={where ? bowWords(where.bowDeg) : ''}
              size={14}
              className="h-11"
              onCommit={(typed) => {
                const bowDeg = readBow(typed)
                if (bowDeg === null) return 'Type degrees and the side, such as 40 starboard or 30 port.'
                onWhere({ bowDeg, offM: where?.offM ?? 200 })
                return null
              }}
            />
          </Field>
          <Field label="Off">
            <QuantityField
              label="Off"
              what="a distance"
              figure="distance"
              si={where?.offM}
              range={RANGE}
              onSet={(offM) => onWhere({ bowDeg: where?.bowDeg ?? 0, offM })}
              onClear={() => onWhere(null)}
            />
          </Field>
        </div>
      </div>
    </div>
  )

  function whereWords({ bowDeg, offM }: Where): string {
    return `${bowWords(bowDeg)}, ${units.say('distance', offM)} off`
  }
}

export const bowWords = (bowDeg: number): string =>
  bowDeg === 0
    ? 'right ahead'
    : Math.abs(bowDeg) === 180
      ? 'right astern'
      : `${Math.abs(bowDeg)}° ${bowDeg > 0 ? 'starboard' : 'port'}`

/** `40 s`, `30° port`, `ahead`; null where no side is said. */
export function readBow(typed: string): number | null {
  const text = typed.trim().toLowerCase()
  if (/^(right )?ahead$/.test(text)) return 0
  if (/^(right )?astern$/.test(text)) return 180
  const [, degrees, side] = /^(\d{1,3})\s*°?\s*(p|port|s|starboard)$/.exec(text) ?? []
  if (degrees === undefined || Number(degrees) > 180) return null
  return side!.startsWith('p') ? -Number(degrees) : Number(degrees)
}
