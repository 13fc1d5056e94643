import { useState, type ReactNode } from 'react'
import { Button } from '../../shared/ui/Button'
import { Sheet } from '../../shared/ui/Sheet'
import { Select } from '../../shared/ui/Select'
import { TypedField } from '../../shared/ui/TypedField'
import { readDirection } from '../../units/direction'
import { useUnits, type Figure } from '../../units/UnitsContext'
import { setEngines, setHere } from '../../draft/model'
import type { Here } from '../../draft/queries'
import type { Editing } from '../../draft/useEditor'

/** What is known of the water, and the engines running; everything but the engines may be left empty. */
export function WaterSheet({
  editor,
  engines,
  tide,
  open,
  onClose,
}: {
  editor: Editing
  /** The stream of the tide at the moment shown, with the words for that moment; null away from any station. */
  tide: { mps: number; towardsDeg: number; when: string } | null
  /** Aboard. */
  engines: number
  open: boolean
  onClose(): void
}) {
  const here = editor.doc.draft.here ?? {}
  const set = (change: Partial<Here>) => editor.edit((doc) => setHere(doc, change))
  const field = { here, set }
  return (
    <Sheet title="The water here" open={open} onClose={onClose}>
      <p className="mb-4 text-slate">Empty what is not known: nothing is drawn or judged by it then.</p>
      <div className="grid grid-cols-2 gap-x-6 gap-y-4 max-md:grid-cols-1">
        <Group title="Below">
          <Row {...field} label="Bottom" name="bottomM" figure="distance" least={1} most={11000} />
          <Band {...field} />
          <Row
            {...field}
            label="Step of temperature at"
            name="layerM"
            figure="distance"
            least={0.5}
            most={1000}
          />
          <Row {...field} label="Above it" name="aboveC" figure="temperature" least={-2} most={40} />
          <Row {...field} label="Below it" name="belowC" figure="temperature" least={-2} most={40} />
        </Group>
        <Group title="Stream and boat">
          <Row {...field} label="Heading" name="headingDeg" degrees least={0} most={360} />
          <Stream {...field} />
          {tide && (
            <Button
              onClick={() => set({ streamMps: tide.mps, streamTowardsDeg: Math.round(tide.towardsDeg) })}
            >
              Take the tide of {tide.when}
            </Button>
          )}
          {engines > 1 && (
            <label className="flex items-center justify-between gap-3">
              Engines running
              <Select
                value={editor.doc.draft.enginesRunning ?? engines}
                onChange={(event) => editor.edit((doc) => setEngines(doc, Number(event.target.value)))}
              >
                {Array.from({ length: engines + 1 }, (_, n) => (
                  <option key={n} value={n}>
                    {n === 0 ? 'none' : n}
                  </option>
                ))}
              </Select>
            </label>
          )}
        </Group>
      </div>
    </Sheet>
  )
}

function Group({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="flex flex-col gap-2.5">
      <h3 className="font-bold">{title}</h3>
      {children}
    </section>
  )
}

interface FieldProps {
  here: Here
  set(change: Partial<Here>): void
}

/** Top and bottom of the bait say something only together. */
function Band(field: FieldProps) {
  return (
    <Pair
      {...field}
      names={['baitTopM', 'baitBottomM']}
      lacking="Type where the layer ends too: one end alone is not kept."
    >
      {({ here, set }) => (
        <>
          <Row
            {...{ here, set }}
            label="Bait from"
            name="baitTopM"
            figure="distance"
            least={0}
            most={here.baitBottomM ?? 1000}
          />
          <Row
            {...{ here, set }}
            label="Bait to"
            name="baitBottomM"
            figure="distance"
            least={Math.max(0.5, (here.baitTopM ?? 0) + 0.1)}
            most={1000}
          />
        </>
      )}
    </Pair>
  )
}

function Stream(field: FieldProps) {
  return (
    <Pair
      {...field}
      names={['streamMps', 'streamTowardsDeg']}
      lacking="Type its speed and where it sets: one alone is not kept."
    >
      {({ here, set }) => (
        <>
          <Row {...{ here, set }} label="Stream" name="streamMps" figure="speed" least={0} most={5} />
          <Row {...{ here, set }} label="Sets towards" name="streamTowardsDeg" degrees least={0} most={360} />
        </>
      )}
    </Pair>
  )
}

/** Two figures that are kept only together; one typed first waits in its field. */
function Pair({
  here,
  set,
  names,
  lacking,
  children,
}: FieldProps & {
  names: readonly [keyof Here, keyof Here]
  /** Said while one of them is missing. */
  lacking: string
  children(field: FieldProps): ReactNode
}) {
  const [waiting, setWaiting] = useState<Partial<Here>>({})
  const shown = { ...here, ...waiting }
  const both = (change: Partial<Here>) => {
    const next = { ...shown, ...change }
    const known = names.filter((name) => next[name] !== undefined)
    const whole = known.length === 2
    set(Object.fromEntries(names.map((name) => [name, whole ? next[name] : undefined])))
    setWaiting(whole ? {} : Object.fromEntries(known.map((name) => [name, next[name]])))
  }
  return (
    <>
      {children({ here: shown, set: both })}
      {Object.keys(waiting).length > 0 && (
        <p role="status" className="border-l-4 border-rust pl-2 text-sm">
          {lacking}
        </p>
      )}
    </>
  )
}

/** `40`, `40°`, `NE`. */
const degreesOf = (text: string): number | null => {
  const rad = readDirection(text)
  return rad === null ? null : Math.round((rad * 1800) / Math.PI) / 10
}

function Row({
  here,
  set,
  label,
  name,
  figure,
  degrees = false,
  least,
  most,
}: FieldProps & {
  label: string
  name: keyof Here
  figure?: Figure
  degrees?: boolean
  least: number
  most: number
}) {
  const units = useUnits()
  const say = (si: number) => (figure ? units.say(figure, si) : `${Math.round(si)}°`)
  const typed = (text: string): string | null => {
    if (text.trim() === '') {
      set({ [name]: undefined })
      return null
    }
    const read = figure ? units.read(figure, text) : degrees ? degreesOf(text) : null
    if (read === null || !Number.isFinite(read) || read < least || read > most)
      return `Type ${label.toLowerCase()} from ${say(least)} to ${say(most)}, or empty it.`
    set({ [name]: read })
    return null
  }
  const value = here[name]
  return (
    <div className="flex items-center justify-between gap-3">
      <span>{label}</span>
      <TypedField
        label={label}
        value={value === undefined || value === null ? '' : say(value)}
        onCommit={typed}
        size={9}
        className="h-11"
      />
    </div>
  )
}
