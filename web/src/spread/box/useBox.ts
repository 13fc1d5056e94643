import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
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
  // What was done, and a count of it to draw by: a second undo must not take the first one's step again.
  const done = useRef<Done[]>([])
  const [count, setCount] = useState(0)
  const turn = useRef<Promise<unknown>>(Promise.resolve())
  const [said, setSaid] = useState<readonly string[]>([])
  const read = async (): Promise<Box> => {
    await queries.invalidateQueries({ queryKey: gearOf(boat).queryKey })
    return now()
  }
  const refused = (error: unknown) => {
    setSaid(error instanceof Problem ? error.said : [(error as Error).message])
  }
  /** One after the other, however fast they are asked for: an undo is of what was asked for last, done or not yet. */
  const inTurn = <T>(run: () => Promise<T>): Promise<T> => {
    const next = turn.current.then(run)
    turn.current = next.catch(() => undefined)
    return next
  }
  const now = (): Box => ({
    gear: queries.getQueryData(gearOf(boat).queryKey) ?? gear,
    away: new Set((queries.getQueryData(putAwayOf(boat).queryKey) ?? away).map(({ thing }) => thing)),
  })
  /** Throws what is refused. */
  const attempt = (run: () => Promise<string>) =>
    inTurn(async () => {
      const before = now()
      const words = await run()
      const after = await read()
      done.current.push({ words, before, after })
      setCount(done.current.length)
      setSaid([words])
    })
  const act = (run: () => Promise<string>) => attempt(run).catch(refused)
  const takeBack = async () => {
    const last = done.current.pop()
    if (!last) return
    setCount(done.current.length)
    try {
      await restore(boat, last.before, last.after, await read())
      await read()
      setSaid([`Undone: ${last.words}`])
    } catch (error) {
      done.current.push(last)
      setCount(done.current.length)
      refused(error)
    }
  }
  const undo = () => inTurn(takeBack)
  return { away, act, attempt, undo: count > 0 ? undo : null, said }
}

export type BoxEdits = ReturnType<typeof useBox>
