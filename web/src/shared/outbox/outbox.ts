import { onReach, Problem } from '../api/client'
import { keepsNothing, store, type Item } from './db'

export type { Item } from './db'

/** What became of one item: it is with the server, perhaps with an answer, or refused. */
export type Outcome = 'kept' | { answer: unknown } | NonNullable<Item['refused']>

/** An item that is with the server, and its answer. */
export interface Sent {
  item: Item
  answer?: unknown
}

/** Sends items of one way and one boat, oldest first; says of each what became of it, or throws where nobody knows. */
export type Way = (items: readonly Item[]) => Promise<readonly Outcome[]>

/**
 * Words of the server that are its last: it looked at what was sent and will never take it as it is. Everything else,
 * whatever its status, is tried again.
 */
const FINAL: ReadonlySet<string> = new Set([
  'MISSING',
  'UNKNOWN_FIELD',
  'WRONG_TYPE',
  'NOT_FINITE',
  'NUL_CHARACTER',
  'MALFORMED',
  'OUT_OF_RANGE',
  'OUT_OF_TIME',
  'TOO_LONG',
  'TOO_MANY',
  'NOT_ONE_OF',
  'NOT_FOUND',
  'TIME_ZONE_UNKNOWN',
  'EVENT_ID_REUSED',
  'FORGOTTEN',
])

const MOST_AT_ONCE = 50
const PAUSES_MS = [1000, 2000, 5000, 15_000, 30_000]

const ways = new Map<string, Way>()
const listeners = new Set<() => void>()
const sentListeners = new Set<(sent: readonly Sent[]) => void>()
const tabs = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel('moss.outbox')
let shown: readonly Item[] = []
let failures = 0
let timer: ReturnType<typeof setTimeout> | undefined
let running: Promise<void> | undefined
let wanted = false

async function look() {
  shown = await store.all()
  listeners.forEach((told) => told())
}

async function changed() {
  await look()
  tabs?.postMessage('changed')
}

tabs?.addEventListener('message', ({ data }: MessageEvent<readonly Sent[] | 'changed'>) => {
  // Another tab may be the one that sends: whoever waits for an answer hears it all the same.
  if (data === 'changed') void look()
  else sentListeners.forEach((told) => told(data))
})

/** Everything that is not sent yet, over all tabs of this browser. */
export const outbox = {
  subscribe(told: () => void) {
    if (listeners.size === 0) void look().catch(() => undefined)
    listeners.add(told)
    return () => {
      listeners.delete(told)
    }
  },
  items: () => shown,
  /** Things stay although the server was asked: it refused them, or stumbled over them. */
  isFailing: () => failures > 0,
  /** Told of what the server has taken, whichever tab sent it, before it goes from here. */
  onSent(told: (sent: readonly Sent[]) => void) {
    sentListeners.add(told)
    return () => {
      sentListeners.delete(told)
    }
  },
  /** The browser lets nothing be kept: what is not sent goes with the page. */
  keepsNothing,
  sends(way: string, send: Way) {
    ways.set(way, send)
  },
  /** Shown at once, kept here when it resolves, and sent as soon as it can be. */
  async add(item: Omit<Item, 'order'>) {
    shown = [...shown.filter((other) => other.id !== item.id), { ...item, order: Number.MAX_SAFE_INTEGER }]
    listeners.forEach((told) => told())
    try {
      await store.put(item)
    } finally {
      await changed()
    }
    void flush()
  },
  /** A refused item, mended or as it was: it is sent again. */
  async again(item: Item, body = item.body) {
    const { refused: _, ...rest } = item
    await store.put({ ...rest, body })
    await changed()
    void flush()
  },
  async discard(id: string) {
    shown = shown.filter((item) => item.id !== id)
    listeners.forEach((told) => told())
    await store.discard(id)
    await changed()
  },
}

/** Sends what is kept. One sender over all tabs; for whoever comes meanwhile it looks once more. */
export function flush(): Promise<void> {
  clearTimeout(timer)
  wanted = true
  return (running ??= whileWanted().finally(() => (running = undefined)))
}

async function whileWanted() {
  while (wanted) {
    wanted = false
    await alone(run).catch(() => later())
  }
}

async function alone(task: () => Promise<void>): Promise<void> {
  const locks = navigator.locks as LockManager | null | undefined
  if (locks) await locks.request('moss.outbox', task)
  else await task()
}

function later() {
  clearTimeout(timer)
  timer = setTimeout(() => void flush(), PAUSES_MS[Math.min(failures, PAUSES_MS.length - 1)])
  failures++
  listeners.forEach((told) => told())
}

async function run() {
  /** What the server stumbles over is left for later, and holds up nothing behind it. */
  const stuck = new Set<string>()
  for (;;) {
    const waiting = (await store.all()).filter(
      (item) => item.refused === undefined && ways.has(item.way) && !stuck.has(item.id),
    )
    const first = waiting[0]
    if (!first) break
    const same = waiting.findIndex((item) => item.way !== first.way || item.boat !== first.boat)
    const batch = waiting.slice(0, Math.min(same < 0 ? waiting.length : same, MOST_AT_ONCE))
    await send(first.way, batch, stuck)
    if (stuck.size === 0) failures = 0
  }
  if (stuck.size > 0) later()
}

/** @throws where the server is away */
async function send(way: string, batch: readonly Item[], stuck: Set<string>): Promise<void> {
  let outcomes: readonly Outcome[]
  try {
    outcomes = await ways.get(way)!(batch)
  } catch (error) {
    if (error instanceof Problem && error.away) throw error
    // Refused as a whole: each by itself, so that one holds up none of the others.
    if (batch.length > 1) {
      for (const item of batch) await send(way, [item], stuck)
      return
    }
    if (!isFinal(error)) {
      batch.forEach((item) => stuck.add(item.id))
      return
    }
    outcomes = [{ says: error.said.join(' '), faults: error.faults }]
  }
  const sent: Sent[] = []
  const refused: Item[] = []
  for (const [i, item] of batch.entries()) {
    const outcome = outcomes[i]
    if (outcome === 'kept') sent.push({ item })
    else if (outcome && 'answer' in outcome) sent.push({ item, answer: outcome.answer })
    else if (outcome) refused.push({ ...item, refused: outcome })
  }
  if (sent.length > 0) {
    sentListeners.forEach((told) => told(sent))
    tabs?.postMessage(sent)
  }
  await store.settle(
    sent.map(({ item }) => item),
    refused,
  )
  await changed()
}

const isFinal = (error: unknown): error is Problem =>
  error instanceof Problem &&
  error.faults.length > 0 &&
  error.status >= 400 &&
  error.status < 500 &&
  error.faults.every((fault) => FINAL.has(fault.code))

// When the server answers again nobody waits for the end of a pause.
onReach((away) => {
  if (!away && timer !== undefined && running === undefined && shown.some((item) => !item.refused)) {
    failures = 0
    void flush()
  }
})
