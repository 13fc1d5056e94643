import { useEffect, useState } from 'react'
import { followed } from '../../deck/practice/followed'
import { Helm } from '../../deck/practice/Helm'
import { OutThere } from '../../deck/practice/OutThere'
import { Big } from '../../deck/StrikeCard'
import type { DeckState } from './useDeck'

/** The helm of a practice day, and what a crew would see and hear. */
export function AtPractice({ s }: { s: DeckState }) {
  const { practice, steer } = s.practising
  const back = s.mark ? s.live?.back : undefined
  const [follows, setFollows] = useState(false)
  const headingDeg = s.live?.now?.headingDeg ?? practice?.steerDeg ?? 0
  const helm = follows && back && practice ? followed(back, practice, headingDeg) : null
  useEffect(() => {
    if (helm) void steer(helm)
  })
  if (!practice) return null
  return (
    <div className="mt-3 first:mt-0">
      <Helm
        practice={practice}
        headingDeg={headingDeg}
        onSteer={(wanted) => {
          // Who puts the helm over steers.
          setFollows(false)
          void steer(wanted)
        }}
        onRate={(wanted) => void steer(wanted)}
      />
      {back && (
        <div className="mb-3">
          <Big pressed={follows} onClick={() => setFollows(!follows)}>
            Steer the way back
          </Big>
        </div>
      )}
      <OutThere
        practice={practice}
        onSeen={(...seen) => void s.see(...seen)}
        onBait={(topM, bottomM) => void s.see('BAIT', 'bait on the sounder', null, { topM, bottomM })}
      />
    </div>
  )
}
