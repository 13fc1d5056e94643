import { openDB, type DBSchema, type IDBPDatabase } from 'idb'

/** Something to be sent, kept until somebody says what became of it. */
export interface Item {
  /** The same id replaces: a fact's own, or what it is about. */
  id: string
  /** Which way it is sent. */
  way: string
  boat: string
  body: unknown
  /** What lists show until it is sent. */
  words: string
  /** The line it is about, as lists name it. */
  label?: string
  /** In which order it was added. */
  order: number
  /** Why the server would not take it, with the fields that are at fault; it stays until it is mended or thrown away. */
  refused?: { says: string; faults: readonly { field: string; message: string; mend: string }[] }
}

interface Schema extends DBSchema {
  outbox: { key: string; value: Item; indexes: { order: number } }
  content: { key: string; value: { hash: string; body: unknown; order: number } }
}

let opened: Promise<IDBPDatabase<Schema>> | undefined

/** One store a browser, whatever tab. Later versions add to it and never drop what is not sent. */
const db = async () =>
  (opened ??= openDB<Schema>('moss', 1, {
    upgrade(made) {
      made.createObjectStore('outbox', { keyPath: 'id' }).createIndex('order', 'order')
      made.createObjectStore('content', { keyPath: 'hash' })
    },
    // A page of a later version wants in: it gets in, and this one opens again when it next needs to.
    blocking: (_current, _blocked, event) => {
      ;(event.target as IDBDatabase).close()
      opened = undefined
    },
    terminated: () => (opened = undefined),
  }).catch((error: unknown) => {
    opened = undefined
    throw error
  }))

/** What is in it survives a power cut: told only when it is on the disk. */
const STRICT = { durability: 'strict' } as const
const KEPT_CONTENTS = 200

const disk = {
  all: async (): Promise<Item[]> => (await db()).getAllFromIndex('outbox', 'order'),

  put: async (item: Omit<Item, 'order'> & { order?: number }): Promise<void> => {
    const tx = (await db()).transaction('outbox', 'readwrite', STRICT)
    const last = await tx.store.index('order').openKeyCursor(null, 'prev')
    const order = item.order ?? (typeof last?.key === 'number' ? last.key : 0) + 1
    await tx.store.put({ ...item, order })
    await tx.done
  },

  /** Those that were sent go, and those that were refused are marked; what was put anew meanwhile stays as it is. */
  settle: async (sent: readonly Item[], refused: readonly Item[]): Promise<void> => {
    const tx = (await db()).transaction('outbox', 'readwrite', STRICT)
    const unchanged = async (item: Item) => (await tx.store.get(item.id))?.order === item.order
    for (const item of sent) if (await unchanged(item)) await tx.store.delete(item.id)
    for (const item of refused) if (await unchanged(item)) await tx.store.put(item)
    await tx.done
  },

  discard: async (id: string): Promise<void> => {
    await (await db()).delete('outbox', id)
  },

  /** What is still to be sent may name any of them; once nothing is, only the newest ones stay. */
  putContent: async (hash: string, body: unknown): Promise<void> => {
    const tx = (await db()).transaction(['content', 'outbox'], 'readwrite', STRICT)
    const contents = tx.objectStore('content')
    await contents.put({ hash, body, order: Date.now() })
    if ((await tx.objectStore('outbox').count()) === 0) {
      const all = await contents.getAll()
      const old = all.sort((a, b) => b.order - a.order).slice(KEPT_CONTENTS)
      await Promise.all(old.map((one) => contents.delete(one.hash)))
    }
    await tx.done
  },

  contents: async (hashes: readonly string[]): Promise<unknown[]> => {
    const tx = (await db()).transaction('content')
    const found = await Promise.all([...new Set(hashes)].map((hash) => tx.store.get(hash)))
    return found.flatMap((one) => (one ? [one.body] : []))
  },
}

/** What the disk does not take (a private window, no room left): as long as this page lives, after all that is on it. */
const memory = (): typeof disk => {
  const items = new Map<string, Item>()
  const contents = new Map<string, unknown>()
  let last = 1e12
  return {
    all: async () => [...items.values()].sort((a, b) => a.order - b.order),
    put: async (item) => void items.set(item.id, { ...item, order: item.order ?? ++last }),
    settle: async (sent, refused) => {
      const unchanged = (item: Item) => items.get(item.id)?.order === item.order
      for (const item of sent) if (unchanged(item)) items.delete(item.id)
      for (const item of refused) if (unchanged(item)) items.set(item.id, item)
    },
    discard: async (id) => void items.delete(id),
    putContent: async (hash, body) => void contents.set(hash, body),
    contents: async (hashes) => [...new Set(hashes)].flatMap((hash) => contents.get(hash) ?? []),
  }
}

const fleeting = memory()
let holdsFleeting = false

/** True where something was not taken by the disk: it goes with the page. */
export const keepsNothing = () => holdsFleeting

async function orNothing<T>(asked: Promise<T[]>): Promise<T[]> {
  return asked.catch(() => [])
}

export const store: typeof disk = {
  all: async () => {
    const held = await fleeting.all()
    holdsFleeting = held.length > 0
    return [...(await orNothing(disk.all())), ...held]
  },
  put: async (item) => disk.put(item).catch(() => fleeting.put(item)),
  settle: async (sent, refused) => {
    await fleeting.settle(sent, refused)
    await disk.settle(sent, refused).catch(() => undefined)
  },
  discard: async (id) => {
    await fleeting.discard(id)
    await disk.discard(id).catch(() => undefined)
  },
  putContent: async (hash, body) => disk.putContent(hash, body).catch(() => fleeting.putContent(hash, body)),
  contents: async (hashes) => [
    ...(await orNothing(disk.contents(hashes))),
    ...(await fleeting.contents(hashes)),
  ],
}
