import { useState, type ComponentProps, type ReactNode } from 'react'
import { sources } from '../../shared/device'
import { Button } from '../../shared/ui/Button'
import { Field } from '../../shared/ui/Field'
import { PositionField } from '../../shared/ui/PositionField'
import { QuantityField } from '../../shared/ui/QuantityField'
import { Select } from '../../shared/ui/Select'
import { TypedField } from '../../shared/ui/TypedField'
import type { Boat, Holder } from '../../draft/queries'
import { BoatDrawing } from './BoatDrawing'
import { added, KINDS, propSpread, removed, usualTop, withHolder, withoutDrogue } from './model'
import { RANGES } from '../../shared/api/generated/ranges'
import { useBoatEditor } from './useBoatEditor'

const MOST_HOLDERS = 40

/** The boat is edited by her drawing; figures stand below. Changes are kept together. */
export function BoatView({ kept, more }: { kept: Boat; more?: ReactNode }) {
  const editor = useBoatEditor(kept)
  const { boat, change } = editor
  const [selected, setSelected] = useState<string | null>(boat.holders[0]?.holderId ?? null)
  const holder = boat.holders.find((one) => one.holderId === selected)
  return (
    <main className="flex min-h-0 flex-1 flex-col">
      <Bar {...{ editor, holder, more }} onSelect={setSelected} />
      <Said {...{ editor, kept }} />
      <BoatDrawing
        boat={boat}
        selected={selected}
        onSelect={setSelected}
        onPreview={editor.preview}
        onSettle={editor.settle}
      />
      <div className="flex flex-wrap gap-x-8 gap-y-2 border-t-2 border-ink bg-shade px-4 py-2">
        {holder && <HolderStrip {...{ boat, holder, change }} />}
        <BoatStrip {...{ boat, change }} />
        <HomeStrip {...{ boat, change }} />
      </div>
    </main>
  )
}

type Editor = ReturnType<typeof useBoatEditor>

/** Her name, her holders one more or one less, and what keeps her. */
function Bar({
  editor: { boat, change, canUndo, undo, dirty, save },
  holder,
  more,
  onSelect,
}: {
  editor: Editor
  holder: Holder | undefined
  more?: ReactNode
  onSelect(holderId: string | null): void
}) {
  const full = boat.holders.length >= MOST_HOLDERS
  const add = (mirrored?: Holder) => {
    const holderId = sources.uuid()
    change(added(boat, holderId, mirrored))
    onSelect(holderId)
  }
  const takeOff = ({ holderId }: Holder) => {
    change(removed(boat, holderId))
    onSelect(boat.holders.find((one) => one.holderId !== holderId)?.holderId ?? null)
  }
  return (
    <div className="flex flex-wrap items-center gap-2 border-b border-ink/20 px-4 py-1">
      <TypedField
        label="Name of the boat"
        value={boat.name}
        size={16}
        onCommit={(typed) => {
          if (typed.trim() === '' || typed.length > 60) return 'Give it a name of up to 60 characters.'
          change({ ...boat, name: typed.trim() })
          return null
        }}
        className="h-11 font-sans text-lg font-bold"
      />
      <Button small disabled={!canUndo} onClick={undo}>
        Undo
      </Button>
      <Button small disabled={full} onClick={() => add()}>
        Add a holder
      </Button>
      <Button small disabled={!holder || full} onClick={() => holder && add(holder)}>
        Mirror it
      </Button>
      <Button small disabled={!holder || boat.holders.length < 2} onClick={() => holder && takeOff(holder)}>
        Take it off
      </Button>
      <span className="grow" />
      {more}
      <Button tone="strong" disabled={!dirty} onClick={() => void save()}>
        Keep the boat
      </Button>
    </div>
  )
}

/** What keeps her from being kept, and what was changed here before or elsewhere meanwhile. */
function Said({ editor: { faults, theirs, restored, take, save }, kept }: { editor: Editor; kept: Boat }) {
  return (
    <>
      {faults.map((fault) => (
        <p key={fault} role="alert" className="border-l-4 border-rust px-4 py-1">
          {fault}
        </p>
      ))}
      {restored && !theirs && (
        <p role="status" className="flex flex-wrap items-center gap-3 px-4 py-1">
          What you changed before is not kept yet.
          <Button small onClick={() => take(kept)}>
            As she is kept
          </Button>
        </p>
      )}
      {theirs && (
        <p className="flex flex-wrap items-center gap-3 px-4 py-1">
          She was changed elsewhere.
          <Button small onClick={() => take(theirs)}>
            Take that one
          </Button>
          <Button small onClick={() => void save(theirs.version)}>
            Keep mine
          </Button>
        </p>
      )}
    </>
  )
}

