import { useQueryClient } from '@tanstack/react-query'
import { useState, type ReactNode } from 'react'
import { useNavigate } from 'react-router'
import { RANGES } from '../../shared/api/generated/ranges'
import { Problem, type Schemas } from '../../shared/api/client'
import { Button } from '../../shared/ui/Button'
import { Field } from '../../shared/ui/Field'
import { LargeFile } from '../../shared/ui/LargeFile'
import { PositionField } from '../../shared/ui/PositionField'
import { QuantityField } from '../../shared/ui/QuantityField'
import { Select } from '../../shared/ui/Select'
import { Sheet } from '../../shared/ui/Sheet'
import { TypedField } from '../../shared/ui/TypedField'
import { boats } from '../../draft/queries'
import { COASTS, newBoat, type Begun, type Home } from './newBoat'

const BEGIN = { name: 'My boat', lengthM: 6.5, beamM: 2.4, engines: 1 }

/** A boat from her length and beam alone; where she lies must be said, for light, moon and tide are reckoned there. */
export function NewBoat({ open, onClose }: { open: boolean; onClose(): void }) {
  return (
    <Sheet title="Add a boat" open={open} onClose={onClose}>
      <BoatForm onClose={onClose} />
      <BringBack onClose={onClose} />
    </Sheet>
  )
}

/** From the file that was taken away of her: boat, box, spreads, plans, days, facts. */
function BringBack({ onClose }: { onClose(): void }) {
  const queries = useQueryClient()
  const go = useNavigate()
  return (
    <section className="mt-6 border-t-2 border-ink pt-3">
      <h3 className="font-bold">Or bring one back</h3>
      <p className="mb-2">From the file that was taken of her, whole or not at all.</p>
      <LargeFile<Schemas['BroughtReply']>
        words="Choose her file…"
        label="File of a boat to bring back"
        accept=".json,application/json"
        to={() => ({ path: '/api/owners', type: 'application/json' })}
        onDone={({ boatId }) => {
          onClose()
          void go(`/boats/${boatId}/boat`)
          void queries.invalidateQueries()
        }}
      />
    </section>
  )
}

function BoatForm({ onClose }: { onClose(): void }) {
  const queries = useQueryClient()
  const go = useNavigate()
  const [begun, setBegun] = useState<Omit<Begun, 'home'>>(BEGIN)
  const [home, setHome] = useState<Home | null>(null)
  const [said, setSaid] = useState<string | null>(null)
  const set = (change: Partial<Begun>) => setBegun((before) => ({ ...before, ...change }))
  const make = async () => {
    if (!home) return setSaid('Say where she lies first: choose a coast or type degrees.')
    try {
      const boatId = await newBoat({ ...begun, home })
      onClose()
      // Her page first: where there was no boat yet, the list of boats leads elsewhere as soon as it has one.
      await go(`/boats/${boatId}/boat`)
      void queries.invalidateQueries({ queryKey: boats().queryKey })
    } catch (error) {
      setSaid(error instanceof Problem ? error.said.join(' ') : 'She was not kept. Try again.')
    }
  }
  return (
    <div className="grid gap-4">
      <div className="flex flex-wrap gap-x-4 gap-y-2">
        <Field label="Name">
          <TypedField
            label="Name of the boat"
            value={begun.name}
            size={16}
            className="h-11 font-sans"
            onCommit={(typed) => {
              const name = typed.trim()
              if (name === '' || name.length > 60) return 'Give her a name of up to 60 characters.'
              set({ name })
              return null
            }}
          />
        </Field>
        <Field label="Length">
          <QuantityField
            label="Length"
            what="a length"
            figure="distance"
            si={begun.lengthM}
            range={RANGES.BoatBody.lengthM}
            onSet={(lengthM) => set({ lengthM })}
          />
        </Field>
        <Field label="Beam">
          <QuantityField
            label="Beam"
            what="a beam"
            figure="distance"
            si={begun.beamM}
            range={RANGES.BoatBody.beamM}
            onSet={(beamM) => set({ beamM })}
          />
        </Field>
        <Field label="Engines">
          <Select
            aria-label="Engines"
            value={begun.engines}
            onChange={(event) => set({ engines: Number(event.target.value) })}
          >
            {[1, 2, 3, 4].map((count) => (
              <option key={count}>{count}</option>
            ))}
          </Select>
        </Field>
      </div>
      <Waters home={home} onHome={setHome} />
      {said && (
        <p role="alert" className="border-l-4 border-rust pl-3">
          {said}
        </p>
      )}
      <Button tone="strong" onClick={() => void make()}>
        Draw her
      </Button>
      <p className="text-sm text-slate">
        Rods and poles are guessed from length and beam. Drag them into place on the drawing.
      </p>
    </div>
  )
}

/** Until another is chosen on the boat's page. */
const zoneOfDevice = () => Intl.DateTimeFormat().resolvedOptions().timeZone

function Waters({ home, onHome }: { home: Home | null; onHome(home: Home): void }) {
  return (
    <section aria-label="Home waters" className="grid gap-2">
      <h3 className="font-bold">Where she lies</h3>
      <div className="flex flex-wrap gap-2">
        {COASTS.map((coast) => (
          <Choice key={coast.place} chosen={home?.place === coast.place} onClick={() => onHome(coast)}>
            {coast.place}, to practise
          </Choice>
        ))}
      </div>
      <PositionField
        label="Or latitude and longitude"
        at={home}
        onSet={(at) => onHome({ place: 'Home waters', timeZone: zoneOfDevice(), ...at })}
      />
    </section>
  )
}

function Choice({ chosen, onClick, children }: { chosen: boolean; onClick(): void; children: ReactNode }) {
  return (
    <Button aria-pressed={chosen} tone={chosen ? 'strong' : 'plain'} onClick={onClick}>
      {children}
    </Button>
  )
}
