import { lureAtEnd } from '../draft/model'
import { likelyRange } from './why/sentences'
import { Paper, type Head } from '../shared/ui/Paper'
import { useUnits, type Units } from '../units/UnitsContext'
import type { Boat, Draft, Gear, Solved, SolvedLine } from '../draft/queries'

const WIDTH = 640
const HEIGHT = 190

/** The whole spread on one sheet: seen from above, and each line's figures. */
export function SpreadCard({
  boat,
  gear,
  draft,
  solved,
  head,
  setting,
}: {
  boat: Boat
  gear: Gear
  draft: Draft
  solved: Solved
  head: Head
  /** The lines as they are set, the first first; the farthest first until that is known. */
  setting?: readonly string[] | undefined
}) {
  const units = useUnits()
  const at = (line: SolvedLine) => setting?.indexOf(line.lineId) ?? 0
  const order = [...solved.lines].sort((a, b) => at(a) - at(b) || (b.tow.asternM ?? 0) - (a.tow.asternM ?? 0))
  return (
    <Paper wide head={head} what={`Spread at ${units.say('speed', draft.speedThroughWaterMps)}`}>
      <Above {...{ boat, draft, solved }} />
      <table className="mt-2 w-full">
        <thead>
          <tr className="border-b border-black text-left">
            {['set', 'line', 'from', 'lure', 'let out', 'runs at', 'drag'].map((word) => (
              <th key={word} className="pr-2">
                {word}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {order.map((line, place) => {
            const drafted = draft.lines.find((one) => one.lineId === line.lineId)
            const lure = lureAtEnd(gear, drafted)
            const holder = boat.holders.find((one) => one.holderId === drafted?.holderId)
            return (
              <tr key={line.lineId} className="border-b border-black/20">
                <td className="font-mono">{place + 1}</td>
                <td className="font-bold">{line.label}</td>
                <td>{holder?.name}</td>
                <td>{lure?.name}</td>
                <td className="font-mono">{units.say('distance', drafted?.letOutM ?? 0)}</td>
                <td className="font-mono">
                  {line.tow.depthM === undefined ? 'in the air' : units.say('distance', line.tow.depthM)}
                  {likelyOf(line, units)}
                </td>
                <td className="font-mono">{units.say('pull', drafted?.strikeDragN ?? 0)}</td>
              </tr>
            )
          })}
        </tbody>
      </table>
      <p className="mt-2">Set in this order. Trolling gives no right of way: keep a lookout.</p>
    </Paper>
  )
}

function likelyOf(line: SolvedLine, units: Units): string {
  const range = likelyRange(line.likely, units)
  return range && ` (${range})`
}

/** Bow to the left, starboard up, to scale along the wake. */
function Above({ boat, draft, solved }: { boat: Boat; draft: Draft; solved: Solved }) {
  const units = useUnits()
  const lures = solved.lines.flatMap((line) => {
    const holderId = draft.lines.find((one) => one.lineId === line.lineId)?.holderId
    const tip = boat.holders.find((holder) => holder.holderId === holderId)?.tip
    return tip && line.tow.asternM !== undefined
      ? [{ line, tip, asternM: line.tow.asternM, lateralM: line.tow.lateralM ?? 0 }]
      : []
  })
  const longest = Math.max(20, ...lures.map((one) => one.tip.asternM + one.asternM))
  const widest = Math.max(4, ...lures.map((one) => Math.abs(one.tip.starboardM + one.lateralM)))
  const x = (astern: number) => 34 + (astern / longest) * (WIDTH - 80)
  const y = (starboard: number) => HEIGHT / 2 - (starboard / widest) * (HEIGHT / 2 - 22)
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="mx-auto w-[99%] border border-black/40"
      role="img"
      aria-label="The spread from above, bow to the left"
    >
      <path d={`M 4 ${HEIGHT / 2} q 14 -9 30 -9 v 18 q -16 0 -30 -9`} className="fill-black" />
      <text x={36} y={12} className="text-[10px]">
        starboard
      </text>
      <text x={36} y={HEIGHT - 4} className="text-[10px]">
        port
      </text>
      {lures.map(({ line, tip, asternM, lateralM }) => {
        const lx = x(tip.asternM + asternM)
        const ly = y(tip.starboardM + lateralM)
        return (
          <g key={line.lineId}>
            <line x1={x(Math.max(0, tip.asternM))} y1={y(tip.starboardM)} x2={lx} y2={ly} stroke="black" />
            <circle cx={lx} cy={ly} r={3.5} />
            <text x={lx + 6} y={ly + 4} className="text-[11px] font-bold">
              {line.label}
            </text>
            <text x={lx + 6} y={ly + 15} className="text-[9px]">
              {units.say('distance', tip.asternM + asternM)}
            </text>
          </g>
        )
      })}
    </svg>
  )
}
