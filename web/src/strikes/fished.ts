import canonicalize from 'canonicalize'
import { store } from '../shared/outbox/db'
import type { FishedBody } from './queries'

/** Keeps a spread as it is fished, once, and answers the hash by which facts name it. */
export async function keepFished(fished: FishedBody): Promise<string> {
  // Members that are undefined are no members.
  const body = JSON.parse(JSON.stringify(fished)) as FishedBody
  const bytes = new TextEncoder().encode(canonicalize(body))
  const digest = new Uint8Array(await crypto.subtle.digest('SHA-256', bytes))
  const hash = [...digest].map((byte) => byte.toString(16).padStart(2, '0')).join('')
  await store.putContent(hash, body)
  return hash
}
