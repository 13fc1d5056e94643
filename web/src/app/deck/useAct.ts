import { useEffect, useState } from 'react'
import { ACTS, type Act } from '../../deck/acts'

/** A tap means a strike again after so long without one (ms): nobody remembers another meaning with a fish on. */
const BACK_TO_STRIKE_MS = 30_000
const STRIKE = ACTS[0]!

/** What a tap on a pad means. Forgetting goes by the hand's own time, however fast a practice day runs. */
export function useAct(): [Act, (act: Act) => void] {
  // Chosen again, it is remembered anew.
  const [chosen, setChosen] = useState({ act: STRIKE })
  useEffect(() => {
    if (chosen.act === STRIKE) return
    const timer = setTimeout(() => setChosen({ act: STRIKE }), BACK_TO_STRIKE_MS)
    return () => clearTimeout(timer)
  }, [chosen])
  return [chosen.act, (act) => setChosen({ act })]
}
