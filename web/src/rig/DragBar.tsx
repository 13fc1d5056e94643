import { useRef, type KeyboardEvent, type PointerEvent } from 'react'
import { NARROW, useWidth } from '../shared/useWidth'
import { useUnits } from '../units/UnitsContext'
import { dragMarks } from './dragMarks'
import { axisEnd, axisTicks } from './model'
import type { BenchLine } from './queries'

const HEIGHT = 96
const TOP = 30
const BAR = 24

/** The window of the strike drag: the water's pull, what is least and most, the rod, and what is set. */
export function DragBar({
  line,
  onSet,
}: {
  line: BenchLine
  onSet(newtons: number, settled: boolean): void
}) {
  const [frame, width] = useWidth()
  const narrow = width < NARROW
  const left = narrow ? 20 : 116
  const units = useUnits()
  const per = units.unit('pull').factor
  const end = axisEnd(line, per)
  const right = width - 28
  const x = (newtons: number) => left + (Math.min(newtons, end) / end) * (right - left)
  const held = useRef(false)
  const say = (newtons: number) => units.say('pull', newtons)
  const figure = (newtons: number) => units.figure('pull', newtons)
  const read = (event: PointerEvent<Element>) => {
    const at = event.clientX - event.currentTarget.closest('svg')!.getBoundingClientRect().left
    return Math.min(
      end,
      Math.max(0, (Math.round((((at - left) / (right - left)) * end * 10) / per) / 10) * per),
    )
  }
  const keys = (event: KeyboardEvent) => {
    const step = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key]
    if (!step) return
    event.preventDefault()
    const by = step * (event.shiftKey ? 1 : 0.1)
    onSet(Math.min(5000, Math.max(0, (Math.round((line.strikeDragN / per + by) * 10) / 10) * per)), true)
  }
  const window = line.window
  const set = x(line.strikeDragN)
  const words = dragMarks(line, end, x, say, figure, [left, right], narrow)
  return (
    <section aria-label="Strike drag" className="shrink-0 bg-foam" ref={frame} data-testid="drag-window">
      <svg width={width} height={HEIGHT} className="block select-none">
        {!narrow && (
          <text x={16} y={20} className="fill-ink text-[15px] font-bold">
            Strike drag
          </text>
        )}
        {!narrow && (
          <text x={16} y={TOP + 17} className="fill-slate text-[13px]">
            {`${units.unit('pull').symbol} at the tip`}
          </text>
        )}
        <rect x={left} y={TOP} width={right - left} height={BAR} className="fill-shade" />
        {line.window && <Window window={line.window} x={x} />}
        {line.likelyPull && <LikelyPull {...line.likelyPull} x={x} />}
        <Marks marks={words} />
        {axisTicks(end, per).map((tick) => (
          <text
            key={tick}
            x={x(tick)}
            y={HEIGHT - 4}
            textAnchor="middle"
            className="fill-slate font-mono text-[12px]"
          >
            {axisFigure(tick / per)}
          </text>
        ))}
        <g
          role="slider"
          tabIndex={0}
          aria-label="Strike drag"
          aria-valuemin={0}
          aria-valuemax={Math.round(end)}
          aria-valuenow={Math.round(line.strikeDragN * 10) / 10}
          aria-valuetext={`${say(line.strikeDragN)}${window ? (window.empty ? ', no drag works' : `, from ${say(window.leastN)} to ${say(window.mostN)}`) : ''}`}
          className="group cursor-ew-resize touch-none outline-none"
          onKeyDown={keys}
          onPointerDown={(event) => {
            held.current = true
            event.currentTarget.setPointerCapture(event.pointerId)
          }}
          onPointerMove={(event) => held.current && onSet(read(event), false)}
          onPointerUp={(event) => {
            if (held.current) onSet(read(event), true)
            held.current = false
          }}
        >
          <rect x={set - 22} y={TOP + BAR / 2 - 22} width={44} height={44} className="fill-transparent" />
          <rect
            x={set - 3}
            y={TOP - 7}
            width={6}
            height={BAR + 14}
            className="fill-ink group-focus-visible:stroke-lichen group-focus-visible:stroke-[3]"
          />
        </g>
      </svg>
    </section>
  )
}

/** From the least to the most that may be set; hatched where no drag works. */
function Window({ window, x }: { window: NonNullable<BenchLine['window']>; x(newtons: number): number }) {
  return (
    <>
      {!window.empty && (
        <rect
          x={x(window.leastN)}
          y={TOP}
          width={Math.max(2, x(window.mostN) - x(window.leastN))}
          height={BAR}
          className="fill-lichen stroke-ink"
        />
      )}
      {window.empty && (
        <>
          <rect
            x={Math.min(x(window.mostN), x(window.firmN))}
            y={TOP}
            width={Math.abs(x(window.firmN) - x(window.mostN))}
            height={BAR}
            fill="url(#empty-window)"
            className="stroke-rust"
          />
          <defs>
            <pattern
              id="empty-window"
              width="8"
              height="8"
              patternUnits="userSpaceOnUse"
              patternTransform="rotate(45)"
            >
              <rect width="3" height="8" className="fill-rust" />
            </pattern>
          </defs>
        </>
      )}
    </>
  )
}

/** What lies where, above the bar and below it. */
const Marks = ({ marks }: { marks: ReturnType<typeof dragMarks> }) =>
  marks.map((mark) => (
    <g key={mark.key}>
      <line
        x1={mark.at}
        x2={mark.at}
        y1={mark.up ? TOP - 5 : TOP}
        y2={mark.up ? TOP + BAR : TOP + BAR + 5}
        className="stroke-ink stroke-[1.5]"
      />
      <text
        x={mark.x}
        y={mark.up ? TOP - 9 : TOP + BAR + 18}
        textAnchor="middle"
        className="fill-slate text-[13px]"
      >
        {mark.words}
      </text>
    </g>
  ))

/** Four times in five the pull lies along this. */
const LikelyPull = ({ lowN, highN, x }: { lowN: number; highN: number; x(newtons: number): number }) => (
  <path
    d={`M${x(lowN)} ${TOP + 4}v6M${x(lowN)} ${TOP + 7}H${x(highN)}M${x(highN)} ${TOP + 4}v6`}
    className="fill-none stroke-ink stroke-[1.5]"
    data-testid="likely-pull"
  />
)

const axisFigure = (value: number): string => String(Math.round(value * 100) / 100)
