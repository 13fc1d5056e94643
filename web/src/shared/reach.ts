import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef, useSyncExternalStore } from 'react'
import { onReach } from './api/client'
import { sawStatus } from './api/unpaired'

const EVERY_MS = 5000
const EVERY_WHILE_AWAY_MS = 1000

let away = false
let why = ''
const subscribers = new Set<() => void>()

function set(next: boolean, says?: string) {
  const words = next ? (says ?? why) : ''
  if (next === away && words === why) return
  away = next
  why = words
  subscribers.forEach((told) => told())
}

onReach(set)

async function look() {
  try {
    const response = await fetch('/actuator/health', { cache: 'no-store' })
    sawStatus(response.status)
    set(!response.ok)
  } catch {
    set(true)
  }
}

/** True while the server or its database does not answer. */
export const useAway = () =>
  useSyncExternalStore(
    (told) => {
      subscribers.add(told)
      return () => subscribers.delete(told)
    },
    () => away,
  )

/** What keeps the server from serving, in its own words; empty where it does not even say so. */
export const useWhyAway = () =>
  useSyncExternalStore(
    (told) => {
      subscribers.add(told)
      return () => subscribers.delete(told)
    },
    () => why,
  )

/** Asks after the server's health, and refreshes everything when it is back. Mounted once. */
export function useWatchReach() {
  const queries = useQueryClient()
  const isAway = useAway()
  const wasAway = useRef(false)
  useEffect(() => {
    const timer = setInterval(look, isAway ? EVERY_WHILE_AWAY_MS : EVERY_MS)
    // Only what was missed meanwhile is asked for again.
    if (wasAway.current && !isAway) void queries.invalidateQueries()
    wasAway.current = isAway
    return () => clearInterval(timer)
  }, [isAway, queries])
}
