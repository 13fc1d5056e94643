import { Select } from '../shared/ui/Select'
import { QuantityField } from '../shared/ui/QuantityField'
import { useUnits } from '../units/UnitsContext'
import { asSentence, saySentence } from '../units/sentence'
import type { BenchLine } from './queries'
import { RANGES } from '../shared/api/generated/ranges'

/** How the let-out is found again, in every way at once. */
export function MarksPanel({
  line,
  onMarks,
}: {
  line: BenchLine
  onMarks(way: BenchLine['markedBy']): void
}) {
  const units = useUnits()
  return (
    <div className="grid gap-2" data-testid="marks">
      <p className="flex flex-wrap items-center gap-2">
        <span>{`Let out ${units.say('distance', line.letOutM)}, marked by`}</span>
        <Select
          aria-label="Marked by"
          value={line.markedBy}
          onChange={(event) => onMarks(event.target.value as BenchLine['markedBy'])}
        >
          {line.marks.map((mark) => (
            <option key={mark.way} value={mark.way}>
              {mark.words}
            </option>
          ))}
        </Select>
      </p>
      <dl className="grid grid-cols-[max-content_1fr] gap-x-6 gap-y-1">
        {line.marks.map((mark) => (
          <div key={mark.way} className="contents">
            <dt className={mark.way === line.markedBy ? 'font-bold' : 'text-slate'}>{mark.words}</dt>
            <dd className={mark.way === line.markedBy ? 'font-bold' : ''}>
              {asSentence(saySentence(mark.find, units, 'UTC'))}
            </dd>
          </div>
        ))}
      </dl>
    </div>
  )
}

/** A strike and a run in figures: what stretches, what rises. */
export function StrikePanel({
  line,
  fishKg,
  onFish,
}: {
  line: BenchLine
  fishKg: number
  onFish(kg: number): void
}) {
  const units = useUnits()
  const { shock } = line
  return (
    <div className="grid gap-3" data-testid="strike">
      <p className="flex flex-wrap items-center gap-2">
        <span>A fish of</span>
        <QuantityField
          label="Weight of the fish"
          what="a weight"
          figure="mass"
          si={fishKg}
          range={RANGES.RigBody.fishKg}
          onSet={onFish}
        />
        {shock && (
          <span>
            {`stretches the line ${units.say('distance', shock.stretchM)}; with the drag stuck ${units.say('pull', shock.peakN)}, of ${units.say('pull', line.strengthN)} it holds. The drag is reached after ${Math.round(1000 * shock.riseS)} ms.`}
          </span>
        )}
      </p>
      {line.runs.length > 0 ? (
        <table className="w-full max-w-3xl">
          <caption className="text-left text-sm text-slate">
            {`${line.reel?.name}: ${units.say('distance', line.leftM ?? 0)} left behind the let-out. A fish that runs, the brake left as it is:`}
          </caption>
          <thead>
            <tr className="text-left text-sm text-slate">
              <th className="font-normal">run</th>
              <th className="font-normal">left</th>
              <th className="font-normal">at the reel</th>
              <th className="font-normal">line in the water</th>
              <th className="font-normal">ease to</th>
            </tr>
          </thead>
          <tbody className="font-mono">
            {line.runs.map((run) => (
              <tr key={run.runM} className="border-t border-ink/15">
                <td>{units.say('distance', run.runM)}</td>
                <td>{units.say('distance', run.leftM)}</td>
                <td>{units.say('pull', run.reelN)}</td>
                <td>{units.say('pull', run.waterN)}</td>
                <td>{units.say('pull', run.easeToN)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      ) : (
        <p className="text-slate">
          {line.reel
            ? 'Nothing is left on this reel for a run.'
            : 'No reel of the box carries this main line.'}
        </p>
      )}
    </div>
  )
}
