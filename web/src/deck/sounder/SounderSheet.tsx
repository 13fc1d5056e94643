import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { RANGES } from '../../shared/api/generated/ranges'
import { Field } from '../../shared/ui/Field'
import { QuantityField } from '../../shared/ui/QuantityField'
import { Sheet } from '../../shared/ui/Sheet'
import { TypedField } from '../../shared/ui/TypedField'
import { useStored } from '../../shared/useStored'
import { saySentence } from '../../units/sentence'
import { useUnits } from '../../units/UnitsContext'
import type { Draft } from '../../draft/queries'
import { LuresReach } from './LuresReach'
import { FIRST, USUAL, type Sounder, type Trace } from './model'
import { soundedOf } from './queries'
import { SounderDrawing } from './SounderDrawing'

/** How she goes, as it is known now (m/s). */
export interface Goes {
  throughMps: number
  groundMps: number
  /** Of the stream, to starboard of her course. */
  acrossMps: number
}

/** What a trace can be, and when each lure reaches it. */
export function SounderSheet({
  boat,
  draft,
  goes,
  kinds,
  onClose,
}: {
  boat: string
  draft: Draft
  goes: Goes
  kinds: ReadonlyMap<string, string>
  onClose(): void
}) {
  const units = useUnits()
  const [kept, keep] = useStored<Sounder>('moss.sounder')
  const sounder = kept ?? USUAL
  const [trace, setTrace] = useState(FIRST)
  const { topM: depthM, columns, heightM } = trace
  // What she does changes a little each second; what is said of a trace need not.
  const [then] = useState(goes)
  const sounded = useQuery(soundedOf(boat, { ...sounder, depthM, columns, heightM, ...then, draft }))
  return (
    <Sheet title="What is that mark?" open onClose={onClose} wide>
      <div className="flex flex-wrap gap-3">
        <TraceFields {...{ trace }} onTrace={(part) => setTrace({ ...trace, ...part })} />
        <NumberField
          label="Cone, °"
          value={sounder.coneDeg}
          range={RANGES.SounderBody.coneDeg}
          onSet={(coneDeg) => keep({ ...sounder, coneDeg })}
        />
        <NumberField
          label="Pings a second"
          value={sounder.pingsHz}
          range={RANGES.SounderBody.pingsHz}
          onSet={(pingsHz) => keep({ ...sounder, pingsHz })}
        />
      </div>
      {sounded.error && <p role="alert">{sounded.error.message}</p>}
      {sounded.data && (
        <>
          <div className="mt-3" data-testid="sounder-says">
            {sounded.data.can?.says.map((sentence) => (
              <p key={sentence.text} className="text-lg font-semibold">
                {saySentence(sentence, units, 'UTC')}
              </p>
            ))}
          </div>
          <div className="mt-3">
            <SounderDrawing sounded={sounded.data} {...{ trace, kinds }} />
          </div>
          <p className="mt-1 text-base">
            At {units.say('speed', then.groundMps)} over ground the cone is{' '}
            {units.say('distance', sounded.data.footprintM)} wide there.
          </p>
          <LuresReach lures={sounded.data.lures} trace={trace} />
        </>
      )}
    </Sheet>
  )
}

function TraceFields({ trace, onTrace }: { trace: Trace; onTrace(part: Partial<Trace>): void }) {
  return (
    <>
      <Field label="Top of the trace">
        <QuantityField
          label="Top of the trace"
          what="a depth"
          figure="distance"
          si={trace.topM}
          range={RANGES.SounderBody.depthM}
          onSet={(topM) => onTrace({ topM })}
        />
      </Field>
      <Field label="High">
        <QuantityField
          label="High"
          what="a height"
          figure="distance"
          si={trace.heightM}
          range={RANGES.SounderBody.heightM}
          onSet={(heightM) => onTrace({ heightM })}
        />
      </Field>
      <NumberField
        label="Columns wide"
        value={trace.columns}
        range={RANGES.SounderBody.columns}
        onSet={(columns) => onTrace({ columns })}
      />
    </>
  )
}

function NumberField({
  label,
  value,
  range: { least, most },
  onSet,
}: {
  label: string
  value: number
  range: { least: number; most: number }
  onSet(value: number): void
}) {
  return (
    <Field label={label}>
      <TypedField
        label={label}
        value={String(value)}
        size={7}
        className="h-11"
        onCommit={(typed) => {
          const read = Number(typed.replace(',', '.'))
          if (!(read >= least && read <= most)) return `Type a number from ${least} to ${most}.`
          onSet(read)
          return null
        }}
      />
    </Field>
  )
}
