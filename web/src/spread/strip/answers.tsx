import { Button } from '../../shared/ui/Button'
import { TypedField } from '../../shared/ui/TypedField'
import { useUnits, type Units } from '../../units/UnitsContext'
import { DepthField } from '../depth/DepthField'
import { setDrag, setSpeed } from '../../draft/model'
import type { Ground, Line, SolvedLine } from '../../draft/queries'
import type { Editing } from '../../draft/useEditor'
import { likelyPullWords, likelyWords, percent, likelyRange, rideWords } from '../why/sentences'
import { Cell } from './Cell'
import { signed } from './lengths'
import { Stepper } from './Stepper'
import { RANGES } from '../../shared/api/generated/ranges'

export function RunsAt({
  line,
  answer,
  editor,
  boat,
  onSeen,
}: {
  line: Line
  answer: SolvedLine | undefined
  editor: Editing
  boat: string
  onSeen(): void
}) {
  const units = useUnits()
  const tow = answer?.tow
  const share = tow?.skippingShare ?? 0
  const unit = units.unit('speed')
  const perKnot =
    answer?.depthPerKnotM === undefined ? undefined : (answer.depthPerKnotM * unit.factor * 3600) / 1852
  // Of a lure that rides at the surface how much it is out of the water is said instead.
  const sure = tow?.regime === 'RUNNING' ? likelyWords(answer?.likely, units) : ''
  const secondRange = likelyRange(answer?.otherLikely, units)
  const second =
    answer?.branch &&
    `second at ${units.say('distance', answer.branch.depthM)}${secondRange && `, likely ${secondRange}`}`
  return (
    <Cell
      title="Runs at"
      tools={
        <>
          <DepthField
            key={line.lineId}
            {...{ boat, editor }}
            lineId={line.lineId}
            depthM={tow?.depthM ?? 1}
            label={answer?.label ?? ''}
          />
          <Button small tone="quiet" className="-my-2 px-1" onClick={onSeen}>
            Seen…
          </Button>
        </>
      }
    >
      <p className="font-mono text-2xl whitespace-nowrap" data-testid="runs-at">
        {!tow
          ? '…'
          : tow.regime === 'RUNNING'
            ? units.say('distance', tow.depthM ?? 0)
            : tow.regime === 'SURFACE'
              ? 'surface'
              : 'in the air'}
      </p>
      <span className="text-slate">
        {sure && (
          <span className="block" data-testid="likely">
            {sure}
          </span>
        )}
        {share > 0.005
          ? `out of the water ${percent(share)}`
          : perKnot === undefined
            ? ' '
            : `${signed(perKnot, units)} per ${unit.symbol}`}
        {second && <span className="block">{second}</span>}
        {answer?.ride && <span className="block">{rideWords(answer.ride)}</span>}
      </span>
    </Cell>
  )
}

export function Pull({
  line,
  answer,
  editor,
}: {
  line: Line
  answer: SolvedLine | undefined
  editor: Editing
}) {
  const units = useUnits()
  const pull = answer?.tow.tensionAtTipN
  const sure = likelyPullWords(answer?.likelyPull, units)
  const typed = (text: string): string | null => {
    const read = units.read('pull', text)
    if (read === null || read < 0 || read > 5000)
      return `Type a strike drag such as ${units.say('pull', 49)}.`
    editor.edit((doc) => setDrag(doc, line.lineId, read))
    return null
  }
  return (
    <Cell title="Pull of the water">
      <p className="font-mono text-2xl" data-testid="pull">
        {pull === undefined ? '–' : units.say('pull', pull)}
      </p>
      <span className="text-slate">
        {sure && <span className="block">{sure}</span>}
        strike drag{' '}
        <TypedField
          label="Strike drag"
          value={units.say('pull', line.strikeDragN)}
          onCommit={typed}
          size={7}
          className="h-11"
        />
      </span>
    </Cell>
  )
}

export function Speed({ editor, ground }: { editor: Editing; ground: Ground | undefined }) {
  const units = useUnits()
  return (
    <Cell title="Speed through water">
      <Stepper
        label="Speed"
        figure="speed"
        si={editor.doc.draft.speedThroughWaterMps}
        step={0.1}
        range={RANGES.SpreadDraft.speedThroughWaterMps}
        onSet={(si) => editor.edit((doc) => setSpeed(doc, si))}
      />
      <span className="text-slate" data-testid="over-ground">
        {ground
          ? `${units.say('speed', ground.overGroundMps)} over ground, ${streamWords(ground, units)}`
          : `${editor.doc.draft.here?.streamMps === undefined ? 'stream' : 'heading'} not known; keys [ and ]`}
      </span>
    </Cell>
  )
}

const streamWords = ({ aheadMps }: Ground, units: Units) =>
  Math.abs(aheadMps) < 0.05
    ? 'stream across'
    : `${units.figure('speed', Math.abs(aheadMps))} ${aheadMps > 0 ? 'with' : 'against'} you`
