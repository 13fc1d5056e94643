import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import type { Problem } from '../../shared/api/client'
import { boats, saveBoat, type Boat } from '../../draft/queries'
import { useStored } from '../../shared/useStored'

const MOST_PAST = 50

interface Opened {
  boat: Boat
  /** What was changed before is taken up again. */
  restored: boolean
  /** As she was saved elsewhere meanwhile. */
  theirs: Boat | null
}

const same = (a: Boat, b: Boat) => JSON.stringify(a) === JSON.stringify(b)

function open(held: Boat | null, kept: Boat): Opened {
  if (!held || held.boatId !== kept.boatId || !Array.isArray(held.holders) || same(held, kept))
    return { boat: kept, restored: false, theirs: null }
  return { boat: held, restored: true, theirs: held.version === kept.version ? null : kept }
}

/** The boat as she is edited; a fresh one for each version that is kept. */
export function useBoatEditor(kept: Boat) {
  const queries = useQueryClient()
  // Another station is one tap away, and a page closes: what is not kept yet stays on this device.
  const [held, setHeld] = useStored<Boat>(`moss.boat.${kept.boatId}`)
  const [opened] = useState(() => open(held, kept))
  const [boat, setBoat] = useState(opened.boat)
  const [restored, setRestored] = useState(opened.restored)
  const [theirs, setTheirs] = useState(opened.theirs)
  const [past, setPast] = useState<Boat[]>([])
  const [before, setBefore] = useState<Boat | null>(null)
  const [faults, setFaults] = useState<readonly string[]>([])
  // Not at each step of a drag: it is held when it is let go.
  const dragged = before !== null
  useEffect(() => {
    if (!dragged) setHeld(same(boat, kept) ? null : boat)
  }, [dragged, boat, kept, setHeld])

  const stepped = (from: Boat) => setPast((all) => [...all.slice(1 - MOST_PAST), from])
  const take = (other: Boat) => {
    setBoat(other)
    setPast([])
    setFaults([])
    setTheirs(null)
    setRestored(false)
  }
  return {
    ...{ boat, restored, theirs, faults },
    dirty: !same(boat, kept),
    canUndo: past.length > 0,
    change(next: Boat) {
      stepped(boat)
      setBoat(next)
    },
    /** While an end is dragged; one step of it in all. */
    preview(next: Boat) {
      setBefore((held) => held ?? boat)
      setBoat(next)
    },
    settle() {
      if (before) stepped(before)
      setBefore(null)
    },
    undo() {
      const last = past.at(-1)
      if (!last) return
      setPast(past.slice(0, -1))
      setBoat(last)
    },
    take,
    async save(version = boat.version) {
      try {
        take(await saveBoat({ ...boat, version }))
        await queries.invalidateQueries({ queryKey: boats().queryKey })
      } catch (error) {
        const refused = error as Problem
        if (refused.status === 409) setTheirs(refused.theirs as Boat)
        setFaults(refused.said)
      }
    },
  }
}
