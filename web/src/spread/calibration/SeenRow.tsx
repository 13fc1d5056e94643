import { Button } from '../../shared/ui/Button'
import { Select } from '../../shared/ui/Select'
import { QuantityField } from '../../shared/ui/QuantityField'
import type { Figure } from '../../units/UnitsContext'
import { leastLetOut, LONGEST_LET_OUT_M } from '../../draft/model'
import type { Line } from '../../draft/queries'
import { SEEN_WORDS, type Seen, type SeenKind } from './model'
import { RANGES } from '../../shared/api/generated/ranges'

const POUND_N = 4.4482216152605
const LINE_WORDS = { MONO: 'mono', BRAID: 'braid', FLUOROCARBON: 'fluorocarbon' } as const
const USUAL_STATED = { line: 'MONO', strengthN: 30 * POUND_N, letOutM: 30 } as const

/** One thing seen: what, at which depth, and how the line was towed then. */
export function SeenRow({
  seen,
  line,
  onChange,
  onRemove,
}: {
  seen: Seen
  line: Line
  onChange(seen: Seen): void
  onRemove?(): void
}) {
  const towed = seen.line ?? line
  const kindOf = (kind: SeenKind): Seen => {
    const { line: _line, stated: _stated, ...rest } = seen
    return kind === 'RATED'
      ? { ...rest, kind, stated: seen.stated ?? USUAL_STATED }
      : { ...rest, kind, line: towed }
  }
  return (
    <li className="flex flex-wrap items-center gap-2">
      <Select
        aria-label="What was seen"
        value={seen.kind}
        onChange={(event) => onChange(kindOf(event.target.value as SeenKind))}
      >
        {Object.entries(SEEN_WORDS).map(([kind, words]) => (
          <option key={kind} value={kind}>
            {words}
          </option>
        ))}
      </Select>
      <Field
        label="Seen at"
        figure="distance"
        value={seen.seenM}
        range={RANGES.ObservationBody.seenM}
        onSet={(seenM) => onChange({ ...seen, seenM })}
      />
      at
      <Field
        label="Speed then"
        figure="speed"
        value={seen.speedThroughWaterMps}
        range={RANGES.ObservationBody.speedThroughWaterMps}
        onSet={(speedThroughWaterMps) => onChange({ ...seen, speedThroughWaterMps })}
      />
      {seen.stated ? (
        <Stated stated={seen.stated} onSet={(stated) => onChange({ ...seen, stated })} />
      ) : towed.deep ? (
        <Field
          label="Cable out then"
          figure="distance"
          value={towed.deep.cableOutM}
          range={RANGES.DeepDraft.cableOutM}
          onSet={(cableOutM) =>
            onChange({ ...seen, line: { ...towed, deep: { ...towed.deep!, cableOutM } } })
          }
          after="of cable"
        />
      ) : (
        <Field
          label="Let out then"
          figure="distance"
          value={towed.letOutM}
          range={{ least: leastLetOut(towed), most: LONGEST_LET_OUT_M }}
          onSet={(letOutM) => onChange({ ...seen, line: { ...towed, letOutM } })}
          after="let out"
        />
      )}
      {onRemove && (
        <Button small tone="quiet" onClick={onRemove}>
          Leave out
        </Button>
      )}
    </li>
  )
}

type StatedLine = NonNullable<Seen['stated']>

function Stated({ stated, onSet }: { stated: StatedLine; onSet(stated: StatedLine): void }) {
  return (
    <>
      on
      <Field
        label="Stated strength"
        figure="pull"
        value={stated.strengthN}
        range={{ least: 10, most: 5000 }}
        onSet={(strengthN) => onSet({ ...stated, strengthN })}
      />
      <Select
        aria-label="Stated line"
        value={stated.line}
        onChange={(event) => onSet({ ...stated, line: event.target.value as StatedLine['line'] })}
      >
        {Object.entries(LINE_WORDS).map(([kind, words]) => (
          <option key={kind} value={kind}>
            {words}
          </option>
        ))}
      </Select>
      <Field
        label="Stated let-out"
        figure="distance"
        value={stated.letOutM}
        range={{ least: 2, most: LONGEST_LET_OUT_M }}
        onSet={(letOutM) => onSet({ ...stated, letOutM })}
        after="let out"
      />
    </>
  )
}

function Field({
  label,
  figure,
  value,
  range,
  onSet,
  after = '',
}: {
  label: string
  figure: Figure
  value: number
  range: { least: number; most: number }
  onSet(value: number): void
  after?: string
}) {
  return (
    <span className="flex items-center gap-1.5">
      <QuantityField {...{ label, figure, onSet }} what={label.toLowerCase()} si={value} range={range} />
      {after}
    </span>
  )
}