function HolderStrip({ boat, holder, change }: { boat: Boat; holder: Holder; change(boat: Boat): void }) {
  const set = (next: Partial<Holder>) =>
    change(withHolder(boat, holder.holderId, (one) => ({ ...one, ...next })))
  const place = (end: 'base' | 'tip', field: 'asternM' | 'starboardM' | 'heightM') => (si: number) =>
    set({ [end]: { ...holder[end], [field]: si } })
  return (
    <section aria-label="Selected holder" className="flex flex-wrap items-end gap-x-4 gap-y-1">
      <Field label="Holder">
        <TypedField
          label="Name of the holder"
          value={holder.name}
          size={20}
          onCommit={(typed) => {
            if (typed.trim() === '' || typed.length > 60) return 'Give it a name of up to 60 characters.'
            set({ name: typed.trim() })
            return null
          }}
          className="h-11 font-sans"
        />
      </Field>
      <Field label="Kind">
        <Select
          aria-label="Kind of holder"
          value={holder.kind}
          onChange={(event) => set({ kind: event.target.value as Holder['kind'] })}
        >
          {KINDS.map(([kind, words]) => (
            <option key={kind} value={kind}>
              {words}
            </option>
          ))}
        </Select>
      </Field>
      <Measure
        label="Tip: astern"
        name="Tip astern"
        what="a length"
        figure="distance"
        si={holder.tip.asternM}
        range={RANGES.PointBody.asternM}
        onSet={place('tip', 'asternM')}
      />
      <Measure
        label="to starboard"
        name="Tip to starboard"
        what="a length"
        figure="distance"
        si={holder.tip.starboardM}
        range={{ least: -20, most: 20 }}
        onSet={place('tip', 'starboardM')}
      />
      <Measure
        label="up"
        name="Tip height"
        what="a height"
        figure="distance"
        si={holder.tip.heightM}
        range={{ least: 0, most: 12 }}
        onSet={place('tip', 'heightM')}
      />
    </section>
  )
}

const USUAL_IDLE_MPS = 1.3

/** A speed that nobody may have told: a button until it is. */
function MaybeSpeed({
  label,
  name,
  unset,
  si,
  begins,
  range,
  onSet,
}: {
  label: string
  name: string
  /** What holds until it is told. */
  unset: string
  si: number | undefined
  begins: number
  range: { least: number; most: number }
  onSet(mps: number): void
}) {
  return (
    <Field label={label}>
      {si === undefined ? (
        <Button small className="h-11" onClick={() => onSet(begins)}>
          {unset}
        </Button>
      ) : (
        <QuantityField label={name} what="a speed" figure="speed" {...{ si, range, onSet }} />
      )}
    </Field>
  )
}

