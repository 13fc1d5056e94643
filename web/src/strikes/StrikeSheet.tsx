import { RANGES } from '../shared/api/generated/ranges'
import { Button } from '../shared/ui/Button'
import { Field } from '../shared/ui/Field'
import { PositionField } from '../shared/ui/PositionField'
import { QuantityField } from '../shared/ui/QuantityField'
import { Select } from '../shared/ui/Select'
import { Sheet } from '../shared/ui/Sheet'
import { TypedField } from '../shared/ui/TypedField'
import { useUnits } from '../units/UnitsContext'
import type { Fish, Place } from './fold/model'
import { sailedWords } from './sailed'
import { TimeField } from './TimeField'
import type { Strike } from './useDay'

/** What is told of a fish anew; a figure that is taken back is undefined. */
export type FishChange = { [K in keyof Fish]?: Fish[K] | undefined }

/** What of a strike can be said anew; what was said first is kept under it. */
export interface StrikeEdits {
  onRetimed(strike: Strike, at: number): void
  onPlaced(strike: Strike, at: Place): void
  /** Told anew in the place of what was told. */
  onFish(strike: Strike, fish: Fish, change: FishChange): void
  onFishGone(strike: Strike, fish: Fish): void
  /** What its fish had eaten. */
  onOpened(strike: Strike, found: string): void
  onTakeBack(strike: Strike): void
}

/** One strike with everything said of it, to be corrected: the time, the place, each fish. */
export function StrikeSheet({
  strike,
  clock,
  edits,
  onClose,
}: {
  strike: Strike
  clock(time: string): string
  edits: StrikeEdits
  onClose(): void
}) {
  const units = useUnits()
  const shown = clock(strike.happenedAt)
  return (
    <Sheet title={`Strike on ${strike.label}, ${shown}`} open onClose={onClose}>
      <p className="mb-4 text-slate">
        What you correct is added to the day; what was said first stays under it.
      </p>
      {strike.sailed && <p className="mb-4">{sailedWords(strike.sailed, units)}.</p>}
      <div className="flex flex-wrap gap-4">
        <TimeField
          label="Time of the strike"
          at={Date.parse(strike.happenedAt)}
          shown={shown}
          onMoved={(at) => edits.onRetimed(strike, at)}
        />
        <PositionField
          label="Where the lure was"
          at={strike.placed ?? strike.lureAt ?? null}
          onSet={(place) => edits.onPlaced(strike, place)}
        />
      </div>
      {strike.fish.map((fish, at) => (
        <FishRow
          key={fish.factId}
          fish={fish}
          title={strike.fish.length === 1 ? 'The fish' : `Fish ${at + 1}`}
          onChange={(change) => edits.onFish(strike, fish, change)}
          onGone={() => edits.onFishGone(strike, fish)}
        />
      ))}
      {strike.fish.length > 0 && (
        <div className="mt-4">
          {strike.eaten && <p className="mb-1">It had eaten: {strike.eaten.join('; ')}.</p>}
          <Field label={strike.eaten ? 'And besides' : 'What it had eaten'}>
            <TypedField
              label="What it had eaten"
              value=""
              size={28}
              className="h-11 font-sans"
              onCommit={(typed) => {
                const found = typed.trim()
                if (found === '') return 'Type what was in it.'
                edits.onOpened(strike, found)
                return null
              }}
            />
          </Field>
        </div>
      )}
      <div className="mt-6">
        <Button
          tone="quiet"
          onClick={() => {
            edits.onTakeBack(strike)
            onClose()
          }}
        >
          Take the strike back
        </Button>
      </div>
    </Sheet>
  )
}

function FishRow({
  fish,
  title,
  onChange,
  onGone,
}: {
  fish: Fish
  title: string
  onChange(change: FishChange): void
  onGone(): void
}) {
  return (
    <section aria-label={title} className="mt-4">
      <h3 className="mb-1 font-bold">{title}</h3>
      <div className="flex flex-wrap items-end gap-4">
        <Field label="Species">
          <TypedField
            label={`Species, ${title}`}
            value={fish.species}
            size={14}
            className="h-11 font-sans"
            onCommit={(typed) => {
              if (typed.trim() === '') return 'Type what it was.'
              onChange({ species: typed.trim() })
              return null
            }}
          />
        </Field>
        <Field label="Length">
          <QuantityField
            label="Length"
            what="a length"
            figure="distance"
            si={fish.lengthM}
            range={RANGES.Landed.lengthM}
            onSet={(lengthM) => onChange({ lengthM })}
            onClear={() => onChange({ lengthM: undefined })}
          />
        </Field>
        <Field label="Weight">
          <QuantityField
            label="Weight"
            what="a weight"
            figure="mass"
            si={fish.massKg}
            range={RANGES.Landed.massKg}
            onSet={(massKg) => onChange({ massKg })}
            onClear={() => onChange({ massKg: undefined })}
          />
        </Field>
        <Select
          aria-label={`Kept or released, ${title}`}
          value={fish.released ? 'released' : 'kept'}
          onChange={(event) => onChange({ released: event.target.value === 'released' })}
        >
          <option value="kept">kept</option>
          <option value="released">released</option>
        </Select>
        <Button tone="quiet" onClick={onGone}>
          There was no such fish
        </Button>
      </div>
    </section>
  )
}
