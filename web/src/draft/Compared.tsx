import { lureAtEnd } from './model'
import { useUnits, type Figure, type Units } from '../units/UnitsContext'
import type { Doc } from './model'
import type { Boat, Gear, Here, Line } from './queries'

/** Two of a spread side by side, holder by holder; what is the same is quiet. */
export function Compared({
  one,
  other,
  titles,
  boat,
  gear,
}: {
  one: Doc
  other: Doc
  titles: readonly [string, string]
  boat: Boat
  gear: Gear
}) {
  const units = useUnits()
  return (
    <table className="my-4 w-full border-collapse text-left">
      <thead>
        <tr className="border-b-2 border-ink">
          {['What', ...titles].map((title) => (
            <th key={title} scope="col" className="p-2">
              {title}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {compared(one, other, boat, gear, units).map((row) => (
          <tr
            key={row.what}
            className={`border-b border-ink/20 ${row.mine === row.theirs ? 'text-slate' : 'font-bold'}`}
          >
            <th scope="row" className="p-2 font-normal">
              {row.what}
            </th>
            <td className="p-2 font-mono">{row.mine}</td>
            <td className="p-2 font-mono">{row.theirs}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

interface Row {
  what: string
  mine: string
  theirs: string
}

function compared(mine: Doc, theirs: Doc, boat: Boat, gear: Gear, units: Units): Row[] {
  const words = (line: Line | undefined) => {
    if (!line) return 'not there'
    const lure = lureAtEnd(gear, line)
    const parts = line.tackle.length
    const cable = line.deep ? `, cable ${units.say('distance', line.deep.cableOutM)}` : ''
    const second = line.tackle.some((piece) => piece.branch) ? ', a second lure' : ''
    return `${units.say('distance', line.letOutM)}${cable}, ${lure?.name ?? 'no lure'}, ${parts} pieces${second}, drag ${units.say('pull', line.strikeDragN)}`
  }
  const holders = boat.holders.filter((holder) =>
    [...mine.draft.lines, ...theirs.draft.lines].some((line) => line.holderId === holder.holderId),
  )
  const at = (doc: Doc, holderId: string) => doc.draft.lines.find((line) => line.holderId === holderId)
  return [
    { what: 'Name', mine: mine.name, theirs: theirs.name },
    {
      what: 'Speed',
      mine: units.say('speed', mine.draft.speedThroughWaterMps),
      theirs: units.say('speed', theirs.draft.speedThroughWaterMps),
    },
    {
      what: 'Water',
      mine: waterWords(mine.draft.here, units),
      theirs: waterWords(theirs.draft.here, units),
    },
    ...holders.map((holder) => ({
      what: holder.name,
      mine: words(at(mine, holder.holderId)),
      theirs: words(at(theirs, holder.holderId)),
    })),
  ]
}

function waterWords(here: Here | undefined, units: Units): string {
  if (!here) return 'not known'
  const say = (figure: Figure, value: number | undefined) =>
    value === undefined ? null : units.say(figure, value)
  const part = (word: string, figure: Figure, value: number | undefined) =>
    value === undefined ? null : `${word} ${say(figure, value)}`
  const bait = part('bait', 'distance', here.baitTopM)
  const said = [
    part('bottom', 'distance', here.bottomM),
    bait && `${bait} to ${say('distance', here.baitBottomM)}`,
    part('step at', 'distance', here.layerM),
    part('stream', 'speed', here.streamMps),
  ].filter((words) => words !== null)
  return said.length === 0 ? 'not known' : said.join(', ')
}
