import { useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import { useSize } from '../shared/useWidth'
import { useUnits } from '../units/UnitsContext'
import { isLine, labelled, PIECE_M, placed, profileTop, stretched, type Placed } from './model'
import { PartGlyph } from './PartGlyph'
import type { BenchLine, Part } from './queries'
import { WholeChain } from './WholeChain'
import { lengthWords, partLabel, partSentence } from './words'

/** A finger (px). */
const TARGET = 44
const PAD = 20
const ROW = 36
/** Narrower than this the drawing is scrolled, so that words stay readable. */
const LEAST_WIDTH = 760

/** What can be dragged onto the chain. */
export type Dropped = 'leader' | 'weight' | 'swivel'

/** The chain from reel to hook with its strength as a profile; parts are chosen, stretched and dropped on it. */
export function ChainStage({
  line,
  selected,
  onSelect,
  onStretch,
  onDrop,
}: {
  line: BenchLine
  /** Place of the chosen part in the chain. */
  selected: number | null
  onSelect(at: number): void
  /** A piece of the tackle gets another length. */
  onStretch(piece: number, metres: number, settled: boolean): void
  onDrop(what: Dropped, part: Part): void
}) {
  const [frame, boxWidth, height] = useSize()
  const width = Math.max(LEAST_WIDTH, boxWidth)
  const units = useUnits()
  const parts = useMemo(() => placed(line.parts, PAD, width - PAD), [line.parts, width])
  // A second leader hangs below the chain, and the words below it make room.
  const twig = line.parts.some((part) => part.twig)
  const profile = twig ? Math.max(60, height * 0.26) : Math.max(84, height * 0.36)
  const base = height - 30
  const chainY = twig ? 100 : Math.max(104, (height - profile) * 0.47)
  const below = twig ? 34 : 0
  const rows = Math.max(1, Math.floor((chainY - 58) / ROW))
  const labels = useMemo(
    () => labelled(parts, (part) => partLabel(part, units, line.offM), PAD, width - PAD, Math.min(3, rows)),
    [parts, units, line.offM, width, rows],
  )
  const top = profileTop(line.parts)
  const rise = (newtons: number) => (Math.min(newtons, top) / top) * (profile - 30)
  const weakestY = base - rise(line.strengthN)
  const over = useDropping(parts, onDrop)
  return (
    <>
      <div
        ref={frame}
        className="relative min-h-0 flex-1 overflow-x-auto overflow-y-hidden bg-water"
        data-testid="chain"
      >
        <svg
          width={width}
          height={height}
          className="block"
          role="group"
          aria-label={`Chain of ${line.label}, from reel to hook`}
          {...over.handlers}
        >
          <text x={PAD} y={20} className="fill-ink text-[15px] font-bold">
            {`${line.label}, ${line.lure}`}
          </text>
          <text x={width - PAD} y={20} textAnchor="end" className="fill-slate text-[13px]">
            {line.depthM === undefined
              ? 'the lure is in the air'
              : `the lure runs at ${units.say('distance', line.depthM)}`}
          </text>
          <Profile {...{ parts, base, rise, weakestY, width }} wordsY={base + 18} line={line} />
          {labels.map((label) => {
            const part = line.parts[label.at]!
            const own = parts.find((one) => one.at === label.at)!
            const up = label.row > 0
            const led = up || !twig || isLine(part.sort)
            const y = up ? chainY - 24 - label.row * ROW : chainY + 28 + below + (-label.row - 1) * ROW
            return (
              <g key={label.at} className="pointer-events-none">
                {led && (
                  <line
                    x1={own.x + own.width / 2}
                    x2={own.x + own.width / 2}
                    y1={up ? y + 22 : chainY + 14}
                    y2={up ? chainY - 14 : y}
                    className="stroke-ink/35"
                  />
                )}
                <text
                  x={label.x}
                  y={up ? y : y + 13}
                  textAnchor="middle"
                  className={`stroke-water stroke-[4] text-[13.5px] font-bold [paint-order:stroke] ${part.weakest ? 'fill-rust-text' : 'fill-ink'}`}
                >
                  {label.title}
                </text>
                <text
                  x={label.x}
                  y={up ? y + 15 : y + 28}
                  textAnchor="middle"
                  className="fill-slate stroke-water stroke-[4] text-[13px] [paint-order:stroke]"
                >
                  {label.detail}
                </text>
              </g>
            )
          })}
          {parts.map((one) => (
            <PartOnChain
              key={one.at}
              placed={one}
              y={chainY}
              chosen={one.at === selected}
              hinted={over.part === one.at}
              {...{ onSelect, onStretch }}
            />
          ))}
          <Twigs parts={parts} line={line} y={chainY} />
        </svg>
      </div>
      {width > boxWidth && <WholeChain {...{ frame, parts, width, boxWidth }} />}
    </>
  )
}

function PartOnChain({
  placed: one,
  y,
  chosen,
  hinted,
  onSelect,
  onStretch,
}: {
  placed: Placed
  y: number
  chosen: boolean
  hinted: boolean
  onSelect(at: number): void
  onStretch(piece: number, metres: number, settled: boolean): void
}) {
  const units = useUnits()
  const { part, at, x, width } = one
  const stretches = isLine(part.sort) && part.sort !== 'MAIN' && part.sort !== 'BACKING'
  const drag = useStretch(part, onStretch)
  const keys = (event: KeyboardEvent) => {
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault()
      onSelect(at)
    }
    const step = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key]
    if (!step || !stretches || part.lengthM === undefined) return
    event.preventDefault()
    const by = (event.shiftKey ? 1 : 0.1) * step
    onStretch(
      part.piece,
      Math.min(PIECE_M.most, Math.max(PIECE_M.least, Math.round((part.lengthM + by) * 100) / 100)),
      true,
    )
  }
  const said = partSentence(part, units)
  return (
    <g
      tabIndex={0}
      role={stretches ? 'slider' : 'button'}
      aria-label={said}
      {...(stretches
        ? {
            'aria-valuemin': PIECE_M.least,
            'aria-valuemax': PIECE_M.most,
            'aria-valuenow': part.lengthM,
            'aria-valuetext': lengthWords(units, part.lengthM ?? 0),
          }
        : { 'aria-pressed': chosen })}
      className={`group outline-none ${stretches ? 'cursor-ew-resize touch-none' : 'cursor-pointer'}`}
      data-part={part.sort}
      data-piece={part.piece}
      onFocus={() => onSelect(at)}
      onClick={() => onSelect(at)}
      onKeyDown={keys}
      {...(stretches && drag)}
    >
      <rect
        x={x - Math.max(0, (TARGET - width) / 2)}
        y={y - 22}
        width={Math.max(TARGET, width)}
        height={44}
        className={`${chosen || hinted ? 'fill-lichen/50 stroke-ink' : 'fill-transparent'} group-focus-visible:stroke-ink group-focus-visible:stroke-[3]`}
      />
      <PartGlyph placed={one} y={y} />
      <title>{said}</title>
    </g>
  )
}

