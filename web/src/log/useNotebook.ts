import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import type { Problem } from '../shared/api/client'
import { readNotebook, takeBack, type Notebook, type Reading, type Target } from './queries'

interface Looked {
  table: Blob
  name: string
  reading: Reading
  seen: Notebook
}

/** A table on its way into the log: looked at as often as its reading is changed, then taken in. */
export function useNotebook(boat: string, feet: boolean) {
  const queries = useQueryClient()
  const [looked, setLooked] = useState<Looked | null>(null)
  const [busy, setBusy] = useState(false)
  const [said, setSaid] = useState<{ words: string; wrong: boolean } | null>(null)
  const changed = () => queries.invalidateQueries({ queryKey: ['years', boat] })
  const run = async (task: () => Promise<void>) => {
    setBusy(true)
    setSaid(null)
    try {
      await task()
    } catch (problem) {
      setSaid({ words: (problem as Problem).said.join(' '), wrong: true })
    } finally {
      setBusy(false)
    }
  }
  const look = (table: Blob, name: string, reading: Reading) =>
    run(async () => setLooked({ table, name, reading, seen: await readNotebook(boat, table, reading, null) }))
  return {
    looked,
    busy,
    said,
    open: (table: Blob, name: string) => void look(table, name, { columns: null, dayFirst: true, feet }),
    /** Rows of the table that is looked at, mended: they are read as it is. */
    mended: (table: Blob) => {
      if (!looked) return
      const columns = looked.seen.columns.map(({ target }) => target)
      void look(table, `${looked.name}, mended rows`, { ...looked.reading, columns })
    },
    read: (change: Partial<Reading>) => {
      if (looked) void look(looked.table, looked.name, { ...looked.reading, ...change })
    },
    column: (at: number, target: Target) => {
      if (!looked) return
      const columns = looked.seen.columns.map((one, i) => (i === at ? target : one.target))
      void look(looked.table, looked.name, { ...looked.reading, columns })
    },
    take: () => {
      if (!looked) return
      const columns = looked.seen.columns.map(({ target }) => target)
      void run(async () => {
        const { taken } = await readNotebook(
          boat,
          looked.table,
          { ...looked.reading, columns },
          { name: looked.name },
        )
        await changed()
        setLooked({ ...looked, seen: { ...looked.seen, taken } })
        const again = taken?.again ? ` ${taken.again} were in the log already.` : ''
        const added = taken?.added ?? 0
        setSaid({ words: `${added} ${added === 1 ? 'row' : 'rows'} taken in.${again}`, wrong: false })
      })
    },
    takeBack: (imported: string) =>
      void run(async () => {
        await takeBack(boat, imported)
        await changed()
        setSaid({ words: 'Taken back: its rows have left the log.', wrong: false })
      }),
    another: () => setLooked(null),
  }
}
