import { Problem } from '../shared/api/client'
import { sendEvents, type DayLog, type EventBody } from './queries'

/** An event on its way, kept in the browser until the server has it. */
export interface Pending {
  boat: string
  trip: string
  event: EventBody
  /** What the list shows until the server answers. */
  words: string
}

const KEY = 'moss.outbox'
const listeners = new Set<() => void>()
let kept: readonly Pending[] = load()

function load(): Pending[] {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '[]') as Pending[]
  } catch {
    return []
  }
}

function keep(next: readonly Pending[]) {
  kept = next
  localStorage.setItem(KEY, JSON.stringify(next))
  listeners.forEach((told) => told())
}

export const outbox = {
  subscribe(told: () => void) {
    listeners.add(told)
    return () => listeners.delete(told)
  },
  pending: () => kept,
  add: (pending: Pending) => keep([...kept, pending]),
}

let flushing: Promise<DayLog | null> | null = null

/**
 * Sends what is kept, oldest first. What the server refuses for good is dropped with its Problem; what did not get
 * through stays. Sending twice is harmless: ids are made here.
 */
export function flush(): Promise<DayLog | null> {
  flushing ??= run().finally(() => (flushing = null))
  return flushing
}

async function run(): Promise<DayLog | null> {
  let log: DayLog | null = null
  for (let next = kept[0]; next; next = kept[0]) {
    const sending = next
    try {
      log = await sendEvents(sending.boat, sending.trip, [sending.event])
    } catch (problem) {
      if (problem instanceof Problem && !problem.away) drop(sending)
      throw problem
    }
    drop(sending)
  }
  return log
}

const drop = (gone: Pending) => keep(kept.filter((p) => p.event.eventId !== gone.event.eventId))
