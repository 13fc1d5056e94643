import { useState } from 'react'
import type { Deck } from '../../deck/queries'
import { Big, StrikeCard, type Ending } from '../../deck/StrikeCard'
import type { DeckState } from './useDeck'

/** The fish that are on: the last struck first, the others one tap away; a fish whose end is being told stays. */
export function Strikes({ s, deck }: { s: DeckState; deck: Deck }) {
  const [chosen, setChosen] = useState<string | null>(null)
  const [ending, setEnding] = useState<{ of: string; asked: Ending } | null>(null)
  const strike = s.on.find((one) => one.factId === chosen) ?? s.on.at(-1)!
  return (
    <>
      {s.on.length > 1 && (
        <div role="group" aria-label="Fish on" className="mb-3 flex flex-wrap gap-2">
          {s.on.map((one) => (
            <Big key={one.factId} pressed={one === strike} onClick={() => setChosen(one.factId)}>
              {one.label}
            </Big>
          ))}
        </div>
      )}
      <StrikeCard
        key={strike.factId}
        {...{ strike, deck }}
        now={s.now}
        {...s.clearFor(strike)}
        bag={s.day.bag}
        asked={ending?.of === strike.factId ? ending.asked : null}
        onAsk={(asked) => {
          setChosen(strike.factId)
          setEnding({ of: strike.factId, asked })
        }}
        onCleared={(lineId, label) => void s.reports.tell('CLEARED', { lineId }, `${label} is in`, label)}
        onSecond={() => void s.strikeOn(strike.lineId, strike.label)}
        onLost={(how) => void s.reports.lost(strike, how)}
        onLanded={(species, released) => void s.reports.landed(strike, species, released)}
        onUndo={() => s.reports.edits.onTakeBack(strike)}
      />
    </>
  )
}
