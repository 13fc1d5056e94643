import { bandAbout, edgeBand, lineNear, USUAL_DEPTH_M, type Asked, type Band } from '../../../course/model'
import type { Spot } from '../../../course/queries'
import { Field } from '../../../shared/ui/Field'
import { QuantityField } from '../../../shared/ui/QuantityField'
import { Select } from '../../../shared/ui/Select'

const DEPTH = { least: 0, most: 6000 }
const WITHIN = { least: 50, most: 4000 }
/** Between two depths of a band (m). */
const LEAST_M = 0.5

/** Where the lures are wanted: over water of some depth, or near an edge. */
export function BandFields({
  asked,
  edges,
  depthM,
  onChange,
}: {
  asked: Asked
  edges: readonly (readonly Spot[])[]
  /** Of the bottom at the start. */
  depthM: number | null
  onChange(part: Partial<Asked>): void
}) {
  const { band } = asked
  const set = (next: Band) => onChange({ band: next })
  const near = lineNear(edges, asked.start)
  return (
    <>
      <Field label="Lures are wanted">
        <Select
          aria-label="Lures are wanted"
          value={band?.edge ? 'EDGE' : band?.depth ? 'DEPTH' : ''}
          onChange={({ target: { value } }) =>
            set(value === 'EDGE' && near ? edgeBand(near) : bandAbout(depthM ?? USUAL_DEPTH_M))
          }
        >
          {!band && <option value="">choose…</option>}
          <option value="DEPTH">over depths</option>
          {near && <option value="EDGE">along the edge</option>}
        </Select>
      </Field>
      {band?.depth && <Depths {...band.depth} onSet={(depth) => set({ depth })} />}
      {band?.edge && (
        <Field label="So near to it">
          <QuantityField
            label="So near to it"
            what="a distance"
            figure="distance"
            si={band.edge.withinM}
            range={WITHIN}
            onSet={(withinM) => set({ edge: { ...band.edge!, withinM } })}
          />
        </Field>
      )}
    </>
  )
}

/** The one never passes the other: the range of each ends there. */
function Depths({
  fromM,
  toM,
  onSet,
}: {
  fromM: number
  toM: number
  onSet(depth: { fromM: number; toM: number }): void
}) {
  return (
    <>
      <Field label="From">
        <QuantityField
          label="From a depth of"
          what="a depth"
          figure="distance"
          si={fromM}
          range={{ ...DEPTH, most: toM - LEAST_M }}
          onSet={(next) => onSet({ fromM: next, toM })}
        />
      </Field>
      <Field label="To">
        <QuantityField
          label="To a depth of"
          what="a depth"
          figure="distance"
          si={toM}
          range={{ ...DEPTH, least: fromM + LEAST_M }}
          onSet={(next) => onSet({ fromM, toM: next })}
        />
      </Field>
    </>
  )
}
