import { Suspense } from 'react'
import { OriginNote } from '../../call/OriginNote'
import { RuleNote } from '../../call/RuleNote'
import { Orders } from '../../spread/turn/Orders'
import { TurnNote } from '../../spread/turn/TurnNote'
import { WhyList } from '../../spread/why/WhyList'
import type { SpreadState } from './useSpread'

/** All that the tool says of this spread, the most important first. */
export function Said({ s }: { s: SpreadState }) {
  const { boat, solving, trip, turn, label, selected, lines } = s
  return (
    <WhyList
      solving={solving}
      lines={lines.length}
      timeZone={trip.place.timeZone}
      onMend={s.mend}
      onPoint={s.setPointed}
      onSelect={s.select}
      head={
        <>
          <Suspense fallback={null}>
            {turn.turns && turn.order && (
              <Orders
                {...{ label }}
                turns={turn.turns}
                kind={turn.order}
                struck={selected}
                onClose={() => turn.showOrder(null)}
              />
            )}
          </Suspense>
          <TurnNote
            turning={turn.turning}
            label={label}
            boatM={boat.lengthM}
            radiusM={turn.radiusM}
            onRadius={turn.setRadiusM}
            onWiden={turn.widen}
            onPoint={s.setPointed}
          />
        </>
      }
      tail={
        solving.solved && (
          <>
            <OriginNote
              boat={boat.boatId}
              spread={s.kept.spreadId}
              line={selected}
              label={selected ? label(selected) : ''}
              timeZone={trip.place.timeZone}
              fresh={s.called}
            />
            <RuleNote boat={boat.boatId} day={trip.date} lines={lines.length} />
          </>
        )
      }
    />
  )
}
