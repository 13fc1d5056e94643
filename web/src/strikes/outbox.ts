import { Problem } from '../shared/api/client'
import { sendEvents, type DayLog, type EventBody } from './queries'

/** An event on its way, kept in the browser until the server has it. */
export interface Pending {
  boat: string
  trip: string
  event: EventBody
  /** What the list shows until the server answers. */
  words: string
  /** Why the server would not take it; it stays until it is thrown away by hand. */
  refused?: string
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
  discard: (eventId: string) => keep(kept.filter((p) => p.event.eventId !== eventId)),
}

let flushing: Promise<DayLog | null> | null = null

/**
 * Sends what is kept, oldest first. What does not get through stays and is sent later; what the server refuses stays
 * too, with the reason, and is not sent again. Sending twice is harmless: ids are made here.
 */
export function flush(): Promise<DayLog | null> {
  flushing ??= run().finally(() => (flushing = null))
  return flushing
}

async function run(): Promise<DayLog | null> {
  let log: DayLog | null = null
  const next = () => kept.find((p) => p.refused === undefined)
  for (let sending = next(); sending; sending = next()) {
    try {
      log = await sendEvents(sending.boat, sending.trip, [sending.event])
      outbox.discard(sending.event.eventId)
    } catch (problem) {
      if (!(problem instanceof Problem) || problem.away) throw problem
      refuse(sending, [problem.message, ...problem.faults.map((fault) => fault.mend)].join('. '))
    }
  }
  return log
}

const refuse = (pending: Pending, refused: string) =>
  keep(kept.map((p) => (p.event.eventId === pending.event.eventId ? { ...p, refused } : p)))
