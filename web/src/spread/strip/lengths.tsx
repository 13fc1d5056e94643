import { likelyRange } from '../why/sentences'
import { useUnits, type Units } from '../../units/UnitsContext'
import { leastLetOut, LONGEST_CABLE_M, LONGEST_LET_OUT_M, setDeep, setLetOut } from '../../draft/model'
import type { Deep, Line, SolvedLine } from '../../draft/queries'
import type { Editing } from '../../draft/useEditor'
import { Cell } from './Cell'
import { Stepper } from './Stepper'

export function Cable({
  line,
  deep,
  answer,
  editor,
}: {
  line: Line
  deep: Deep
  answer: SolvedLine | undefined
  editor: Editing
}) {
  const units = useUnits()
  const ballRange = likelyRange(answer?.otherLikely, units)
  return (
    <Cell title="Cable out">
      <Stepper
        label="Cable"
        figure="distance"
        si={deep.cableOutM}
        step={1}
        range={{ least: Math.max(2, deep.clipAboveM + 0.5), most: LONGEST_CABLE_M }}
        onSet={(cableOutM) => editor.edit((doc) => setDeep(doc, line.lineId, { cableOutM }))}
      />
      <span className="text-slate">
        {answer?.deep ? (
          <>
            <span className="block">
              ball {units.say('distance', answer.deep.ballDepthM)}
              {ballRange && `, ${ballRange}`}
            </span>
            blown back {units.say('distance', answer.deep.blowBackM)}
          </>
        ) : (
          'from the surface down'
        )}
      </span>
    </Cell>
  )
}

/** How far a line is out, within what its leaders and the spool allow. */
export function LetOutStepper({ line, editor }: { line: Line; editor: Editing }) {
  return (
    <Stepper
      label="Let-out"
      figure="distance"
      si={line.letOutM}
      step={1}
      range={{ least: leastLetOut(line), most: LONGEST_LET_OUT_M }}
      onSet={(si) => editor.edit((doc) => setLetOut(doc, line.lineId, si))}
    />
  )
}

export function LetOut({
  line,
  answer,
  editor,
}: {
  line: Line
  answer: SolvedLine | undefined
  editor: Editing
}) {
  const units = useUnits()
  const unit = units.unit('distance')
  const perTenM = answer?.depthPerTenM
  const change = perTenM === undefined ? undefined : perTenM * unit.factor
  return (
    <Cell title={line.deep ? 'Behind the clip' : 'Let out'}>
      <LetOutStepper {...{ line, editor }} />
      <span className="text-slate">
        {line.deep
          ? answer?.deep?.bellyM === undefined
            ? 'from clip to lure'
            : `belly to the rod ${units.say('distance', answer.deep.bellyM)}`
          : change === undefined
            ? 'from tip or clip to lure'
            : `${signed(change, units)} for 10 ${unit.symbol} more`}
      </span>
    </Cell>
  )
}

/** A change of depth in words. */
export const signed = (metres: number, units: Units) =>
  Math.abs(metres) < 0.005
    ? 'same depth'
    : `${units.say('distance', Math.abs(metres))} ${metres > 0 ? 'deeper' : 'shallower'}`
