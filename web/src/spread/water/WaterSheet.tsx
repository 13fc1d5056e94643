import type { ReactNode } from 'react'
import { Button } from '../../shared/ui/Button'
import { Sheet } from '../../shared/ui/Sheet'
import { Select } from '../../shared/ui/Select'
import { TypedField } from '../../shared/ui/TypedField'
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

/** Top and bottom of the bait belong together: one of them typed first stands for both. */
function Band({ here, set }: FieldProps) {
  const both = (change: Partial<Here>) => {
    const typed = change.baitTopM ?? change.baitBottomM
    if (typed === undefined) return set({ baitTopM: undefined, baitBottomM: undefined })
    const ends = [change.baitTopM ?? here.baitTopM ?? typed, change.baitBottomM ?? here.baitBottomM ?? typed]
    const baitTopM = Math.min(...ends)
    set({ baitTopM, baitBottomM: Math.max(...ends) > baitTopM ? Math.max(...ends) : baitTopM + 1 })
  }
  return (
    <>
      <Row here={here} set={both} label="Bait from" name="baitTopM" figure="distance" least={0} most={1000} />
      <Row
        here={here}
        set={both}
        label="Bait to"
        name="baitBottomM"
        figure="distance"
        least={0.5}
        most={1000}
      />
    </>
  )
}

function Stream({ here, set }: FieldProps) {
  const both = (change: Partial<Here>) => {
    const next = { ...here, ...change }
    const emptied = Object.values(change).every((value) => value === undefined)
    if (emptied) set({ streamMps: undefined, streamTowardsDeg: undefined })
    else set({ streamMps: next.streamMps ?? 0.5, streamTowardsDeg: next.streamTowardsDeg ?? 0 })
  }
  return (
    <>
      <Row here={here} set={both} label="Stream" name="streamMps" figure="speed" least={0} most={5} />
      <Row here={here} set={both} label="Sets towards" name="streamTowardsDeg" degrees least={0} most={360} />
    </>
  )
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
    const read = figure ? units.read(figure, text) : degrees ? Number(text.replace('°', '').trim()) : null
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
