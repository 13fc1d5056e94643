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

  /** The newest ones stay, so that a server that lost one can be given it again. */
  putContent: async (hash: string, body: unknown): Promise<void> => {
    const tx = (await db()).transaction('content', 'readwrite', STRICT)
    await tx.store.put({ hash, body, order: Date.now() })
    const all = await tx.store.getAll()
    const old = all.sort((a, b) => b.order - a.order).slice(KEPT_CONTENTS)
    await Promise.all(old.map((one) => tx.store.delete(one.hash)))
    await tx.done
  },

  contents: async (hashes: readonly string[]): Promise<unknown[]> => {
    const tx = (await db()).transaction('content')
    const found = await Promise.all([...new Set(hashes)].map((hash) => tx.store.get(hash)))
    return found.flatMap((one) => (one ? [one.body] : []))
  },
}

/** Where a browser lets nothing be kept (a private window, a full disk): as long as this page lives. */
const memory = (): typeof disk => {
  const items = new Map<string, Item>()
  const contents = new Map<string, unknown>()
  let last = 0
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

let kept: typeof disk | undefined

/** The disk, or memory where that cannot be had. */
async function place(): Promise<typeof disk> {
  if (kept === undefined) {
    kept = await db().then(
      () => disk,
      () => memory(),
    )
  }
  return kept
}

/** True where what is not sent goes with the page. */
export const keepsNothing = () => kept !== undefined && kept !== disk

export const store: typeof disk = {
  all: async () => (await place()).all(),
  put: async (item) => (await place()).put(item),
  settle: async (sent, refused) => (await place()).settle(sent, refused),
  discard: async (id) => (await place()).discard(id),
  putContent: async (hash, body) => (await place()).putContent(hash, body),
  contents: async (hashes) => (await place()).contents(hashes),
}
