import { useCallback, useRef, useState } from 'react'
import { Problem } from '../../shared/api/client'
import { lineOf, setDeep, setLetOut, type Doc } from '../model'
import { waysTo, type Sought } from '../queries'
import type { Change } from '../useEditor'

export interface Seeking {
  lineId: string
  depthM: number
  knob: 'letOut' | 'cable'
  /** Absent until the first answer. */
  sought?: Sought
}

const tenth = (metres: number) => Math.round(metres * 10) / 10

/** The change that brings a line's lure as near to a wanted depth as can be, by what was found. */
export const reaching = (seeking: Seeking): Change => {
  const { sought, lineId, knob, depthM } = seeking
  if (!sought) return (doc) => doc
  const end = depthM > sought.deepestM ? sought.atDeepest : sought.atShallowest
  const value = tenth(sought.value ?? end)
  return (doc) =>
    knob === 'cable' ? setDeep(doc, lineId, { cableOutM: value }) : setLetOut(doc, lineId, value)
}

/** Seeks let-out or cable for a depth as it changes under the finger: one request at a time, the newest next. */
export function useDepthSeek(boat: string, onFound: (change: Change) => void, onDone: () => void) {
  const [seeking, setSeeking] = useState<Seeking | null>(null)
  const work = useRef({
    wanted: null as null | { doc: Doc; lineId: string; depthM: number },
    busy: false,
    last: false,
  })

  const run = useCallback(async () => {
    const state = work.current
    state.busy = true
    while (state.wanted) {
      const { doc, lineId, depthM } = state.wanted
      state.wanted = null
      const knob = lineOf(doc, lineId)?.deep ? 'cable' : 'letOut'
      setSeeking((before) => ({ lineId, depthM, knob, ...(before?.sought && { sought: before.sought }) }))
      try {
        const ways = await waysTo(boat, { draft: doc.draft, lineId, depthM })
        const found = { lineId, depthM, knob, sought: ways[knob] } as Seeking
        onFound(reaching(found))
        setSeeking(found)
      } catch (problem) {
        if (!(problem instanceof Problem)) throw problem
        setSeeking(null)
      }
    }
    state.busy = false
    if (state.last) {
      state.last = false
      // What was reached is on the drawing; what stopped it stays written.
      setSeeking((before) => (before?.sought?.value === undefined ? before : null))
      onDone()
    }
  }, [boat, onDone, onFound])

  const seek = useCallback(
    (doc: Doc, lineId: string, depthM: number) => {
      work.current.wanted = { doc, lineId, depthM: Math.max(0.1, tenth(depthM)) }
      if (!work.current.busy) void run()
    },
    [run],
  )

  /** The finger is up: whatever is still asked for is the last. */
  const finish = useCallback(() => {
    work.current.last = true
    if (!work.current.busy) void run()
  }, [run])

  const forget = useCallback(() => setSeeking(null), [])
  return { seeking, seek, finish, forget }
}
