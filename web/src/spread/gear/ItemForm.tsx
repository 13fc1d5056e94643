import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import type { Problem } from '../../shared/api/client'
import { sources } from '../../shared/device'
import { Button } from '../../shared/ui/Button'
import { Select } from '../../shared/ui/Select'
import {
  gearOf,
  saveLineGear,
  saveLure,
  saveReel,
  type Gear,
  type LineGear,
  type Lure,
  type LureKind,
  type Reel,
} from '../../draft/queries'
import { isLead } from '../../draft/model'
import { KIND_WORDS } from '../words'
import { NumberRow, TextRow } from './fields'

export type Item =
  { what: 'lure'; body: Lure } | { what: 'line'; body: LineGear } | { what: 'reel'; body: Reel }

const save = (boat: string, item: Item) =>
  item.what === 'lure'
    ? saveLure(boat, item.body)
    : item.what === 'line'
      ? saveLineGear(boat, item.body)
      : saveReel(boat, item.body)

/** One item of the box as it is edited; what is refused is said by field, and nothing typed is lost. */
export function ItemForm({
  boat,
  gear,
  item,
  onChange,
  onDone,
}: {
  boat: string
  gear: Gear
  item: Item
  onChange(item: Item): void
  /** Kept, or given up. */
  onDone(): void
}) {
  const [faults, setFaults] = useState<readonly string[]>([])
  const queries = useQueryClient()
  const keep = async () => {
    try {
      await save(boat, item)
      await queries.invalidateQueries({ queryKey: gearOf(boat).queryKey })
      onDone()
    } catch (problem) {
      setFaults((problem as Problem).said)
    }
  }
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        void keep()
      }}
    >
      {item.what === 'lure' && (
        <LureFields body={item.body} onChange={(body) => onChange({ what: 'lure', body })} />
      )}
      {item.what === 'line' && (
        <LineFields body={item.body} onChange={(body) => onChange({ what: 'line', body })} />
      )}
      {item.what === 'reel' && (
        <ReelFields
          body={item.body}
          lines={gear.lines}
          onChange={(body) => onChange({ what: 'reel', body })}
        />
      )}
      {faults.map((fault) => (
        <p key={fault} role="alert" className="mt-2 border-l-4 border-rust pl-2">
          {fault}
        </p>
      ))}
      <p className="mt-3 text-slate">
        Spreads that carry it are solved anew. Strikes already logged keep the depth they had.
      </p>
      <div className="mt-4 flex gap-3">
        <Button tone="strong" type="submit">
          Keep it
        </Button>
        <Button tone="quiet" onClick={onDone}>
          Back
        </Button>
      </div>
    </form>
  )
}

export const freshLure = ({ kind, usual, works }: LureKind): Lure => ({
  gearId: sources.uuid(),
  version: 0,
  name: KIND_WORDS[kind] ?? '',
  kind,
  colour: 'plain',
  lengthM: 0.18,
  count: 1,
  ...usual,
  ...(works && { slowestMps: works.leastMps, fastestMps: works.mostMps }),
})

export const freshLine = (like: LineGear): LineGear => ({
  ...like,
  gearId: sources.uuid(),
  version: 0,
  name: '',
})

export const freshReel = (lines: readonly LineGear[]): Reel => {
  const main = lines.find((line) => line.kind === 'MONO') ?? lines[0]
  return {
    gearId: sources.uuid(),
    version: 0,
    name: 'Reel',
    count: 1,
    ratedM: 400,
    ratedDiameterM: main?.diameterM ?? 0.0005,
    fullRadiusM: 0.045,
    arborRadiusM: 0.025,
    ...(main && { mainLineGearId: main.gearId }),
  }
}

