import { useUnits, type Units } from '../../units/UnitsContext'
import { fromSi, toSi } from '../../units/model'
import { lineOf } from '../model'
import type { Boat, PathPoint, SolvedLine } from '../queries'
import { percent } from '../why/sentences'
import { spreadOut, type Label } from './labels'
import { DepthSought } from '../depth/DepthSought'
import { BranchDrawing, DeepDrawing } from './DeepDrawing'
import { LineDrawing } from './LineDrawing'
import type { ViewProps } from './PlanView'
import { inBoatFrame, lureOf, type StageScales } from './scales'
import { Silhouette } from './Silhouette'
import { WaterLayers } from './WaterLayers'

/** Seen from the side; depth stretched by a stated factor. */
export function SideView({ boat, doc, scales, solved, selected, handling, lures }: ViewProps) {
  const { x, side, width } = scales
  const lines = (solved?.lines ?? []).filter((line) => lineOf(doc, line.lineId) && line.tow.path.length > 0)
  const groups = grouped(lines)
  const labels = useSideLabels(groups, scales)
  return (
    <g data-testid="side">
      <Water scales={scales} />
      <WaterLayers here={doc.draft.here} scales={scales} />
      <BoatSide boat={boat} scales={scales} />
      {lines.map((line) => (
        <DeepDrawing
          key={line.lineId}
          line={line}
          x={(p) => x(p.asternM)}
          y={(p) => side(p.heightM)}
          selected={line.lineId === selected}
        />
      ))}
      {lines.map((line) => (
        <BranchDrawing
          key={line.lineId}
          {...{ line, doc, lures }}
          x={(p) => x(p.asternM)}
          y={(p) => side(p.heightM)}
        />
      ))}
      {lines.map((line) => (
        <LineDrawing
          key={line.lineId}
          line={line}
          x={(p) => x(p.asternM)}
          y={(p) => side(p.heightM)}
          selected={line.lineId === selected}
        />
      ))}
      {lines.map((line) => (
        <SideLure
          key={line.lineId}
          {...{ line, doc, scales, handling, lures }}
          selected={line.lineId === selected}
        />
      ))}
      {groups.map((group) => {
        const label = labels.get(group.key)
        return (
          label && (
            <text
              key={group.key}
              x={label.x}
              y={label.y + 13}
              className="pointer-events-none fill-ink stroke-under stroke-[4] text-[14px] [paint-order:stroke]"
            >
              <tspan className="font-bold">{group.names}</tspan>
              <tspan dx={6} className="font-mono">
                {group.words}
              </tspan>
            </text>
          )
        )
      })}
      {handling.seeking && <DepthSought seeking={handling.seeking} scales={scales} />}
      <text
        x={width - 16}
        y={scales.sideTop + scales.sideHeight - 8}
        textAnchor="end"
        className="fill-slate text-[13px]"
      >
        {scales.stretch > 1 ? `Depth stretched ${scales.stretch} times` : 'Depth at true scale'}
      </text>
    </g>
  )
}

function SideLure({
  line,
  doc,
  scales,
  handling,
  lures,
  selected,
}: Pick<ViewProps, 'doc' | 'scales' | 'handling' | 'lures'> & { line: SolvedLine; selected: boolean }) {
  const draft = lineOf(doc, line.lineId)
  const lure = lureOf(line)
  if (!draft || !lure) return null
  const x = scales.x(lure.asternM)
  const y = scales.side(lure.heightM)
  const drag = handling.props(draft, '', scales, 'side')
  return (
    <g
      onPointerDown={drag.onPointerDown as never}
      onPointerMove={drag.onPointerMove as never}
      onPointerUp={drag.onPointerUp as never}
      onPointerCancel={drag.onPointerCancel as never}
      className="cursor-grab touch-none"
      data-side-line={line.label}
    >
      <rect x={x - 22} y={y - 22} width={44} height={44} fill="transparent" />
      {selected && <circle cx={x} cy={y} r={15} className="fill-lichen stroke-ink stroke-[1.5]" />}
      {line.tow.bodies.map((body) => {
        const at = inBoatFrame(line, body.place)
        const kind = lures.get(draft.tackle[body.link]?.lureGearId ?? '')?.kind ?? ''
        return (
          <Silhouette
            key={body.link}
            kind={kind}
            x={scales.x(at.asternM)}
            y={scales.side(at.heightM)}
            small={body.link > 0}
          />
        )
      })}
    </g>
  )
}

