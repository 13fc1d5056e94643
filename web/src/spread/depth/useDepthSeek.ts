import { useCallback, useState } from 'react'
import { Problem } from '../../shared/api/client'
import { useNewestNext } from '../../shared/useNewestNext'
import { lineOf, type Doc } from '../../draft/model'
import { waysTo } from '../../draft/queries'
import type { Change } from '../../draft/useEditor'
import { reaching, tenth, type Seeking } from './model'

interface Wanted {
  doc: Doc
  lineId: string
  depthM: number
}

/** Seeks let-out or cable for a depth as it changes under the finger. */
export function useDepthSeek(boat: string, onFound: (change: Change) => void, onDone: () => void) {
  const [seeking, setSeeking] = useState<Seeking | null>(null)
  const queue = useNewestNext(async ({ doc, lineId, depthM }: Wanted) => {
    const knob = lineOf(doc, lineId)?.deep ? 'cable' : 'letOut'
    setSeeking((before) => ({ lineId, depthM, knob, ...(before?.sought && { sought: before.sought }) }))
    try {
      const sought = (await waysTo(boat, { draft: doc.draft, lineId, depthM }))[knob]
      const found: Seeking = { lineId, depthM, knob, ...(sought && { sought }) }
      onFound(reaching(found))
      setSeeking(found)
    } catch (problem) {
      if (!(problem instanceof Problem)) throw problem
      setSeeking(null)
    }
  })

  const seek = useCallback(
    (doc: Doc, lineId: string, depthM: number) =>
      queue.ask({ doc, lineId, depthM: Math.max(0.1, tenth(depthM)) }),
    [queue],
  )

  /** The finger is up: whatever is still asked for is the last. */
  const finish = useCallback(() => {
    void queue.settled().then(() => {
      // What was reached is on the drawing; what stopped it stays written.
      setSeeking((before) => (before?.sought?.value === undefined ? before : null))
      onDone()
    })
  }, [onDone, queue])

  const forget = useCallback(() => setSeeking(null), [])
  return { seeking, seek, finish, forget }
}