function LureFields({ body, onChange }: { body: Lure; onChange(body: Lure): void }) {
  const set = (change: Partial<Lure>) => onChange({ ...body, ...change })
  return (
    <div className="grid gap-3 md:grid-cols-2">
      <TextRow label="Name" value={body.name} onChange={(name) => set({ name })} />
      <TextRow label="Colour" value={body.colour} onChange={(colour) => set({ colour })} />
      <NumberRow
        label="Aboard"
        unit=""
        factor={1}
        si={body.count ?? 1}
        onChange={(count) => set({ count: Math.round(count) })}
      />
      {!isLead(body.kind) && <ColourChoice body={body} onChange={onChange} />}
      <NumberRow
        label="Length"
        unit="cm"
        factor={0.01}
        si={body.lengthM}
        onChange={(lengthM) => set({ lengthM })}
      />
      <NumberRow
        label="Weight"
        unit="g"
        factor={0.001}
        si={body.massKg}
        onChange={(massKg) => set({ massKg })}
      />
      <NumberRow
        label="Water it displaces"
        unit="cm³"
        factor={1e-6}
        si={body.volumeM3}
        onChange={(volumeM3) => set({ volumeM3 })}
      />
      <NumberRow
        label="Drag area"
        unit="cm²"
        factor={1e-4}
        si={body.dragAreaM2}
        onChange={(dragAreaM2) => set({ dragAreaM2 })}
      />
      <NumberRow
        label="Dive area, down"
        unit="cm²"
        factor={1e-4}
        si={body.diveAreaM2}
        onChange={(diveAreaM2) => set({ diveAreaM2 })}
      />
      <NumberRow
        label="Side area, to starboard"
        unit="cm²"
        factor={1e-4}
        si={body.sideAreaM2}
        onChange={(sideAreaM2) => set({ sideAreaM2 })}
      />
      {body.slowestMps !== undefined && body.fastestMps !== undefined && (
        <>
          <NumberRow
            label="Works from"
            unit="kn"
            factor={KNOT}
            si={body.slowestMps}
            onChange={(slowestMps) => set({ slowestMps })}
          />
          <NumberRow
            label="Works up to"
            unit="kn"
            factor={KNOT}
            si={body.fastestMps}
            onChange={(fastestMps) => set({ fastestMps })}
          />
        </>
      )}
    </div>
  )
}

function LineFields({ body, onChange }: { body: LineGear; onChange(body: LineGear): void }) {
  const set = (change: Partial<LineGear>) => onChange({ ...body, ...change })
  return (
    <div className="grid gap-3 md:grid-cols-2">
      <TextRow label="Name" value={body.name} onChange={(name) => set({ name })} />
      <NumberRow
        label="Rated strength"
        unit="lb"
        factor={9.80665 * 0.45359237}
        si={body.strengthN}
        onChange={(strengthN) => set({ strengthN })}
      />
      <NumberRow
        label="Diameter"
        unit="mm"
        factor={0.001}
        si={body.diameterM}
        onChange={(diameterM) => set({ diameterM })}
      />
      <NumberRow
        label="Density"
        unit="kg/m³"
        factor={1}
        si={body.densityKgPerM3}
        onChange={(densityKgPerM3) => set({ densityKgPerM3 })}
      />
      <NumberRow
        label="Drag across it, Cn"
        unit=""
        factor={1}
        si={body.normalDragCoefficient}
        onChange={(normalDragCoefficient) => set({ normalDragCoefficient })}
      />
      <NumberRow
        label="Drag along it, Ct"
        unit=""
        factor={1}
        si={body.tangentialDragCoefficient}
        onChange={(tangentialDragCoefficient) => set({ tangentialDragCoefficient })}
      />
    </div>
  )
}

const KNOT = 1852 / 3600

/** What the colour is for, and how dark it stands; by its words until chosen. */
function ColourChoice({ body, onChange }: { body: Lure; onChange(body: Lure): void }) {
  const put = (field: 'colourRole' | 'shade', value: string) => {
    const { [field]: _had, ...rest } = body
    onChange((value === '' ? rest : { ...rest, [field]: value }) as Lure)
  }
  return (
    <span className="flex gap-3 md:col-span-2">
      <label className="flex flex-col gap-1">
        Colour role
        <Select value={body.colourRole ?? ''} onChange={(event) => put('colourRole', event.target.value)}>
          <option value="">by its words</option>
          <option value="IMITATOR">like the forage</option>
          <option value="ATTRACTOR">shows itself</option>
        </Select>
      </label>
      <label className="flex flex-col gap-1">
        Shade
        <Select value={body.shade ?? ''} onChange={(event) => put('shade', event.target.value)}>
          <option value="">by its words</option>
          <option value="DARK">dark</option>
          <option value="NEUTRAL">between</option>
          <option value="LIGHT">light</option>
        </Select>
      </label>
    </span>
  )
}

