import { Sheet } from '../../shared/ui/Sheet'
import { Big } from '../StrikeCard'

/** Before a practice day: what it is, and whether to go on with the last one. */
export function BeginPractice({
  place,
  since,
  problem,
  onBegin,
  onClose,
}: {
  place: string
  /** The moment at which the last practice was left, in words; null where there was none. */
  since: string | null
  problem: string | null
  onBegin(afresh: boolean): void
  onClose(): void
}) {
  return (
    <Sheet title={`Practise on ${place}`} open onClose={onClose}>
      <p className="mb-3">
        A copy of your boat goes out on an invented sea: a ledge, stream, birds, weed, and fish whose tastes
        nobody tells you. You steer, set lines and take strikes as on a real day; its log, cues, fits and
        stock stay with the copy. Sea and fish are made up: what works here proves nothing of your coast.
      </p>
      <div className="grid gap-2">
        {since !== null && <Big onClick={() => onBegin(false)}>Go on, {since}</Big>}
        <Big strong={since === null} onClick={() => onBegin(true)}>
          {since === null ? 'Begin before sunrise' : 'Begin afresh: what was practised is forgotten'}
        </Big>
      </div>
      {problem !== null && (
        <p role="alert" className="mt-3 border-l-4 border-rust pl-3">
          {problem}
        </p>
      )}
    </Sheet>
  )
}
