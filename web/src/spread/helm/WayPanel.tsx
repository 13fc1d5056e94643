import type { ReactNode } from 'react'
import { Button } from '../../shared/ui/Button'
import { QuantityField } from '../../shared/ui/QuantityField'
import { Select } from '../../shared/ui/Select'
import { onwards, WEAVE, type Way } from './model'

const LEG_M = 60
/** Of a leg, as the helm takes it (m). */
const STRAIGHT_M = { least: 0, most: 5000 }
const TURN_DEG = 45
const SWINGS_DEG = [15, 30, 45, 60, 90]
const TIMES = [1, 2, 3, 4, 6]

/** How she is steered: a weave by its swing and legs, or marks on the water. */
export function WayPanel({ way, onWay, children }: { way: Way; onWay(way: Way): void; children: ReactNode }) {
  const kind = (of: Way, words: string) => (
    <Button
      small
      tone={way.kind === of.kind ? 'strong' : 'plain'}
      aria-pressed={way.kind === of.kind}
      onClick={() => way.kind !== of.kind && onWay(of)}
    >
      {words}
    </Button>
  )
  return (
    <div className="flex flex-wrap items-center gap-2 border-b border-ink/20 px-4 py-1">
      {kind(WEAVE, 'Weave')}
      {kind({ kind: 'track', marks: [] }, 'Draw a way')}
      {way.kind === 'weave' ? <Weave {...{ way, onWay }} /> : <Track {...{ way, onWay }} />}
      <span className="grow" />
      {children}
    </div>
  )
}

function Weave({ way, onWay }: { way: Extract<Way, { kind: 'weave' }>; onWay(way: Way): void }) {
  return (
    <>
      <Choice
        label="Swing to each side"
        value={way.swingDeg}
        of={SWINGS_DEG}
        say={(deg) => `${deg}°`}
        onSet={(swingDeg) => onWay({ ...way, swingDeg })}
      />
      <Choice
        label="Swings"
        value={way.swings}
        of={TIMES}
        say={(times) => `${times} times`}
        onSet={(swings) => onWay({ ...way, swings })}
      />
      <label className="flex items-center gap-1.5">
        straight
        <QuantityField
          label="Straight between swings"
          what="a length"
          figure="distance"
          si={way.legM}
          range={STRAIGHT_M}
          onSet={(legM) => onWay({ ...way, legM })}
          className="h-11"
        />
      </label>
      <Button
        small
        onClick={() => onWay({ ...way, side: way.side === 'PORT' ? 'STARBOARD' : 'PORT' })}
      >{`first to ${way.side === 'PORT' ? 'port' : 'starboard'}`}</Button>
    </>
  )
}

function Track({ way, onWay }: { way: Extract<Way, { kind: 'track' }>; onWay(way: Way): void }) {
  const add = (turnDeg: number) =>
    onWay({ ...way, marks: [...way.marks, onwards(way.marks, turnDeg, LEG_M)] })
  const full = way.marks.length >= 20
  return (
    <>
      <Button small disabled={full} onClick={() => add(-TURN_DEG)}>
        To port
      </Button>
      <Button small disabled={full} onClick={() => add(0)}>
        Ahead
      </Button>
      <Button small disabled={full} onClick={() => add(TURN_DEG)}>
        To starboard
      </Button>
      <Button
        small
        disabled={way.marks.length === 0}
        onClick={() => onWay({ ...way, marks: way.marks.slice(0, -1) })}
      >
        Take the last back
      </Button>
    </>
  )
}

function Choice({
  label,
  value,
  of,
  say,
  onSet,
}: {
  label: string
  value: number
  of: readonly number[]
  say(value: number): string
  onSet(value: number): void
}) {
  return (
    <Select aria-label={label} value={value} onChange={(event) => onSet(Number(event.target.value))}>
      {of.map((one) => (
        <option key={one} value={one}>
          {say(one)}
        </option>
      ))}
    </Select>
  )
}
