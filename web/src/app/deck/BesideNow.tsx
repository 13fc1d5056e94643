import { ClockList } from '../../deck/ClockList'
import { BackTo } from '../../deck/live/BackTo'
import { MeetIt } from '../../deck/live/MeetIt'
import { OnCourse } from '../../deck/live/OnCourse'
import type { LiveNow } from '../../deck/live/queries'
import type { Deck } from '../../deck/queries'
import { SetNext } from '../../deck/SetNext'
import { Big } from '../../deck/StrikeCard'
import { AtPractice } from './AtPractice'
import { DaySays } from './DaySays'
import { Strikes } from './OnNow'
import type { useCalls } from './useCalls'
import type { DeckState } from './useDeck'
import { Weighed } from './Weighed'

interface Beside {
  s: DeckState
  deck: Deck
  now: LiveNow | undefined
  calling: ReturnType<typeof useCalls>
  onSounder(): void
}

/** What is to be done now: the fish that is on, the line to set next, else what runs by the clock. */
export function BesideNow(beside: Beside) {
  const { s, deck } = beside
  return (
    <aside
      aria-label="Now"
      className="w-[390px] shrink-0 overflow-y-auto border-l-[3px] border-ink p-4 max-md:w-auto max-md:border-l-0 max-md:p-3"
    >
      {s.on.length > 0 ? (
        <>
          <Strikes s={s} deck={deck} />
          <AtPractice s={s} />
        </>
      ) : s.act.kind === 'SET' && s.toSet.length > 0 ? (
        <SetNext deck={deck} next={s.toSet} onOut={s.isOut} onAll={() => void s.setAll()} />
      ) : (
        <Between {...beside} />
      )}
    </aside>
  )
}

function Between({ s, deck, now, calling, onSounder }: Beside) {
  return (
    <>
      {now && <OnCourse along={s.live?.along} />}
      {now && <MeetIt movers={s.movers} chosen={s.mover} meet={s.live?.meet} onChoose={s.meetIt} />}
      <AtPractice s={s} />
      <ClockList clocks={s.clocks} onDone={s.done} />
      <div className="my-2 flex flex-wrap gap-2">
        <Big onClick={s.change.show}>Change the spread…</Big>
        <Big onClick={onSounder}>What is that mark?</Big>
        <Big pressed={calling.calls} onClick={calling.toggleCalls}>
          Call out what asks
        </Big>
        {!s.practising.practice && <Big onClick={s.practising.show}>Practise on {s.boat.place}…</Big>}
      </div>
      {now && <BackTo marks={s.marks} chosen={s.mark} back={s.live?.back} onChoose={s.comeBack} />}
      <DaySays s={s} />
      <Weighed s={s} spread={s.spreadId} />
      {deck.cautions.map((caution) => (
        <p key={caution} className="mt-3 text-base text-slate">
          {caution}
        </p>
      ))}
    </>
  )
}
