import { useRef, useState } from 'react'
import { RANGES } from '../shared/api/generated/ranges'
import { Problem } from '../shared/api/client'
import { sources as device } from '../shared/device'
import { FileInput } from '../shared/ui/FileInput'
import { Field } from '../shared/ui/Field'
import { Sheet } from '../shared/ui/Sheet'
import { TypedField } from '../shared/ui/TypedField'
import { printPosition } from '../units/position'
import type { Fix } from '../strikes/fixes'
import { keepSource, removeSource, sendRecording, type Instruments, type Source } from './queries'
import { Big } from './StrikeCard'

/** The device as a source of its own. */
export interface Own {
  on: boolean
  fix: Fix | null
  why: string | null
  toggle(): void
}

const LONGEST_NAME = 60

const WAYS: Record<Source['way'], string> = {
  TCP: 'a server on the network',
  UDP: 'a UDP port of this computer',
  SIMULATED: 'a simulated boat',
  RECORDED: 'a recorded file, heard again as it was',
  PRACTICE: 'an invented sea, for this boat alone',
}

/** Where instruments are heard: what comes in from each, and how to add one. */
export function SourcesSheet({
  boat,
  instruments,
  own,
  onChanged,
  onClose,
}: {
  boat: string
  instruments: Instruments
  own: Own
  onChanged(): void
  onClose(): void
}) {
  const [said, setSaid] = useState<string | null>(null)
  const attempt = async (run: () => Promise<unknown>) => {
    try {
      await run()
      setSaid(null)
      onChanged()
    } catch (problem) {
      setSaid(problem instanceof Problem ? problem.said.join(' ') : 'Nothing was changed. Try again.')
    }
  }
  const add = (source: Pick<Source, 'name' | 'way'> & Partial<Source>) =>
    void attempt(() =>
      keepSource(boat, device.uuid(), { version: 0, priority: instruments.sources.length + 1, ...source }),
    )
  const play = async (file: File) => {
    const source = device.uuid()
    await sendRecording(boat, source, file)
    const name = file.name.slice(0, LONGEST_NAME)
    await keepSource(boat, source, { version: 0, name, way: 'RECORDED', priority: 98 })
  }
  const practises = instruments.sources.some(({ source }) => source.way === 'PRACTICE')
  return (
    <Sheet title="Instruments" open onClose={onClose}>
      {!practises && <OwnSource own={own} />}
      <ul className="divide-y divide-ink/25">
        {instruments.sources.map(({ sourceId, source }) => {
          const state = instruments.now?.states.find((one) => one.sourceId === sourceId)
          return (
            <li key={sourceId} className="flex items-center gap-3 py-2" data-source={source.way}>
              <span className="min-w-0 flex-1">
                <b className="text-lg">{source.name}</b>
                <span className="block">
                  {WAYS[source.way]}
                  {source.host && `, ${source.host}`}
                  {source.port !== undefined && `, port ${source.port}`}
                </span>
                <span className="block">{state ? stateWords(state) : 'Not heard yet.'}</span>
              </span>
              {source.way !== 'PRACTICE' && (
                <Big onClick={() => void attempt(() => removeSource(boat, sourceId, source.version))}>
                  Take off<span className="sr-only"> {source.name}</span>
                </Big>
              )}
            </li>
          )
        })}
      </ul>
      {instruments.sources.length === 0 && (
        <p className="mb-3">
          Position, speeds, heading, depth, water and wind as NMEA 0183. Without any, the deck goes by what
          you tap.
        </p>
      )}
      {!practises && <NewSource onAdd={add} onFile={(file) => void attempt(() => play(file))} />}
      {said && (
        <p role="alert" className="mt-3 border-l-4 border-rust pl-3">
          {said}
        </p>
      )}
    </Sheet>
  )
}

function OwnSource({ own }: { own: Own }) {
  return (
    <div className="mb-2 flex items-center gap-3 border-b border-ink/25 pb-2">
      <span className="min-w-0 flex-1">
        <b className="text-lg">This device</b>
        <span className="block">
          {own.on
            ? (own.why ?? (own.fix ? printPosition(own.fix) : 'Its place is not known yet.'))
            : 'Where it is, kept each second while the deck is open: each strike has its place.'}
        </span>
      </span>
      <Big pressed={own.on} onClick={own.toggle}>
        {own.on ? 'On' : 'Use it'}
        <span className="sr-only">: this device’s own position</span>
      </Big>
    </div>
  )
}

type State = NonNullable<Instruments['now']>['states'][number]

function stateWords({ lines, trouble, wrong }: State): string {
  if (trouble !== '') return `Not heard: ${trouble}. It is tried again.`
  const counted = wrong.map(({ words, count }) => `${count} ${words}`).join(', ')
  return `${lines} lines heard${counted === '' ? '' : `; not used: ${counted}`}.`
}

function NewSource({
  onAdd,
  onFile,
}: {
  onAdd(source: Pick<Source, 'name' | 'way'> & Partial<Source>): void
  onFile(file: File): void
}) {
  const file = useRef<HTMLInputElement>(null)
  const [host, setHost] = useState('192.168.1.10')
  const [port, setPort] = useState(10110)
  const range = RANGES.SourceBody.port
  return (
    <section className="mt-4">
      <h3 className="mb-2 font-bold">Add one</h3>
      <div className="mb-3 flex flex-wrap gap-4">
        <Field label="Address">
          <TypedField
            label="Address"
            value={host}
            size={18}
            className="h-11"
            onCommit={(typed) => {
              if (typed.trim() === '') return 'Type a name or an address.'
              setHost(typed.trim())
              return null
            }}
          />
        </Field>
        <Field label="Port">
          <TypedField
            label="Port"
            value={String(port)}
            className="h-11"
            onCommit={(typed) => {
              const read = Number(typed)
              if (!Number.isInteger(read) || read < range.least || read > range.most)
                return `Type a port from ${range.least} to ${range.most}.`
              setPort(read)
              return null
            }}
          />
        </Field>
      </div>
      <div className="grid gap-2">
        <Big onClick={() => onAdd({ name: 'Network', way: 'TCP', host, port })}>
          Listen to the server at that address
        </Big>
        <Big onClick={() => onAdd({ name: 'UDP', way: 'UDP', port })}>Listen on that UDP port</Big>
        <Big onClick={() => file.current?.click()}>Play a recorded file</Big>
        <FileInput
          input={file}
          label="Recorded file to play"
          accept=".nmea,.log,.txt,text/plain"
          onFile={onFile}
        />
        <Big onClick={() => onAdd({ name: 'Simulated boat', way: 'SIMULATED', priority: 99 })}>
          Try it with a simulated boat
        </Big>
      </div>
    </section>
  )
}