/** Dragging a leader sideways makes it longer or shorter. */
function useStretch(part: Part, onStretch: (piece: number, metres: number, settled: boolean) => void) {
  const from = useRef<{ x: number; metres: number } | null>(null)
  const length = (event: PointerEvent) =>
    from.current && stretched(from.current.metres, event.clientX - from.current.x)
  return {
    onPointerDown: (event: PointerEvent<Element>) => {
      if (part.lengthM === undefined) return
      from.current = { x: event.clientX, metres: part.lengthM }
      event.currentTarget.setPointerCapture(event.pointerId)
    },
    onPointerMove: (event: PointerEvent<Element>) => {
      const metres = length(event)
      if (metres && Math.abs(event.clientX - from.current!.x) > 3) onStretch(part.piece, metres, false)
    },
    onPointerUp: (event: PointerEvent<Element>) => {
      const metres = length(event)
      if (metres && Math.abs(event.clientX - from.current!.x) > 3) onStretch(part.piece, metres, true)
      from.current = null
    },
  }
}

/** Parts dragged from the tray are dropped on what lies under them. */
function useDropping(parts: readonly Placed[], onDrop: (what: Dropped, part: Part) => void) {
  const [part, setPart] = useState<number | null>(null)
  const under = (event: { clientX: number; currentTarget: Element }) => {
    const x = event.clientX - event.currentTarget.getBoundingClientRect().left
    return parts.find((one) => x >= one.x && x < one.x + one.width && one.part.piece >= 0)
  }
  return {
    part,
    handlers: {
      onDragOver: (event: React.DragEvent<SVGSVGElement>) => {
        event.preventDefault()
        setPart(under(event)?.at ?? null)
      },
      onDragLeave: () => setPart(null),
      onDrop: (event: React.DragEvent<SVGSVGElement>) => {
        event.preventDefault()
        const on = under(event)
        const what = event.dataTransfer.getData('text/plain') as Dropped
        setPart(null)
        if (on && ['leader', 'weight', 'swivel'].includes(what)) onDrop(what, on.part)
      },
    },
  }
}

