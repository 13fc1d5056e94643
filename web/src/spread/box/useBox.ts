import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { gearOf, putAwayOf, type Gear } from '../../draft/queries'
import { Problem } from '../../shared/api/client'
import { restore, type Box } from './restore'

interface Done {
  words: string
  before: Box
  after: Box
}

/** The box as it is changed: what was done is said and can be undone, what was refused is said. */
export function useBox(boat: string, gear: Gear) {
  const queries = useQueryClient()
  const away = useQuery(putAwayOf(boat)).data ?? []
  const [done, setDone] = useState<readonly Done[]>([])
  const [said, setSaid] = useState<readonly string[]>([])
  const read = async (): Promise<Box> => {
    await queries.invalidateQueries({ queryKey: gearOf(boat).queryKey })
    const things = queries.getQueryData(putAwayOf(boat).queryKey) ?? []
    return {
      gear: queries.getQueryData(gearOf(boat).queryKey) ?? gear,
      away: new Set(things.map(({ thing }) => thing)),
    }
  }
  const refused = (error: unknown) => {
    setSaid(error instanceof Problem ? error.said : [(error as Error).message])
  }
  /** Throws what is refused. */
  const attempt = async (run: () => Promise<string>) => {
    const before: Box = { gear, away: new Set(away.map(({ thing }) => thing)) }
    const words = await run()
    const after = await read()
    setDone((all) => [...all, { words, before, after }])
    setSaid([words])
  }
  const act = (run: () => Promise<string>) => attempt(run).catch(refused)
  const undo = async () => {
    const last = done.at(-1)
    if (!last) return
    try {
      await restore(boat, last.before, last.after, await read())
      await read()
      setDone((all) => all.slice(0, -1))
      setSaid([`Undone: ${last.words}`])
    } catch (error) {
      refused(error)
    }
  }
  return { away, act, attempt, undo: done.length > 0 ? undo : null, said }
}

export type BoxEdits = ReturnType<typeof useBox>
