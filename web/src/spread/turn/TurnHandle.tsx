import { Fragment, useRef, type KeyboardEvent, type PointerEvent } from 'react'
import type { Turns } from '../../draft/queries'
import { followedTo, type Turned } from './model'
import { degrees } from './sentences'

const RADIUS = 42
/** Of pull for each degree: a quarter turn is a hand's breadth. */
const PX_PER_DEG = 1.1
/** The arc is drawn so far; beyond lies the boat. */
const DRAWN_TO = 105
const STEPS: Readonly<Record<string, number>> = {
  ...{ ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 },
  ...{ PageUp: 10, PageDown: -10 },
}

/** A ring at the bow: pull it up or down and she turns to starboard or port; the arc ends where the first pair fouls. */
export function TurnHandle({
  turns,
  turned,
  onTurn,
  x,
  y,
}: {
  turns: Turns
  turned: Turned
  onTurn(turned: Turned): void
  /** Of the bow (px). */
  x: number
  y: number
}) {
  const most = { starboard: followedTo(turns.starboard), port: -followedTo(turns.port) }
  const clamp = (deg: number) => Math.max(most.port, Math.min(most.starboard, Math.round(deg)))
  const at = (deg: number, radius = RADIUS) => {
    const angle = (deg * Math.PI) / 180
    return { x: x - radius * Math.cos(angle), y: y - radius * Math.sin(angle) }
  }
  const arc = (from: number, to: number) => {
    const a = at(from)
    const b = at(to)
    return `M${a.x} ${a.y} A${RADIUS} ${RADIUS} 0 ${Math.abs(to - from) > 180 ? 1 : 0} ${to > from ? 1 : 0} ${b.x} ${b.y}`
  }
  const limits = { starboard: turns.starboard.limitDeg, port: -turns.port.limitDeg }
  const ring = at(turned)
  const past = turned > limits.starboard || turned < limits.port
  const pull = usePull(turned, (deg) => onTurn(clamp(deg)))
  return (
    <g data-testid="turn-handle">
      {[limits.starboard, limits.port].map((limit) => {
        const end = Math.sign(limit) * Math.min(Math.abs(limit), DRAWN_TO)
        return (
          <Fragment key={Math.sign(limit)}>
            {Math.abs(limit) < DRAWN_TO && (
              <path
                d={arc(limit, Math.sign(limit) * DRAWN_TO)}
                fill="none"
                className="stroke-rust"
                strokeDasharray="1 5"
                strokeWidth={2.5}
              />
            )}
            <path d={arc(0, end)} fill="none" className="stroke-moss stroke-[3]" />
          </Fragment>
        )
      })}
      <Limit side={turns.starboard} at={at} sign={1} />
      <Limit side={turns.port} at={at} sign={-1} />
      <g
        role="slider"
        tabIndex={0}
        aria-label="Turn of the boat"
        aria-orientation="vertical"
        aria-valuemin={most.port}
        aria-valuemax={most.starboard}
        aria-valuenow={turned}
        aria-valuetext={
          turned === 0
            ? 'straight'
            : `${Math.abs(turned)}° to ${turned > 0 ? 'starboard' : 'port'}${past ? ', fouled' : ''}`
        }
        className="group cursor-ns-resize touch-none outline-none"
        {...pull}
        onDoubleClick={() => onTurn(0)}
      >
        <circle cx={ring.x} cy={ring.y} r={22} fill="transparent" />
        <circle
          cx={ring.x}
          cy={ring.y}
          r={15}
          fill="none"
          className="stroke-ink stroke-2 opacity-0 group-focus-visible:opacity-100"
        />
        <circle
          cx={ring.x}
          cy={ring.y}
          r={10}
          className={`fill-foam stroke-[3.5] ${past ? 'stroke-rust' : 'stroke-moss'}`}
        />
      </g>
    </g>
  )
}

/** Up is to starboard, by hand or by keys. */
function usePull(turned: number, onTurn: (deg: number) => void) {
  const from = useRef<{ y: number; turned: number } | null>(null)
  const letGo = () => {
    from.current = null
  }
  return {
    onPointerDown: (event: PointerEvent<SVGGElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId)
      from.current = { y: event.clientY, turned }
    },
    onPointerMove: (event: PointerEvent) => {
      if (from.current) onTurn(from.current.turned + (from.current.y - event.clientY) / PX_PER_DEG)
    },
    onPointerUp: letGo,
    onPointerCancel: letGo,
    onKeyDown: (event: KeyboardEvent) => {
      const step = STEPS[event.key]
      if (event.key === 'Home' || event.key === 'Escape') onTurn(0)
      else if (step) onTurn(turned + step * (event.shiftKey ? 10 : 1))
      else return
      event.preventDefault()
      event.stopPropagation()
    },
  }
}

/** Where the limit lies on the arc, with its figure; a wide one is written where the arc ends. */
function Limit({
  side,
  at,
  sign,
}: {
  side: { limitDeg: number; tooLittleDeg: number }
  at(deg: number, radius: number): { x: number; y: number }
  sign: 1 | -1
}) {
  const deg = sign * Math.min(side.limitDeg, DRAWN_TO)
  const inner = at(deg, RADIUS - 6)
  const outer = at(deg, RADIUS + 6)
  const little = side.limitDeg < side.tooLittleDeg
  const wide = side.limitDeg > 75
  return (
    <g>
      {side.limitDeg <= DRAWN_TO && (
        <line
          x1={inner.x}
          y1={inner.y}
          x2={outer.x}
          y2={outer.y}
          className={`stroke-[3] ${little ? 'stroke-rust' : 'stroke-moss'}`}
        />
      )}
      <text
        x={outer.x + (wide ? 0 : -4)}
        y={Math.max(14, outer.y + (sign > 0 ? -4 : 15))}
        textAnchor={wide ? 'middle' : 'end'}
        className={`stroke-water stroke-[4] font-mono text-[14px] font-bold [paint-order:stroke] ${little ? 'fill-rust-text' : 'fill-ink'}`}
      >
        {degrees(side.limitDeg)}
      </text>
    </g>
  )
}
