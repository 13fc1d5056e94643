import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import type { Problem } from '../../shared/api/client'
import { sources } from '../../shared/device'
import { Button } from '../../shared/ui/Button'
import { Select } from '../../shared/ui/Select'
import { Sheet } from '../../shared/ui/Sheet'
import {
  gearOf,
  lureKinds,
  saveLineGear,
  saveLure,
  type Gear,
  type LineGear,
  type Lure,
  type LureKind,
} from '../queries'
import { KIND_WORDS } from '../words'
import { NumberRow, TextRow } from './fields'

type Item = { what: 'lure'; body: Lure } | { what: 'line'; body: LineGear }

/** What is aboard, with the coefficients each item is computed from; correct them where you know better. */
export function GearSheet({
  boat,
  gear,
  open,
  onClose,
}: {
  boat: string
  gear: Gear
  open: boolean
  onClose(): void
}) {
  const [item, setItem] = useState<Item | null>(null)
  const [faults, setFaults] = useState<readonly string[]>([])
  const queries = useQueryClient()
  const kinds = useQuery({ ...lureKinds(), enabled: open })

  const save = async () => {
    if (!item) return
    try {
      if (item.what === 'lure') await saveLure(boat, item.body)
      else await saveLineGear(boat, item.body)
      await queries.invalidateQueries({ queryKey: gearOf(boat).queryKey })
      setItem(null)
      setFaults([])
    } catch (problem) {
      const { faults: found, message } = problem as Problem
      setFaults(found.length > 0 ? found.map((fault) => `${fault.message}. ${fault.mend}`) : [message])
    }
  }
  const choose = (next: Item | null) => {
    setFaults([])
    setItem(next)
  }
  return (
    <Sheet title="Gear aboard" open={open} onClose={onClose} wide>
      {item ? (
        <form
          onSubmit={(event) => {
            event.preventDefault()
            void save()
          }}
        >
          {item.what === 'lure' ? (
            <LureFields body={item.body} onChange={(body) => setItem({ what: 'lure', body })} />
          ) : (
            <LineFields body={item.body} onChange={(body) => setItem({ what: 'line', body })} />
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
            <Button tone="quiet" onClick={() => choose(null)}>
              Back
            </Button>
          </div>
        </form>
      ) : (
        <Lists gear={gear} kinds={kinds.data ?? []} onChoose={choose} />
      )}
    </Sheet>
  )
}

function Lists({
  gear,
  kinds,
  onChoose,
}: {
  gear: Gear
  kinds: readonly LureKind[]
  onChoose(item: Item): void
}) {
  return (
    <div className="grid gap-6 md:grid-cols-2">
      <section>
        <h3 className="mb-1 text-lg font-bold">Lures and weights</h3>
        <ul className="divide-y divide-ink/20">
          {gear.lures.map((lure) => (
            <li key={lure.gearId}>
              <button
                type="button"
                className="min-h-11 w-full text-left hover:underline"
                onClick={() => onChoose({ what: 'lure', body: lure })}
              >
                <b>{lure.name}</b>{' '}
                <span className="text-slate">
                  {lure.colour}, {KIND_WORDS[lure.kind]}
                </span>
              </button>
            </li>
          ))}
        </ul>
        <label className="mt-3 flex items-center gap-2">
          Add a
          <Select
            aria-label="Add a lure or weight"
            value=""
            onChange={(event) => {
              const kind = kinds.find((k) => k.kind === event.target.value)
              if (kind) onChoose({ what: 'lure', body: freshLure(kind) })
            }}
          >
            <option value="" disabled>
              choose a kind
            </option>
            {kinds.map((kind) => (
              <option key={kind.kind} value={kind.kind}>
                {KIND_WORDS[kind.kind]}
              </option>
            ))}
          </Select>
        </label>
      </section>
      <section>
        <h3 className="mb-1 text-lg font-bold">Lines</h3>
        <ul className="divide-y divide-ink/20">
          {gear.lines.map((line) => (
            <li key={line.gearId}>
              <button
                type="button"
                className="min-h-11 w-full text-left font-bold hover:underline"
                onClick={() => onChoose({ what: 'line', body: line })}
              >
                {line.name}
              </button>
            </li>
          ))}
        </ul>
        <Button
          className="mt-3"
          disabled={gear.lines.length === 0}
          onClick={() => {
            const like = gear.lines[0]
            if (like)
              onChoose({ what: 'line', body: { ...like, gearId: sources.uuid(), version: 0, name: '' } })
          }}
        >
          Add a line
        </Button>
      </section>
    </div>
  )
}

const freshLure = ({ kind, usual }: LureKind): Lure => ({
  gearId: sources.uuid(),
  version: 0,
  name: KIND_WORDS[kind] ?? '',
  kind,
  colour: 'plain',
  lengthM: 0.18,
  ...usual,
})

function LureFields({ body, onChange }: { body: Lure; onChange(body: Lure): void }) {
  const set = (change: Partial<Lure>) => onChange({ ...body, ...change })
  return (
    <div className="grid gap-3 md:grid-cols-2">
      <TextRow label="Name" value={body.name} onChange={(name) => set({ name })} />
      <TextRow label="Colour" value={body.colour} onChange={(colour) => set({ colour })} />
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