/** Strength along the chain; what is weakest is marked by colour, hatch and word. */
function Profile({
  parts,
  base,
  rise,
  weakestY,
  wordsY,
  width,
  line,
}: {
  parts: readonly Placed[]
  base: number
  rise(newtons: number): number
  weakestY: number
  wordsY: number
  width: number
  line: BenchLine
}) {
  const units = useUnits()
  const weakest = line.parts.find((part) => part.weakest)
  return (
    <g className="pointer-events-none">
      <defs>
        <pattern
          id="weakest"
          width="6"
          height="6"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="6" height="6" className="fill-rust" />
          <rect width="2" height="6" className="fill-foam/40" />
        </pattern>
      </defs>
      {parts.map(({ part, at, x, width: wide }) =>
        part.strengthN === undefined ? null : (
          <rect
            key={at}
            x={x}
            y={base - rise(part.strengthN)}
            width={wide + 0.5}
            height={rise(part.strengthN)}
            className={part.weakest ? '' : 'fill-moss/40'}
            {...(part.weakest && { fill: 'url(#weakest)' })}
          />
        ),
      )}
      <line x1={PAD} x2={width - PAD} y1={base} y2={base} className="stroke-ink/40" />
      <line
        x1={PAD}
        x2={width - PAD}
        y1={weakestY}
        y2={weakestY}
        strokeDasharray="6 4"
        className="stroke-rust stroke-[1.5]"
      />
      <text
        x={PAD}
        y={wordsY}
        className="fill-slate stroke-water stroke-[4] text-[13px] [paint-order:stroke]"
      >
        strength along the chain
      </text>
      <text
        x={width - PAD}
        y={wordsY}
        textAnchor="end"
        className="fill-rust-text stroke-water stroke-[4] text-[13.5px] font-bold [paint-order:stroke]"
      >
        {`weakest: ${weakest?.name ?? ''}, ${units.say('pull', line.strengthN)}`}
      </text>
    </g>
  )
}

/** Second leaders hang below the three-way they are tied to. */
function Twigs({ parts, line, y }: { parts: readonly Placed[]; line: BenchLine; y: number }) {
  const units = useUnits()
  const twig = line.parts.find((part) => part.twig && isLine(part.sort))
  const lure = line.parts.find((part) => part.twig && part.sort === 'LURE')
  const from = twig && parts.find((one) => one.part.sort === 'FITTING' && one.part.piece === twig.piece)
  if (!twig || !from) return null
  const x = from.x + from.width / 2
  return (
    <g className="pointer-events-none">
      <path d={`M ${x} ${y + 12} v 26 h 90`} fill="none" className="stroke-ink stroke-[3]" />
      <path
        d={`M ${x + 90} ${y + 38} q 14 -9 34 -2 l 12 -5 v 14 l -12 -5 q -20 7 -34 -2`}
        className="fill-slate"
      />
      <text x={x + 8} y={y + 33} className="stroke-water stroke-[4] text-[13px] [paint-order:stroke]">
        {`${lengthWords(units, twig.lengthM ?? 0)}, ${units.say('pull', twig.strengthN ?? 0)}${lure ? ` to ${lure.name}` : ''}`}
      </text>
    </g>
  )
}
