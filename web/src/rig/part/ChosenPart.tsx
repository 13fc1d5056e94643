import { isJoint, isLine } from '../model'
import type { Part } from '../queries'
import type { OfPart } from './actions'
import { EndControls } from './EndControls'
import { FittingControls } from './FittingControls'
import { HookControls } from './HookControls'
import { JointControls } from './JointControls'
import { LineControls } from './LineControls'
import { NamedSelect } from './NamedSelect'

/** What the chosen part can become, by what it is. */
export function ChosenPart({
  bench,
  part,
  pieces,
  itemOf,
  lines,
  weights,
  lures,
  reels,
  scents,
  act,
}: OfPart & { part: Part }) {
  const tied = itemOf(part.piece)
  const name = (
    <b className="min-w-24">{part.words === 'end' || part.words === 'join' ? part.name : part.words}</b>
  )
  if (part.twig) return <p>{name} The second leader is changed under Tackle on Spread.</p>
  if (part.sort === 'SPOOL' || part.sort === 'BACKING')
    return (
      <>
        {name}
        <NamedSelect label="Reel" items={reels} value={bench.reel?.gearId ?? ''} onChoose={act.reel} />
      </>
    )
  const chosen = tied?.footChosen ?? false
  return (
    <>
      {name}
      {isLine(part.sort) && tied ? (
        <LineControls {...{ part, lines, act }} lineGearId={tied.lineGearId} />
      ) : isJoint(part.sort) && part.joint ? (
        <JointControls {...{ part, chosen, act }} joint={part.joint} />
      ) : part.sort === 'FITTING' && part.fitting ? (
        <FittingControls {...{ part, chosen, act }} fitting={part.fitting} />
      ) : part.sort === 'HOOKS' ? (
        <HookControls {...{ bench, act }} />
      ) : (
        <EndControls
          {...{ bench, part, pieces, lures, weights, scents, act }}
          lureGearId={tied?.lureGearId}
        />
      )}
    </>
  )
}
