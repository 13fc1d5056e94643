import { useNavigate } from 'react-router'
import { usePracticeDay } from '../../deck/practice/usePracticeDay'
import type { Boat, BoatTitle } from '../../draft/queries'
import { Button } from '../../shared/ui/Button'

/** On every page of a boat that practises: that she does, and the way back. */
export function PracticeBand({ boat, boats }: { boat: Boat; boats: readonly BoatTitle[] }) {
  const go = useNavigate()
  const practice = usePracticeDay(boat.boatId)
  if (!practice) return null
  const real = boats.find(({ boatId }) => boatId === practice.ofBoatId)?.name ?? 'the real boat'
  return (
    <p
      role="status"
      className="flex shrink-0 items-center gap-3 border-t-[3px] border-ink bg-lichen px-4 text-lg font-semibold text-[#17211b] max-md:px-2 max-md:text-base"
      data-testid="practice-band"
    >
      <span className="flex-1">
        Practice on an invented sea: nothing of it is kept with {real}
        <span className="max-md:hidden">, and nothing here is to steer a real boat by</span>.
      </span>
      <Button small onClick={() => void go(`/boats/${practice.ofBoatId}/deck`)}>
        Back to {real}
      </Button>
    </p>
  )
}
