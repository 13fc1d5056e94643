import { Problem } from '../shared/api/client'
import { holds } from '../shared/api/keep'
import { store } from '../shared/outbox/db'
import { outbox, type Item, type Outcome } from '../shared/outbox/outbox'
import { saveTrip, sendEvent, sendFacts, type FactBody, type FishedBody, type Trip } from './queries'

/** A fact on its way, with what the list shows of its line meanwhile. */
export interface FactItem extends Item {
  body: FactBody
}

const hashOf = (item: Item) => (item.body as FactBody).payload as { fished?: string }

async function facts(items: readonly Item[]): Promise<Outcome[]> {
  const boat = items[0]!.boat
  const fished = await store.contents(items.flatMap((item) => hashOf(item).fished ?? []))
  const reply = await sendFacts(
    boat,
    items.map((item) => item.body as FactBody),
    fished as FishedBody[],
  )
  return reply.facts.map((one) =>
    one.outcome === 'REFUSED'
      ? { says: one.faults.map((fault) => `${fault.message}. ${fault.mend}`).join(' '), faults: one.faults }
      : 'kept',
  )
}

/** A day out that stands as it was sent is kept, whoever sent it first. */
async function trips(items: readonly Item[]): Promise<Outcome[]> {
  const outcomes: Outcome[] = []
  for (const item of items) {
    try {
      await saveTrip(item.boat, item.body as Trip)
      outcomes.push('kept')
    } catch (error) {
      if (!(error instanceof Problem) || error.status !== 409) throw error
      outcomes.push(holds(error.theirs, item.body) ? 'kept' : { says: error.message, faults: [] })
    }
  }
  return outcomes
}

async function firstEdition(items: readonly Item[]): Promise<Outcome[]> {
  for (const item of items) {
    const { trip, event } = item.body as { trip: string; event: unknown }
    await sendEvent(item.boat, trip, event)
  }
  return items.map(() => 'kept')
}

outbox.sends('trip', trips)
outbox.sends('fact', facts)
outbox.sends('event', firstEdition)

const FIRST_QUEUE = 'moss.outbox'

interface FirstPending {
  boat: string
  trip: string
  words: string
  event: { eventId: string }
}

/** What the first edition of this page still held in its own queue. */
export async function takeUpFirstQueue() {
  const text = localStorage.getItem(FIRST_QUEUE)
  if (text === null) return
  let pending: FirstPending[]
  try {
    pending = JSON.parse(text) as FirstPending[]
  } catch {
    // It lies where it is: nobody here can read it, and what is queued since must go on.
    return
  }
  for (const { boat, trip, event, words } of pending)
    await outbox.add({ id: event.eventId, way: 'event', boat, words, body: { trip, event } })
  localStorage.removeItem(FIRST_QUEUE)
}
