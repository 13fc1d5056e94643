import { useMemo } from 'react'
import { useSize } from '../../shared/useWidth'
import { useUnits } from '../../units/UnitsContext'
import { ChainLabels, LABEL_ROW } from './ChainLabels'
import { labelled, placed, profileTop } from '../model'
import { PartOnChain } from './PartOnChain'
import { Profile } from './Profile'
import type { BenchLine, Part } from '../queries'
import { Twigs } from './Twigs'
import { useDropping, type Dropped } from './useDropping'
import { WholeChain } from './WholeChain'
import { partLabel } from '../words'

const PAD = 20
/** Narrower than this the drawing is scrolled, so that words stay readable. */
const LEAST_WIDTH = 760

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
  const rows = Math.max(1, Math.floor((chainY - 58) / LABEL_ROW))
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
          <Profile {...{ parts, base, rise, weakestY, width, line }} pad={PAD} wordsY={base + 18} />
          <ChainLabels {...{ labels, parts, twig, chainY }} of={line.parts} />
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