function Water({ scales }: { scales: StageScales }) {
  const units = useUnits()
  const { side, sideTop, sideHeight, width, x } = scales
  const bottom = sideTop + sideHeight
  const marks = depthMarks(units, scales)
  return (
    <g>
      <rect x={0} y={sideTop} width={width} height={sideHeight} className="fill-water" />
      <rect x={0} y={side(0)} width={width} height={Math.max(0, bottom - side(0))} className="fill-under" />
      <line x1={0} x2={width} y1={side(0)} y2={side(0)} className="stroke-deep stroke-2" />
      <text x={16} y={side(0) + 20} className="fill-ink text-[13px] font-bold">
        Side
      </text>
      {marks.map((mark) => (
        <g key={mark.text}>
          <line x1={x(0)} x2={width} y1={side(-mark.m)} y2={side(-mark.m)} className="stroke-foam" />
          <text x={16} y={side(-mark.m) + 4} className="fill-slate font-mono text-[13px]">
            {mark.text}
          </text>
        </g>
      ))}
    </g>
  )
}

function depthMarks(units: Units, scales: StageScales) {
  const unit = units.unit('distance')
  const deepest = fromSi(-scales.side.invert(scales.sideTop + scales.sideHeight - 20), unit)
  const px = (value: number) => toSi(value, unit) * scales.stretch * scales.pxPerM
  const step = [1, 2, 5, 10, 20, 50].find((s) => px(s) >= 40) ?? 100
  const count = Math.max(0, Math.floor(deepest / step))
  return Array.from({ length: count }, (_, i) => (i + 1) * step)
    .filter((value) => px(value) > 30)
    .map((value) => ({ m: toSi(value, unit), text: `${value} ${unit.symbol}` }))
}

function BoatSide({ boat, scales }: { boat: Boat; scales: StageScales }) {
  const { x, side } = scales
  const length = boat.lengthM
  const freeboard = Math.max(0.6, length * 0.1)
  const hull = `M${x(0)} ${side(freeboard)} L${x(-length)} ${side(freeboard * 1.5)} Q${x(-length * 0.9)} ${side(0)} ${x(-length * 0.82)} ${side(-0.3)} L${x(0)} ${side(-0.3)} Z`
  return <path d={hull} className="fill-foam stroke-ink stroke-2" />
}

interface Group {
  key: string
  names: string
  words: string
  asternM: number
  heightM: number
}

/** Lures that swim together share a label. */
function grouped(
  lines: readonly SolvedLine[],
): (Omit<Group, 'words'> & { line: SolvedLine; words: string })[] {
  const groups: { lines: SolvedLine[] }[] = []
  for (const line of lines) {
    const here = lureOf(line)
    const near = groups.find((group) => {
      const there = lureOf(group.lines[0]!)
      return (
        there &&
        here &&
        Math.abs(there.asternM - here.asternM) < 2 &&
        Math.abs(there.heightM - here.heightM) < 0.3
      )
    })
    if (near) near.lines.push(line)
    else groups.push({ lines: [line] })
  }
  const seconds = lines.flatMap((line) => {
    const second = line.branch?.path[0]
    return second ? [{ ...secondLabel(line), ...placeOf(line, second) }] : []
  })
  const firsts = groups.map(({ lines: members }) => {
    const first = members[0]!
    const lure = lureOf(first)!
    return {
      key: first.lineId,
      line: first,
      names: members.map((line) => line.label).join(' '),
      words: '',
      asternM: lure.asternM,
      heightM: lure.heightM,
    }
  })
  return [...firsts, ...seconds]
}

const secondLabel = (line: SolvedLine) => ({
  key: `${line.lineId} second`,
  line,
  names: `${line.label} second`,
  words: '',
})

const placeOf = (line: SolvedLine, point: PathPoint) => {
  const { asternM, heightM } = inBoatFrame(line, point)
  return { asternM, heightM }
}

function useSideLabels(groups: (Group & { line: SolvedLine })[], scales: StageScales) {
  const units = useUnits()
  for (const group of groups)
    group.words = group.key.endsWith('second')
      ? units.say('distance', -group.heightM)
      : depthWords(group.line, units)
  return spreadOut(
    groups.map((group): Label => ({
      id: group.key,
      x: scales.x(group.asternM) + 18,
      y: scales.side(group.heightM) + 4,
      width: (group.names.length + group.words.length + 1) * 8.4 + 8,
      height: 17,
    })),
  )
}

function depthWords(line: SolvedLine, units: Units): string {
  const share = line.tow.skippingShare ?? 0
  if (share > 0.005) return `skips ${percent(share)}`
  if (line.tow.surfacing === 'FLOATS') return 'floats'
  return units.say('distance', line.tow.depthM ?? 0)
}
