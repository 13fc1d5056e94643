import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import type { Problem } from '../../shared/api/client'
import { boats, saveBoat, type Boat } from '../../draft/queries'

const MOST_PAST = 50

interface Opened {
  boat: Boat
  /** What was changed before is taken up again. */
  restored: boolean
  /** As she was saved elsewhere meanwhile. */
  theirs: Boat | null
}

const keyOf = (boatId: string) => `moss.boat.${boatId}`

const same = (a: Boat, b: Boat) => JSON.stringify(a) === JSON.stringify(b)

function open(kept: Boat): Opened {
  const fresh = { boat: kept, restored: false, theirs: null }
  try {
    const held = JSON.parse(localStorage.getItem(keyOf(kept.boatId)) ?? 'null') as Boat | null
    if (!held || held.boatId !== kept.boatId || !Array.isArray(held.holders) || same(held, kept)) return fresh
    return { boat: held, restored: true, theirs: held.version === kept.version ? null : kept }
  } catch {
    return fresh
  }
}

/** What is changed and not kept yet stays on this device: another station is one tap away, and a page closes. */
function hold(boat: Boat, kept: Boat) {
  const key = keyOf(kept.boatId)
  if (same(boat, kept)) localStorage.removeItem(key)
  else localStorage.setItem(key, JSON.stringify(boat))
}

/** The boat as she is edited; a fresh one for each version that is kept. */
export function useBoatEditor(kept: Boat) {
  const queries = useQueryClient()
  const [opened] = useState(() => open(kept))
  const [boat, setBoat] = useState(opened.boat)
  const [restored, setRestored] = useState(opened.restored)
  const [theirs, setTheirs] = useState(opened.theirs)
  const [past, setPast] = useState<Boat[]>([])
  const [before, setBefore] = useState<Boat | null>(null)
  const [faults, setFaults] = useState<readonly string[]>([])
  useEffect(() => hold(boat, kept), [boat, kept])

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