function BoatStrip({ boat, change }: { boat: Boat; change(boat: Boat): void }) {
  return (
    <section aria-label="Figures of the boat" className="flex flex-wrap items-end gap-x-4 gap-y-1">
      <Measure
        label="Length"
        name="Length of the boat"
        what="a length"
        figure="distance"
        si={boat.lengthM}
        range={RANGES.BoatBody.lengthM}
        onSet={(lengthM) => change({ ...boat, lengthM })}
      />
      <Measure
        label="Beam"
        name="Beam"
        what="a length"
        figure="distance"
        si={boat.beamM}
        range={RANGES.BoatBody.beamM}
        onSet={(beamM) => change({ ...boat, beamM })}
      />
      <Field label="Engines">
        <Select
          aria-label="Engines"
          value={boat.engines}
          onChange={(event) => change({ ...boat, engines: Number(event.target.value) })}
        >
          {[0, 1, 2, 3, 4, 5, 6].map((engines) => (
            <option key={engines}>{engines}</option>
          ))}
        </Select>
      </Field>
      {boat.engines > 1 && (
        <Measure
          label="Propellers apart"
          name="Propellers apart"
          what="a length"
          figure="distance"
          si={propSpread(boat)}
          range={{ least: 0.4, most: Math.min(10, boat.beamM) }}
          onSet={(propSpreadM) => change({ ...boat, propSpreadM })}
        />
      )}
      <MaybeSpeed
        label="Makes at most"
        name="Top speed"
        unset="by her length"
        si={boat.topMps}
        begins={usualTop(boat)}
        range={RANGES.BoatBody.topMps}
        onSet={(topMps) => change({ ...boat, topMps })}
      />
      <MaybeSpeed
        label="Idles at"
        name="Idle speed"
        unset="not known"
        si={boat.idleMps}
        begins={USUAL_IDLE_MPS}
        range={RANGES.BoatBody.idleMps}
        onSet={(idleMps) => change({ ...boat, idleMps })}
      />
      {boat.idleMps !== undefined &&
        (boat.drogueAreaM2 === undefined ? (
          <Field label="Drogue">
            <Button
              small
              className="h-11"
              onClick={() =>
                change({ ...boat, drogueAreaM2: 0.3, drogueSpeedMps: 0.7 * (boat.idleMps ?? 1) })
              }
            >
              none tried
            </Button>
          </Field>
        ) : (
          <>
            <Field label="Drogue, drag area m²">
              <TypedField
                label="Drogue, drag area in square metres"
                value={boat.drogueAreaM2.toFixed(2)}
                onCommit={(typed) => {
                  const area = Number(typed.replace(',', '.'))
                  if (!(area >= 0.01 && area <= 5)) return 'Type an area from 0.01 to 5 m².'
                  change({ ...boat, drogueAreaM2: area })
                  return null
                }}
                className="h-11"
              />
            </Field>
            <Measure
              label="slowed her to"
              name="Speed with the drogue"
              what="a speed"
              figure="speed"
              si={boat.drogueSpeedMps ?? 0.7 * boat.idleMps}
              range={{ least: 0.1, most: 0.99 * boat.idleMps }}
              onSet={(drogueSpeedMps) => change({ ...boat, drogueSpeedMps })}
            />
            <Button small tone="quiet" className="h-11" onClick={() => change(withoutDrogue(boat))}>
              no drogue
            </Button>
          </>
        ))}
      <p className="max-w-72 text-sm text-slate">
        {boat.drogueAreaM2 !== undefined &&
          'Drogue lines and propellers: haul it before you put her astern. '}
        Holders that a spread uses cannot be taken off.
      </p>
    </section>
  )
}

const ZONES: readonly string[] = Intl.supportedValuesOf('timeZone')

/** Where she is at home: light, moon and tide are reckoned there. */
function HomeStrip({ boat, change }: { boat: Boat; change(boat: Boat): void }) {
  return (
    <section aria-label="Home waters" className="flex flex-wrap items-end gap-x-4 gap-y-1">
      <Field label="Home waters">
        <TypedField
          label="Name of the home waters"
          value={boat.place}
          size={14}
          onCommit={(typed) => {
            if (typed.trim() === '' || typed.length > 60) return 'Give it a name of up to 60 characters.'
            change({ ...boat, place: typed.trim() })
            return null
          }}
          className="h-11 font-sans"
        />
      </Field>
      <PositionField
        label="Latitude and longitude"
        at={boat}
        onSet={({ latitudeDeg, longitudeDeg }) => change({ ...boat, latitudeDeg, longitudeDeg })}
      />
      <Field label="Clock">
        <Select
          aria-label="Time zone"
          className="max-w-52"
          value={boat.timeZone}
          onChange={(event) => change({ ...boat, timeZone: event.target.value })}
        >
          {[...new Set([boat.timeZone, ...ZONES])].map((zone) => (
            <option key={zone}>{zone}</option>
          ))}
        </Select>
      </Field>
    </section>
  )
}

/** A quantity with a short word over it. */
function Measure({
  label,
  name,
  ...field
}: { label: string; name: string } & Omit<ComponentProps<typeof QuantityField>, 'label'>) {
  return (
    <Field label={label}>
      <QuantityField label={name} {...field} />
    </Field>
  )
}