/** A hand's pull where the rod has none of its own. */
const USUAL_HAND_M = 0.56

function ReelFields({
  body,
  lines,
  onChange,
}: {
  body: Reel
  lines: readonly LineGear[]
  onChange(body: Reel): void
}) {
  const set = (change: Partial<Reel>) => onChange({ ...body, ...change })
  const put = <K extends keyof Reel>(field: K, value: Reel[K] | undefined) => {
    const { [field]: _had, ...rest } = body
    onChange((value === undefined ? rest : { ...rest, [field]: value }) as Reel)
  }
  return (
    <div className="grid gap-3 md:grid-cols-2">
      <TextRow label="Name" value={body.name} onChange={(name) => set({ name })} />
      <NumberRow
        label="Rods with it"
        unit=""
        factor={1}
        si={body.count}
        onChange={(count) => set({ count: Math.round(count) })}
      />
      <NumberRow
        label="Rated for"
        unit="m"
        factor={1}
        si={body.ratedM}
        onChange={(ratedM) => set({ ratedM })}
      />
      <NumberRow
        label="of diameter"
        unit="mm"
        factor={0.001}
        si={body.ratedDiameterM}
        onChange={(ratedDiameterM) => set({ ratedDiameterM })}
      />
      <NumberRow
        label="Radius, full"
        unit="mm"
        factor={0.001}
        si={body.fullRadiusM}
        onChange={(fullRadiusM) => set({ fullRadiusM })}
      />
      <NumberRow
        label="Radius of the arbor"
        unit="mm"
        factor={0.001}
        si={body.arborRadiusM}
        onChange={(arborRadiusM) => set({ arborRadiusM })}
      />
      <label className="flex flex-col gap-1">
        Main line on it
        <Select
          value={body.mainLineGearId ?? ''}
          onChange={(event) => {
            const { mainLineGearId: _had, ...rest } = body
            onChange(event.target.value === '' ? rest : { ...rest, mainLineGearId: event.target.value })
          }}
        >
          <option value="">none</option>
          {lines.map((line) => (
            <option key={line.gearId} value={line.gearId}>
              {line.name}
            </option>
          ))}
        </Select>
      </label>
      <NumberRow
        label="Rod made for a drag of, 0 if not known"
        unit="kg"
        factor={9.80665}
        si={body.rodClassN ?? 0}
        onChange={(rodClassN) => put('rodClassN', rodClassN > 0 ? rodClassN : undefined)}
      />
      <NumberRow
        label="A hand's pull of line"
        unit="cm"
        factor={0.01}
        si={body.handM ?? USUAL_HAND_M}
        onChange={(handM) => put('handM', handM)}
      />
      <label className="flex flex-col gap-1">
        Spool of
        <Select
          value={body.spoolMetal ?? ''}
          onChange={(event) => put('spoolMetal', (event.target.value || undefined) as Reel['spoolMetal'])}
        >
          <option value="">not known</option>
          <option value="ALUMINIUM">aluminium</option>
          <option value="STEEL">steel</option>
          <option value="COMPOSITE">composite</option>
        </Select>
      </label>
      <label className="flex flex-col gap-1">
        Backing under it
        <Select
          value={body.backingLineGearId ?? ''}
          onChange={(event) => {
            const { backingLineGearId: _line, backingM: _metres, ...rest } = body
            const backingLineGearId = event.target.value
            onChange(
              backingLineGearId === ''
                ? rest
                : { ...rest, backingLineGearId, backingM: body.backingM ?? 100 },
            )
          }}
        >
          <option value="">none</option>
          {lines.map((line) => (
            <option key={line.gearId} value={line.gearId}>
              {line.name}
            </option>
          ))}
        </Select>
      </label>
      {body.backingLineGearId && (
        <NumberRow
          label="Metres of backing"
          unit="m"
          factor={1}
          si={body.backingM ?? 100}
          onChange={(backingM) => put('backingM', backingM)}
        />
      )}
    </div>
  )
}
