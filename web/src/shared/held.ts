import canonicalize from 'canonicalize'
import { tooMany } from './tooMany'

const NAME = 'answers'
const MOST = 60

/** Held for the day without a link: what was worked out of exactly the same question. */
export async function hold(what: string, asked: unknown, answer: unknown): Promise<void> {
  if (!able()) return
  try {
    const cache = await caches.open(NAME)
    await cache.put(await keyOf(what, asked), new Response(JSON.stringify(answer)))
    await Promise.all(tooMany(await cache.keys(), MOST).map((old) => cache.delete(old)))
  } catch {
    // A device that is full holds no more than it does.
  }
}

/** The answer of before; null where it was never asked here. */
export async function held<T>(what: string, asked: unknown): Promise<T | null> {
  if (!able()) return null
  const found = await caches.match(await keyOf(what, asked), { cacheName: NAME }).catch(() => undefined)
  return found ? ((await found.json()) as T) : null
}

/** Nothing that was read or worked out is held here any more; what was not sent stays. */
export async function dropHeld(): Promise<void> {
  if (able()) await Promise.all([NAME, 'data'].map((name) => caches.delete(name)))
}

const able = () => 'caches' in globalThis && crypto.subtle !== undefined

async function keyOf(what: string, asked: unknown): Promise<string> {
  const text = new TextEncoder().encode(canonicalize(asked))
  const digest = new Uint8Array(await crypto.subtle.digest('SHA-256', text))
  return `/held/${what}/${[...digest].map((byte) => byte.toString(16).padStart(2, '0')).join('')}`
}
