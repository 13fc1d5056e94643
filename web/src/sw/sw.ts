/// <reference lib="webworker" />
import { tooMany } from '../shared/tooMany'
import { wayOf } from './routes'

/** Put in by the build: what this edition consists of, and a name for it. */
declare const __SHELL__: readonly string[]
declare const __EDITION__: string
declare const self: ServiceWorkerGlobalScope

const SHELL = `shell ${__EDITION__}`
const PAGE = 'page'
const DATA = 'data'
/** On what is answered for want of a link: the page must not take it for the server’s word. */
const HELD = 'x-moss-held'
const MOST_HELD = 400
const shell = new Set(__SHELL__)

self.addEventListener('install', (event) => {
  event.waitUntil(
    caches
      .open(SHELL)
      .then((cache) => cache.addAll([...__SHELL__]))
      .then(() => self.skipWaiting()),
  )
})

self.addEventListener('activate', (event) => {
  event.waitUntil(
    caches
      .keys()
      .then((names) => names.filter((name) => name.startsWith('shell ') && name !== SHELL))
      .then((old) => Promise.all(old.map((name) => caches.delete(name))))
      .then(() => self.clients.claim()),
  )
})

self.addEventListener('fetch', (event) => {
  const { request } = event
  const url = new URL(request.url)
  if (url.origin !== location.origin) return
  switch (wayOf(request.method, url.pathname, request.mode === 'navigate', shell)) {
    case 'SHELL':
      return event.respondWith(fromShell(request))
    case 'PAGE':
      // One page for every address: it is told apart by its scripts.
      return event.respondWith(fromServer(event, PAGE, '/'))
    case 'DATA':
      return event.respondWith(fromServer(event, DATA, request.url))
    case 'NETWORK':
      return
  }
})

async function fromShell(request: Request): Promise<Response> {
  return (await caches.match(request, { cacheName: SHELL })) ?? fetch(request)
}

/** The server's word, held for when it cannot be asked. */
async function fromServer(event: FetchEvent, name: string, key: string): Promise<Response> {
  try {
    const answer = await fetch(event.request)
    // A worker with nothing left to wait for may be ended before it is held.
    if (answer.ok) event.waitUntil(hold(name, key, answer.clone()))
    // A device that was shut out holds nothing of the boat any more, but what it has not sent.
    if (answer.status === 401) void caches.delete(DATA)
    return answer
  } catch (error) {
    const held = await caches.match(key, { cacheName: name })
    if (!held) throw error
    const headers = new Headers(held.headers)
    headers.set(HELD, '1')
    return new Response(held.body, { status: held.status, headers })
  }
}

/** A device that is full holds no more than it does; the page goes on all the same. */
async function hold(name: string, key: string, answer: Response): Promise<void> {
  try {
    const cache = await caches.open(name)
    await cache.put(key, answer)
    await Promise.all(tooMany(await cache.keys(), MOST_HELD).map((old) => cache.delete(old)))
  } catch {
    // Nothing was promised.
  }
}
